/** Two hands in one work: every letter stays, a letter costs a letter, and what was written whole before is read and written on. */
import * as Y from 'yjs';
import { type Added, emptyWork, type Work, type WorkChange } from '../work/index.js';
import { encodeWork, readWorkDocument, workScope, writeWorkChanges } from './work-document.js';

const words = (id: string, text: string): WorkChange => ({ part: 'answers', id, value: { kind: 'words', text } });
const blank = (id: string, value: string): WorkChange => ({ part: 'blanks', id, value });

/** Two devices that have the same, and what is exchanged between them. */
function pair(stored?: Uint8Array): { one: Y.Doc; other: Y.Doc; meet: () => void } {
  const [one, other] = [new Y.Doc(), new Y.Doc()];
  for (const doc of [one, other]) if (stored) Y.applyUpdate(doc, stored);
  const meet = () => {
    const [a, b] = [Y.encodeStateAsUpdate(one), Y.encodeStateAsUpdate(other)];
    Y.applyUpdate(other, a);
    Y.applyUpdate(one, b);
    expect(readWorkDocument(one)).toEqual(readWorkDocument(other));
  };
  return { one, other, meet };
}
const textOf = (doc: Y.Doc, id: string): string => {
  const answer = readWorkDocument(doc).answers[id];
  return answer?.kind === 'words' ? answer.text : '';
};

test('two hands that begin one answer at once, apart from one another, keep every letter of both', () => {
  const { one, other, meet } = pair();
  writeWorkChanges(one, [words('why', 'The moon'), blank('word', 'ebb')]);
  writeWorkChanges(other, [words('why', ' pulls the sea'), blank('word', 'flow')]);
  meet();
  for (const part of ['The moon', ' pulls the sea']) expect(textOf(one, 'why')).toContain(part);
  for (const part of ['ebb', 'flow']) expect(readWorkDocument(one).blanks['word']).toContain(part);
});

test('two hands in the middle of one answer keep what both did', () => {
  const { one, other, meet } = pair();
  writeWorkChanges(one, [words('why', 'The sea rises.')]);
  meet();
  writeWorkChanges(one, [words('why', 'The sea rises twice a day.')]);
  writeWorkChanges(other, [words('why', 'Look: The sea rises.')]);
  meet();
  expect(textOf(one, 'why')).toBe('Look: The sea rises twice a day.');
});

test('a field that shows what was there a moment ago takes nothing back that came since', () => {
  const { one, other, meet } = pair();
  writeWorkChanges(one, [words('why', 'Tide')]);
  meet();
  const seen = readWorkDocument(one);
  writeWorkChanges(other, [words('why', 'High Tide')]);
  meet();
  writeWorkChanges(one, [words('why', 'Tides')], 'me', seen);
  expect(textOf(one, 'why')).toBe('High Tides');
});

test('of options that two choose at once one is chosen, whole', () => {
  const { one, other, meet } = pair();
  writeWorkChanges(one, [{ part: 'blanks', id: 'word', value: 'ebb', chosen: true }]);
  writeWorkChanges(other, [{ part: 'blanks', id: 'word', value: 'flood', chosen: true }]);
  meet();
  expect(['ebb', 'flood']).toContain(readWorkDocument(one).blanks['word']);
});

test('two who move and write one text both succeed, and a picture that is moved is not sent again', () => {
  const { one, other, meet } = pair();
  const place = { areaId: 'area', x: 10, y: 20, width: 90, height: 60 };
  const note: Added = { kind: 'text', ...place, text: 'crab', size: 30 };
  const pixels = { width: 9, height: 6 };
  const picture: Added = {
    kind: 'picture',
    ...place,
    bytes: 'A'.repeat(100_000),
    type: 'image/jpeg',
    pixels,
    alt: '',
    credit: '',
  };
  writeWorkChanges(one, [
    { part: 'added', id: 'note', value: note },
    { part: 'added', id: 'picture', value: picture },
  ]);
  meet();
  const sizes: number[] = [];
  one.on('update', (update: Uint8Array) => sizes.push(update.length));
  writeWorkChanges(one, [
    { part: 'added', id: 'note', value: { ...note, x: 50 } },
    { part: 'added', id: 'picture', value: { ...picture, x: 50 } },
  ]);
  writeWorkChanges(other, [{ part: 'added', id: 'note', value: { ...note, text: 'a crab', y: 70 } }]);
  expect(Math.max(...sizes)).toBeLessThan(300);
  meet();
  expect(readWorkDocument(one).added['note']).toEqual({ ...note, text: 'a crab', x: 50, y: 70 });
  expect(readWorkDocument(one).added['picture']).toEqual({ ...picture, x: 50 });
});

test('2,000 letters typed are sent as kilobytes', () => {
  const doc = new Y.Doc();
  let sent = 0;
  doc.on('update', (update: Uint8Array) => (sent += update.length));
  let text = '';
  for (let at = 0; at < 2000; at += 1) {
    text += 'abcdefghij'[at % 10] ?? '';
    writeWorkChanges(doc, [words('why', text)]);
  }
  expect(textOf(doc, 'why')).toBe(text);
  expect(sent).toBeLessThan(100_000);
});

test('what was written whole before is read, written on, and taken back like any other', () => {
  const before: Work = { ...emptyWork, answers: { why: { kind: 'words', text: 'The moon' } }, blanks: { word: 'ebb' } };
  const { one, other, meet } = pair(encodeWork(before));
  expect(readWorkDocument(one)).toEqual(before);
  writeWorkChanges(one, [words('why', 'The moon pulls'), blank('word', 'ebbs')]);
  meet();
  writeWorkChanges(one, [words('why', 'The moon pulls it')]);
  writeWorkChanges(other, [words('why', 'So the moon pulls')]);
  meet();
  expect(textOf(one, 'why')).toBe('So the moon pulls it');
  writeWorkChanges(one, [{ part: 'blanks', id: 'word', value: null }]);
  expect(readWorkDocument(one).blanks).toEqual({});
  writeWorkChanges(one, [blank('word', 'flow')]);
  meet();
  expect(readWorkDocument(other).blanks).toEqual({ word: 'flow' });
});

test('a step back takes back what one typed, and nothing of the other hand’s', () => {
  const { one, other, meet } = pair();
  const history = new Y.UndoManager(workScope(one), { trackedOrigins: new Set(['me']), captureTimeout: 0 });
  writeWorkChanges(one, [words('why', 'mine')], 'me');
  meet();
  writeWorkChanges(other, [words('why', 'theirs mine')]);
  meet();
  history.undo();
  expect(textOf(one, 'why').trim()).toBe('theirs');
  history.redo();
  expect(textOf(one, 'why')).toBe('theirs mine');
});

test('emptied, an answer is an empty one that both go on writing in', () => {
  const { one, other, meet } = pair();
  writeWorkChanges(one, [blank('word', 'ebb')]);
  meet();
  writeWorkChanges(one, [blank('word', '')]);
  writeWorkChanges(other, [blank('word', 'ebb!')]);
  meet();
  expect(readWorkDocument(one).blanks['word']).toBe('!');
});
