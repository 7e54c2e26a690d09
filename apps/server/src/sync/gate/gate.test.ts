import { addItem, addSlide, applyChanges, type Deck, emptyDeck } from '@gobrel/core/deck';
import { encodeDeck, encodeWork, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { emptyWork, type Work, workLimits } from '@gobrel/core/work';
import { createEncoder, toUint8Array, writeVarString, writeVarUint, writeVarUint8Array } from 'lib0/encoding';
import fc from 'fast-check';
import { Awareness, applyAwarenessUpdate, encodeAwarenessUpdate } from 'y-protocols/awareness';
import * as Y from 'yjs';
import { DocumentGate, ownAwareness, readClientMessage, rulesFor, type WorkFacts } from './index.js';
import { LARGEST_WORK } from './work-rules.js';

const withSlide = applyChanges(emptyDeck('x'), addSlide(emptyDeck('x'), { id: 's', name: 'S' }));
const add = (deck: Deck, id: string, kind: 'blank' | 'draw' | 'short-text') =>
  applyChanges(deck, addItem(deck, { id, slideId: 's', kind }));
const edition = add(add(add(withSlide, 'word', 'blank'), 'sketch', 'draw'), 'why', 'short-text');
const facts: WorkFacts = { edition, mode: 'copy-each' };
const update = (work: Partial<Work>) => encodeWork({ ...emptyWork, ...work });

/** What a device sends after doing something to a document it has. */
function sent(live: Y.Doc, act: (device: Y.Doc) => void): Uint8Array {
  const device = new Y.Doc();
  Y.applyUpdate(device, Y.encodeStateAsUpdate(live));
  const before = Y.encodeStateVector(device);
  act(device);
  return Y.encodeStateAsUpdate(device, before);
}

/** An open document with its gate. */
function open(kind: 'deck' | 'lesson' | 'work', state?: Uint8Array) {
  const live = new Y.Doc();
  if (state) Y.applyUpdate(live, state);
  const gate = new DocumentGate(rulesFor(kind), live);
  const judge = (change: Uint8Array, known: WorkFacts = facts) => gate.judge(change, known).refusals;
  const take = (change: Uint8Array) => {
    const refusals = judge(change);
    if (refusals.length === 0) Y.applyUpdate(live, change);
    return refusals;
  };
  return { live, gate, judge, take };
}

describe('work', () => {
  test('that fits passes, and leaves the document as it was', () => {
    const { live, judge } = open('work');
    expect(judge(update({ blanks: { word: 'eel' } }))).toEqual([]);
    expect(live.getMap('blanks').size).toBe(0);
  });

  test('what does not fit is named, and what is no part of work', () => {
    expect(open('work').judge(update({ blanks: { other: 'eel' } }))).toEqual(['other is not a blank of this edition']);
    const strange = new Y.Doc();
    strange.getMap('slides').set('s', 1);
    expect(open('work').judge(Y.encodeStateAsUpdate(strange))).toEqual(['slides is no part of it']);
  });

  const shapes: [string, (doc: Y.Doc) => void][] = [
    ['a number for a text', (doc) => doc.getMap('blanks').set('word', 7)],
    ['a list for a part', (doc) => doc.getArray('blanks').push(['word'])],
    ['a document within the document', (doc) => doc.getMap('answers').set('why', new Y.Doc())],
    ['bytes', (doc) => doc.getMap('answers').set('why', new Uint8Array(9))],
    ['something endlessly deep', (doc) => doc.getMap('added').set('a', deep(200))],
    ['maps within maps without end', (doc) => putDeepMaps(doc.getMap('added'), 200)],
  ];
  test.each(shapes)('%s is refused', (_name, act) => {
    const { live, judge } = open('work');
    expect(judge(sent(live, act))).not.toEqual([]);
  });

  test('what cannot be read, or builds on what is not here, is refused, and whatever comes next is judged as before', () => {
    const { judge } = open('work');
    const device = new Y.Doc();
    device.getMap('blanks').set('word', 'first');
    const before = Y.encodeStateVector(device);
    device.getMap('blanks').set('word', 'second');
    expect(judge(Y.encodeStateAsUpdate(device, before))).toEqual(['it builds on what is not here']);
    expect(judge(new Uint8Array([1, 2, 3, 255]))).toEqual(['it cannot be read']);
    // Says that it holds 33 million changes.
    const boast = Buffer.from('9bce03e6c6fa0f00280106626c616e6b7304776f726401770365656c00', 'hex');
    expect(judge(boast)).toEqual(['it cannot be read']);
    expect(judge(update({ blanks: { word: 'eel' } }))).toEqual([]);
  });

  test('a document that was stored incomplete is gone on with', () => {
    const device = new Y.Doc();
    device.getMap('answers').set('why', { kind: 'words', text: 'first' });
    const before = Y.encodeStateVector(device);
    device.getMap('answers').set('why', { kind: 'words', text: 'second' });
    const { live, judge } = open('work', Y.encodeStateAsUpdate(device, before));
    expect(live.store.pendingStructs).not.toBeNull();
    expect(judge(update({ blanks: { word: 'eel' } }))).toEqual([]);
    expect(judge(update({ blanks: { other: 'eel' } }))).toEqual(['other is not a blank of this edition']);
  });

  test('work that is too large is refused by what it would be, not by how often it is sent', () => {
    const large = update({ blanks: { word: 'x'.repeat(LARGEST_WORK * 0.75) } });
    const { judge } = open('work', large);
    expect(judge(large)).not.toContain('it is too large');
    expect(judge(update({ blanks: { other: 'x'.repeat(LARGEST_WORK * 0.75) } }))).toContain('it is too large');
  });

  test('what is as large as all limits together allow is not too large', () => {
    const { allPictures, allRecordings, allPoints, added, addedThings, longText } = workLimits;
    // Letters of three bytes, and numbers of a point of four, in a worksheet with twenty long texts.
    const most = allPictures + allRecordings + allPoints * 4 + (added * addedThings + longText * 20) * 3;
    expect(most).toBeLessThan(LARGEST_WORK);
  });

  test('limits of all of it together hold over many small changes, and what is taken away makes room again', () => {
    const { live, take } = open('work');
    const stroke = { itemId: 'sketch', tool: 'pen' as const, color: '#1d2b2a', width: 4 };
    const half = { ...stroke, points: Array.from({ length: workLimits.strokePoints }, () => 1) };
    const fitting = workLimits.allPoints / workLimits.strokePoints;
    const draw = (id: number, value: typeof half | null) =>
      take(sent(live, (doc) => writeWorkChanges(doc, [{ part: 'drawn', id: `s${id}`, value }])));
    for (let count = 0; count < fitting; count += 1) expect(draw(count, half)).toEqual([]);
    expect(draw(fitting, half)).toEqual(['more is drawn than there is room for']);
    expect(draw(0, null)).toEqual([]);
    expect(draw(fitting, half)).toEqual([]);
  });

  test('what the server changed is counted on', () => {
    const { live, gate, judge } = open('work');
    const change = update({ blanks: { word: 'tern' } });
    Y.applyUpdate(live, change);
    gate.follow(change);
    expect(judge(sent(live, (doc) => doc.getMap('blanks').set('word', 'eel')))).toEqual([]);
  });

  test('what fits no more since a correction is no reason to refuse the rest', () => {
    const { live, judge } = open('work', update({ blanks: { gone: 'eel' } }));
    expect(judge(sent(live, (doc) => doc.getMap('blanks').set('word', 'tern')))).toEqual([]);
  });

  test('in a class deck only the pages of one’s own are filled in', () => {
    expect(open('work').judge(update({ blanks: { word: 'eel' } }), { edition, mode: 'slide-each' })).toEqual([
      'word is on a page that stays as it is',
    ]);
  });

  test('whatever bytes come, judging them throws nothing and leaves what is there', () => {
    const state = update({ blanks: { word: 'eel' } });
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 60 }), fc.nat(state.length - 1), fc.nat(255), (noise, at, byte) => {
        const { live, judge } = open('work', state);
        const broken = Uint8Array.from(state);
        broken[at] = byte;
        judge(noise);
        judge(broken);
        expect(live.getMap('blanks').toJSON()).toEqual({ word: 'eel' });
      }),
      { numRuns: 300 },
    );
  });
});

describe('a deck', () => {
  const state = encodeDeck(edition);

  test('takes what its editors write', () => {
    const { live, take } = open('deck', state);
    const changes = addItem(edition, { id: 'title', slideId: 's', kind: 'text' });
    expect(take(sent(live, (doc) => writeChanges(doc, changes)))).toEqual([]);
    expect(take(sent(live, (doc) => writeChanges(doc, [{ type: 'set-deck', fields: { title: 'Tides' } }])))).toEqual(
      [],
    );
    const typed = sent(live, (doc) => {
      const item = doc.getMap<Y.Map<unknown>>('items').get('title');
      const text = item?.get('text');
      if (!(text instanceof Y.XmlFragment)) throw new Error('a text has a text');
      text.insert(0, [new Y.XmlElement('paragraph')]);
    });
    expect(take(typed)).toEqual([]);
    expect(take(sent(live, (doc) => writeChanges(doc, [{ type: 'remove-slide', id: 's' }])))).toEqual([]);
  });

  const refused: [string, (doc: Y.Doc) => void][] = [
    ['a slide that is no map', (doc) => doc.getMap('slides').set('t', 'a slide')],
    ['an item that is a list', (doc) => doc.getMap('items').set('t', new Y.Array())],
    ['a root of its own', (doc) => doc.getMap('secrets').set('t', 1)],
    ['a list where there are maps', (doc) => doc.getArray('items').push([1])],
    ['an id that is none', (doc) => doc.getMap('items').set('<script>', new Y.Map())],
    ['a field with a document in it', (doc) => doc.getMap('deck').set('title', new Y.Doc())],
    ['a field with a text in it', (doc) => fieldOf(doc, 'word').set('frame', new Y.Text('x'))],
    ['a text that is none', (doc) => fieldOf(doc, 'word').set('text', 5)],
    ['a field endlessly deep', (doc) => doc.getMap('deck').set('title', deep(200))],
  ];
  test.each(refused)('%s is refused', (_name, act) => {
    const { live, judge } = open('deck', state);
    expect(judge(sent(live, act))).not.toEqual([]);
  });

  test('what was strange before is no reason to refuse anything', () => {
    const strange = new Y.Doc();
    Y.applyUpdate(strange, state);
    fieldOf(strange, 'word').set('text', 5);
    const { live, judge } = open('deck', Y.encodeStateAsUpdate(strange));
    expect(judge(sent(live, (doc) => fieldOf(doc, 'word').set('hidden', true)))).toEqual([]);
  });
});

describe('a lesson', () => {
  test('takes plain fields, and nothing else', () => {
    const { live, judge, take } = open('lesson');
    expect(take(sent(live, (doc) => doc.getMap('lesson').set('dark', true)))).toEqual([]);
    expect(judge(sent(live, (doc) => doc.getMap('lesson').set('dark', new Y.Map())))).toEqual([
      'dark is no field of a lesson',
    ]);
    expect(judge(sent(live, (doc) => doc.getMap('marks').set('dark', 1)))).toEqual(['marks is no part of it']);
  });
});

describe('messages', () => {
  function message(type: number, step: number, payload: Uint8Array): Uint8Array {
    const encoder = createEncoder();
    writeVarString(encoder, 'work:l:p');
    writeVarUint(encoder, type);
    writeVarUint(encoder, step);
    writeVarUint8Array(encoder, payload);
    return toUint8Array(encoder);
  }

  test('carry an update in both kinds of sync messages; broadcasts and other things are strange', () => {
    const payload = new Uint8Array([1, 2, 3]);
    expect(readClientMessage(message(0, 2, payload))).toEqual({ type: 'update', update: payload });
    expect(readClientMessage(message(4, 1, payload))).toEqual({ type: 'update', update: payload });
    expect(readClientMessage(message(0, 0, payload))).toEqual({ type: 'asking' });
    expect(readClientMessage(message(1, 0, payload)).type).toBe('awareness');
    for (const type of [5, 6, 8, 99]) expect(readClientMessage(message(type, 0, payload))).toEqual({ type: 'strange' });
  });

  test('say where somebody is of that one only, and briefly', () => {
    const [mine, other] = [new Awareness(new Y.Doc()), new Awareness(new Y.Doc())];
    mine.setLocalState({ at: 'shore' });
    other.setLocalState({ at: 'marsh' });
    applyAwarenessUpdate(mine, encodeAwarenessUpdate(other, [other.clientID]), 'network');
    const both = encodeAwarenessUpdate(mine, [mine.clientID, other.clientID]);
    const said = (payload: Uint8Array) => {
      const listener = new Awareness(new Y.Doc());
      listener.setLocalState(null);
      applyAwarenessUpdate(listener, payload, 'network');
      const states = [...listener.getStates().values()];
      listener.destroy();
      return states;
    };
    expect(said(ownAwareness(both, (client) => client === mine.clientID))).toEqual([{ at: 'shore' }]);
    expect(said(ownAwareness(both, () => false))).toEqual([]);
    mine.setLocalState({ at: 'x'.repeat(3000) });
    expect(said(ownAwareness(encodeAwarenessUpdate(mine, [mine.clientID]), () => true))).toEqual([]);
    for (const each of [mine, other]) each.destroy();
  });
});

function fieldOf(doc: Y.Doc, id: string): Y.Map<unknown> {
  const map = doc.getMap<Y.Map<unknown>>('items').get(id);
  if (!map) throw new Error(`no ${id}`);
  return map;
}

function deep(levels: number): unknown {
  return levels === 0 ? 1 : { in: deep(levels - 1) };
}

function putDeepMaps(map: Y.Map<unknown>, levels: number): void {
  let at = map;
  for (let level = 0; level < levels; level += 1) {
    const next = new Y.Map<unknown>();
    at.set('in', next);
    at = next;
  }
}
