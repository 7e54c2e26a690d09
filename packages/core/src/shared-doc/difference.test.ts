import fc from 'fast-check';
import * as Y from 'yjs';
import { readDeckDocument, writeChanges, writeDeckDocument } from './index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  addSection,
  addSlide,
  applyChanges,
  type Change,
  changesBetween,
  type Deck,
  moveItems,
  NOTEBOOK,
  plainText,
  removeItems,
  removeSlide,
  setItemFields,
  slideDifferences,
  stepEntries,
  themes,
} from '../deck/index.js';

const start = (): Deck =>
  new DeckBuilder('Shore')
    .slide('a')
    .item('one', 'text', { fields: { text: plainText('one') } })
    .slide('b')
    .item('two', 'shape')
    .slide('c').deck;

/** Things an author does, by number. */
const doings: readonly ((deck: Deck, n: number) => Change[])[] = [
  (_deck, n) => [{ type: 'set-deck', fields: { title: `Title ${n}` } }],
  (_deck, n) => [{ type: 'set-deck', fields: { theme: themes[n % themes.length] ?? NOTEBOOK } }],
  (deck, n) => moveItems(deck, Object.keys(deck.items), n, -n),
  (deck, n) => setItemFields(deck, 'one', { text: plainText(`words ${n}`) }),
  (deck, n) => removeItems(deck, [['one', 'two'][n % 2] ?? 'one']),
  (deck, n) => removeSlide(deck, ['a', 'b', 'c'][n % 3] ?? 'a'),
  (deck, n) => addSection(deck, { id: `s${n}`, title: 'S', before: ['a', 'b', 'c'][n % 3] ?? 'a' }),
  (deck, n) => stepEntries(deck, [['a', 'b', 'c'][n % 3] ?? 'a'], 'later'),
];
const histories = fc
  .array(fc.tuple(fc.nat({ max: doings.length - 1 }), fc.nat({ max: 9 })), { maxLength: 12 })
  .map((steps) => steps.reduce((deck, [which, n]) => applyChanges(deck, doings[which]?.(deck, n) ?? []), start()));

test('one deck becomes any other by the changes between them, as a value and as a document', () => {
  fc.assert(
    fc.property(histories, histories, (from, to) => {
      const changes = changesBetween(from, to);
      expect(applyChanges(from, changes)).toEqual(to);
      const doc = new Y.Doc();
      writeDeckDocument(doc, from);
      writeChanges(doc, changes);
      expect(readDeckDocument(doc)).toEqual(to);
      expect(changesBetween(to, JSON.parse(JSON.stringify(to)) as Deck)).toEqual([]);
    }),
    { numRuns: 60 },
  );
});

test('restoring a version can itself be undone', () => {
  const doc = new Y.Doc();
  writeDeckDocument(doc, start());
  const later = readDeckDocument(doc);
  const history = new Y.UndoManager([doc.getMap('deck'), doc.getMap('slides'), doc.getMap('items')], {
    trackedOrigins: new Set(['me']),
  });
  const older = applyChanges(later, [
    ...removeSlide(later, 'b'),
    ...setItemFields(later, 'one', { text: plainText('older') }),
  ]);
  writeChanges(doc, changesBetween(later, older), 'me');
  expect(readDeckDocument(doc)).toEqual(older);
  history.undo();
  expect(readDeckDocument(doc)).toEqual(later);
});

test('slides are told apart by whether anything on them is different', () => {
  const before = start();
  const after = applyChanges(before, [
    ...setItemFields(before, 'one', { text: plainText('else') }),
    ...removeSlide(before, 'c'),
    ...addSlide(before, { id: 'd', name: '' }),
  ]);
  expect(Object.fromEntries(slideDifferences(before, after))).toEqual({
    a: 'changed',
    b: 'same',
    c: 'removed',
    d: 'added',
  });
});
