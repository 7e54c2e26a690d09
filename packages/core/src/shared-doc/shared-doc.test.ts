import fc from 'fast-check';
import * as Y from 'yjs';
import {
  addTableLine,
  applyChanges,
  cellsOf,
  type Change,
  type Deck,
  emptyDeck,
  itemsOf,
  type Item,
  lettersOf,
  linesOf,
  plainText,
  readItem,
  readRichText,
  readSlide,
  removeTableLine,
  setItemFields,
} from '../deck/index.js';
import { addTurn, newLessonState } from '../lesson/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork, type WorkChange } from '../work/index.js';
import {
  changeLesson,
  deckScope,
  encodeDeck,
  encodeWork,
  followDeck,
  formatDocumentName,
  parseDocumentName,
  readDeckDocument,
  readLessonDocument,
  readWorkDocument,
  writeLessonChange,
  textFragment,
  writeChanges,
  writeDeckDocument,
  writeWorkChanges,
} from './index.js';

const slideIds = fc.constantFrom('s1', 's2', 's3');
const itemIds = fc.constantFrom('i1', 'i2', 'i3', 'i4');
const marks = fc.subarray([
  { type: 'bold' },
  { type: 'italic' },
  { type: 'link', attrs: { destination: { to: 'back' } } },
  { type: 'textStyle', attrs: { color: '#b4492a', fontSize: 40, font: 'serif' } },
  { type: 'superscript' },
  { type: 'highlight', attrs: { color: '#f6ead0' } },
]);
const run = fc.oneof(
  fc.record({ type: fc.constant('text'), text: fc.string({ minLength: 1, maxLength: 6 }), marks }),
  fc.constant({ type: 'hardBreak' }),
);
const paragraph = fc.record({
  type: fc.constant('paragraph'),
  attrs: fc.record({ textAlign: fc.constantFrom('left', 'center', 'justify', null) }),
  content: fc.array(run, { maxLength: 4 }),
});
const list = fc.record({
  type: fc.constantFrom('bulletList', 'orderedList'),
  content: fc.array(
    fc.record({ type: fc.constant('listItem'), content: fc.array(paragraph, { minLength: 1, maxLength: 2 }) }),
    { minLength: 1, maxLength: 3 },
  ),
});
const quote = fc.record({
  type: fc.constant('blockquote'),
  content: fc.array(fc.oneof(paragraph, list), { minLength: 1, maxLength: 2 }),
});
const texts = fc
  .array(fc.oneof(paragraph, list, quote), { minLength: 1, maxLength: 4 })
  .map((content) => readRichText({ content }));

const item = (id: string, slideId: string, kind: string, text: unknown): Item => {
  const made = readItem(id, { kind, slideId, rank: 'a0', text });
  if (!made) throw new Error(`no item of kind ${kind}`);
  return made;
};
const changes: fc.Arbitrary<Change> = fc.oneof(
  fc.record({
    type: fc.constant('set-deck' as const),
    fields: fc.record({ title: fc.string(), language: fc.constantFrom(null, 'en-GB', 'ar') }),
  }),
  slideIds.map((id): Change => ({ type: 'put-slide', slide: readSlide(id, { name: id, rank: 'a0' }) })),
  fc.record({
    type: fc.constant('set-slide' as const),
    id: slideIds,
    fields: fc.record({ name: fc.string({ maxLength: 9 }), leftOut: fc.boolean() }),
  }),
  fc.record({ type: fc.constant('remove-slide' as const), id: slideIds }),
  fc
    .tuple(itemIds, slideIds, fc.constantFrom('text', 'shape', 'table', 'zone', 'choice'), texts)
    .map(([id, slideId, kind, text]): Change => ({ type: 'put-item', item: item(id, slideId, kind, text) })),
  fc.record({
    type: fc.constant('set-item' as const),
    id: itemIds,
    fields: fc.record({ name: fc.string({ maxLength: 9 }), link: fc.constantFrom(null, { to: 'back' }) }),
  }),
  fc.record({ type: fc.constant('remove-item' as const), id: itemIds }),
);

describe('a deck as a shared document', () => {
  test('writing changes into the document is the same as applying them to the deck', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.boolean(), fc.array(changes, { maxLength: 4 })), { maxLength: 12 }),
        (batches) => {
          const doc = new Y.Doc();
          let deck: Deck = emptyDeck('');
          writeDeckDocument(doc, deck);
          const follower = followDeck(doc);
          for (const type of deckScope(doc)) type.observeDeep(follower.take);
          for (const [isLookedAt, batch] of batches) {
            deck = applyChanges(deck, batch);
            writeChanges(doc, batch);
            expect(readDeckDocument(doc)).toEqual(deck);
            if (!isLookedAt) continue;
            const live = follower.get();
            expect(live).toEqual(deck);
            expect(follower.get()).toBe(live);
            for (const slideId of Object.keys(deck.slides))
              expect(itemsOf(live, slideId)).toEqual(itemsOf(deck, slideId));
          }
        },
      ),
      { numRuns: 200 },
    );
  });

  test('a text set over another one reads as the new one', () => {
    fc.assert(
      fc.property(texts, texts, (before, after) => {
        const doc = new Y.Doc();
        writeDeckDocument(doc, {
          ...emptyDeck(''),
          slides: { s1: readSlide('s1', {}) },
          items: { i1: item('i1', 's1', 'text', before) },
        });
        expect(readDeckDocument(doc).items['i1']).toMatchObject({ text: before });
        writeChanges(doc, [{ type: 'set-item', id: 'i1', fields: { text: after } }]);
        expect(readDeckDocument(doc).items['i1']).toMatchObject({ text: after });
      }),
    );
  });

  test('two people who type into one text at once both keep their words', () => {
    const { deck } = new DeckBuilder().slide('a').item('t', 'text', { fields: { text: plainText('one\ntwo') } });
    const mine = new Y.Doc();
    const theirs = new Y.Doc();
    Y.applyUpdate(mine, encodeDeck(deck));
    Y.applyUpdate(theirs, Y.encodeStateAsUpdate(mine));
    writeChanges(mine, [{ type: 'set-item', id: 't', fields: { text: plainText('ONE\ntwo') } }]);
    writeChanges(theirs, [{ type: 'set-item', id: 't', fields: { text: plainText('one\nTWO') } }]);
    Y.applyUpdate(mine, Y.encodeStateAsUpdate(theirs));
    Y.applyUpdate(theirs, Y.encodeStateAsUpdate(mine));
    expect(readDeckDocument(mine)).toEqual(readDeckDocument(theirs));
    expect(readDeckDocument(mine).items['t']).toMatchObject({ text: plainText('ONE\nTWO') });
  });

  test('two people who work in one table at once both keep what they did', () => {
    const { deck } = new DeckBuilder().slide('a').item('t', 'table');
    const [one, two] = [new Y.Doc(), new Y.Doc()];
    writeDeckDocument(one, deck);
    Y.applyUpdate(two, Y.encodeStateAsUpdate(one));
    writeChanges(
      one,
      addTableLine(deck, 't', 'row', 3, () => 'new'),
    );
    writeChanges(one, setItemFields(deck, 't', { 'cell:1:1': plainText('mine') }));
    writeChanges(
      two,
      addTableLine(deck, 't', 'column', 0, () => 'new'),
    );
    writeChanges(two, setItemFields(deck, 't', { 'cell:1:2': plainText('yours') }));
    writeChanges(two, removeTableLine(deck, 't', 'row', '2'));
    Y.applyUpdate(one, Y.encodeStateAsUpdate(two));
    Y.applyUpdate(two, Y.encodeStateAsUpdate(one));
    expect(readDeckDocument(one)).toEqual(readDeckDocument(two));
    const table = readDeckDocument(one).items['t'];
    if (table?.kind !== 'table') throw new Error('no table');
    expect(linesOf(table, 'row').map(({ id }) => id)).toEqual(['1', '3', 'new']);
    expect(linesOf(table, 'column').map(({ id }) => id)).toEqual(['new', '1', '2', '3']);
    expect(
      cellsOf(table)
        .map(({ text }) => lettersOf(text))
        .filter(Boolean),
    ).toEqual(['mine', 'yours']);
    // Where the new row and the new column cross, nobody has written yet.
    expect(textFragment(one, 't', 'cell:new:new')).toBeNull();
    writeChanges(one, setItemFields(readDeckDocument(one), 't', { 'cell:new:new': plainText('both') }));
    expect(textFragment(one, 't', 'cell:new:new')?.toString()).toContain('both');
  });

  test('two people who reorder at once both succeed', () => {
    const { deck } = new DeckBuilder().slide('a').slide('b').slide('c');
    const mine = new Y.Doc();
    const theirs = new Y.Doc();
    Y.applyUpdate(mine, encodeDeck(deck));
    Y.applyUpdate(theirs, encodeDeck(deck));
    Y.applyUpdate(theirs, Y.encodeStateAsUpdate(mine));
    Y.applyUpdate(mine, Y.encodeStateAsUpdate(theirs));
    writeChanges(mine, [{ type: 'set-slide', id: 'a', fields: { rank: 'zz' } }]);
    writeChanges(theirs, [{ type: 'set-slide', id: 'c', fields: { rank: 'Zz' } }]);
    Y.applyUpdate(mine, Y.encodeStateAsUpdate(theirs));
    Y.applyUpdate(theirs, Y.encodeStateAsUpdate(mine));
    expect(readDeckDocument(mine)).toEqual(readDeckDocument(theirs));
    expect(readDeckDocument(mine).slides).toMatchObject({ a: { rank: 'zz' }, c: { rank: 'Zz' } });
  });

  test('an item put on a slide while somebody removes the slide is passed over, and comes back with it', () => {
    const { deck } = new DeckBuilder().slide('a').slide('b');
    const mine = new Y.Doc();
    const theirs = new Y.Doc();
    Y.applyUpdate(mine, encodeDeck(deck));
    Y.applyUpdate(theirs, Y.encodeStateAsUpdate(mine));
    const undo = new Y.UndoManager(deckScope(mine), { trackedOrigins: new Set(['me']) });
    writeChanges(mine, [{ type: 'remove-slide', id: 'b' }], 'me');
    writeChanges(theirs, [{ type: 'put-item', item: item('late', 'b', 'text', plainText('hello')) }]);
    Y.applyUpdate(mine, Y.encodeStateAsUpdate(theirs));
    expect(readDeckDocument(mine).items).toEqual({});
    undo.undo();
    expect(Object.keys(readDeckDocument(mine).items)).toEqual(['late']);
  });

  test('what is done to a table in the document is done as to the deck', () => {
    const { deck } = new DeckBuilder().slide('a').item('t', 'table', { fields: { 'cell:2:1': plainText('gone') } });
    const doc = new Y.Doc();
    writeDeckDocument(doc, deck);
    let now = deck;
    for (const act of [
      (from: Deck) => addTableLine(from, 't', 'column', 1, () => 'new'),
      (from: Deck) => removeTableLine(from, 't', 'row', '2'),
      (from: Deck) => setItemFields(from, 't', { 'cell:1:new': plainText('here') }),
    ]) {
      const changes = act(now);
      now = applyChanges(now, changes);
      writeChanges(doc, changes);
      expect(readDeckDocument(doc)).toEqual(now);
    }
    expect(JSON.stringify(now)).not.toContain('gone');
  });

  test('a text has a fragment to type in; a zone has none', () => {
    const doc = new Y.Doc();
    Y.applyUpdate(doc, encodeDeck(new DeckBuilder().slide('a').item('t', 'text').item('z', 'zone').deck));
    expect(textFragment(doc, 't')).toBeInstanceOf(Y.XmlFragment);
    expect(textFragment(doc, 'z')).toBeNull();
  });
});

/** Records with the ordinary prototype, which Yjs asks of its JSON values. */
const plain = <T>(model: { [K in keyof T]: fc.Arbitrary<T[K]> }) => fc.record(model, { noNullPrototype: true });

describe('work as a shared document', () => {
  const workChanges: fc.Arbitrary<WorkChange> = fc.oneof(
    plain({
      part: fc.constant('pieces' as const),
      id: itemIds,
      value: fc.option(
        plain({
          x: fc.integer({ min: 0, max: 900 }),
          y: fc.integer({ min: 0, max: 900 }),
          zoneId: fc.option(itemIds),
        }),
      ),
    }),
    plain({ part: fc.constant('blanks' as const), id: itemIds, value: fc.option(fc.string()) }),
    plain({
      part: fc.constant('answers' as const),
      id: itemIds,
      value: fc.option(plain({ kind: fc.constant('words' as const), text: fc.string() })),
    }),
    plain({ part: fc.constant('walk' as const), walk: fc.array(slideIds), seen: fc.array(slideIds) }),
  );
  test('writing changes into the document is the same as applying them to the work', () => {
    fc.assert(
      fc.property(fc.array(workChanges, { maxLength: 30 }), (list) => {
        const doc = new Y.Doc();
        writeWorkChanges(doc, list);
        const work = applyWorkChanges(emptyWork, list);
        expect(readWorkDocument(doc)).toEqual(work);
        const copy = new Y.Doc();
        Y.applyUpdate(copy, encodeWork(work));
        expect(readWorkDocument(copy)).toEqual(work);
      }),
    );
  });
});

describe('a lesson document', () => {
  test('says what was written, and the rest as in a new lesson', () => {
    const doc = new Y.Doc();
    expect(readLessonDocument(doc)).toEqual(newLessonState);
    changeLesson(doc, (state) => addTurn(state, 'ines'));
    changeLesson(doc, (state) => addTurn(state, 'dov'));
    expect(readLessonDocument(doc)).toEqual({ ...newLessonState, turnList: ['ines', 'dov'] });
  });

  test('two who change different things at once both succeed', () => {
    const [one, other] = [new Y.Doc(), new Y.Doc()];
    writeLessonChange(one, { dark: true });
    writeLessonChange(other, { hands: ['dov'] });
    Y.applyUpdate(one, Y.encodeStateAsUpdate(other));
    expect(readLessonDocument(one)).toMatchObject({ dark: true, hands: ['dov'] });
  });
});

describe('document names', () => {
  test('a name is read as it was written; anything else is none', () => {
    for (const text of ['deck:d1', 'lesson:l1', 'work:l1:p1']) {
      const name = parseDocumentName(text);
      expect(name && formatDocumentName(name)).toBe(text);
    }
    for (const text of ['', 'deck', 'deck:', 'deck:a:b', 'work:a', 'work:a:b:c', 'other:a', 'deck:../x'])
      expect(parseDocumentName(text)).toBeNull();
  });
});
