import fc from 'fast-check';
import * as Y from 'yjs';
import { type Deck, type ItemFields, type Item, readItem } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { deckScope, encodeDeck, itemMaps, readDeckDocument, writeChanges, writeDeckDocument } from './deck-document.js';

const choices = [
  { id: 'a', text: 'Sandhopper' },
  { id: 'b', text: 'Shore crab' },
];

const deck: Deck = new DeckBuilder().slide('s').item('q', 'choice', { fields: { choices, right: ['a'] } }).deck;

/** Two documents that held the deck, each with what one author did, together again. */
function apart(held: (doc: Y.Doc) => void, mine: ItemFields[], theirs: ItemFields[]): Item {
  const [one, two] = [new Y.Doc(), new Y.Doc()];
  held(one);
  Y.applyUpdate(two, Y.encodeStateAsUpdate(one));
  for (const fields of mine) writeChanges(one, [{ type: 'set-item', id: 'q', fields }]);
  for (const fields of theirs) writeChanges(two, [{ type: 'set-item', id: 'q', fields }]);
  Y.applyUpdate(one, Y.encodeStateAsUpdate(two));
  Y.applyUpdate(two, Y.encodeStateAsUpdate(one));
  expect(readDeckDocument(one)).toEqual(readDeckDocument(two));
  const item = readDeckDocument(one).items['q'];
  if (!item) throw new Error('no item');
  return item;
}

const asNow = (doc: Y.Doc) => writeDeckDocument(doc, deck);

/** As decks of version 1 are held: a frame and choices in one value each. */
function asBefore(doc: Y.Doc): void {
  asNow(doc);
  const { frame } = deck.items['q'] ?? {};
  const map = itemMaps(doc).get('q');
  for (const name of [...(map?.keys() ?? [])]) if (name.includes('.')) map?.delete(name);
  map?.set('frame', { ...frame });
  map?.set('choices', choices);
}

const frame = { x: 40, y: 40, width: 640, height: 340, rotation: 0 };

describe.each([
  ['as decks are held now', asNow],
  ['as they were held before', asBefore],
])('two authors at one item, %s', (_name, held) => {
  test('one turns it while the other widens it', () => {
    const start = deck.items['q']?.frame ?? frame;
    const item = apart(
      held,
      [{ frame: { ...start, rotation: 30 } }],
      [{ frame: { ...start, width: 700, x: start.x - 5 } }],
    );
    expect(item.frame).toEqual({ ...start, rotation: 30, width: 700, x: start.x - 5 });
  });

  test('each writes a choice', () => {
    const [a, b] = choices;
    const item = apart(
      held,
      [{ choices: [{ id: 'a', text: 'Beach flea' }, b] }],
      [{ choices: [a, { id: 'b', text: 'Crab' }] }],
    );
    expect(item).toMatchObject({
      choices: [
        { id: 'a', text: 'Beach flea' },
        { id: 'b', text: 'Crab' },
      ],
    });
  });

  test('each adds a choice, while one changes the order', () => {
    const [a, b] = choices;
    const c = { id: 'c', text: 'Gull' };
    const d = { id: 'd', text: 'Tern' };
    const item = apart(held, [{ choices: [b, a, c] }], [{ choices: [a, b, d] }]);
    if (item.kind !== 'choice') throw new Error('no choice');
    expect(item.choices.map(({ id }) => id).sort()).toEqual(['a', 'b', 'c', 'd']);
  });

  test('one removes a choice while the other writes another one', () => {
    const [a, b] = choices;
    const item = apart(held, [{ choices: [a] }], [{ choices: [{ id: 'a', text: 'Flea' }, b] }]);
    expect(item).toMatchObject({ choices: [{ id: 'a', text: 'Flea' }] });
  });

  test('what one author did is taken back without what the other did', () => {
    const doc = new Y.Doc();
    held(doc);
    const before = readDeckDocument(doc);
    const start = before.items['q']?.frame ?? frame;
    const undo = new Y.UndoManager(deckScope(doc), { trackedOrigins: new Set(['me']) });
    const changes = [
      { type: 'set-item', id: 'q', fields: { frame: { ...start, rotation: 30 }, choices: [] } },
    ] as const;
    writeChanges(doc, changes, 'me');
    writeChanges(doc, [{ type: 'set-item', id: 'q', fields: { frame: { ...start, rotation: 30, width: 700 } } }]);
    undo.undo();
    expect(readDeckDocument(doc).items['q']).toMatchObject({ frame: { ...start, width: 700 }, choices });
  });
});

const ids = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'order', 'x'), { maxLength: 5 });
const listed = fc.tuple(ids, fc.string({ maxLength: 4 })).map(([all, text]) => all.map((id) => ({ id, text })));
const frames = fc.record({
  x: fc.integer({ min: -50, max: 50 }),
  y: fc.integer({ min: -50, max: 50 }),
  width: fc.integer({ min: 1, max: 90 }),
  height: fc.integer({ min: 1, max: 90 }),
  rotation: fc.integer({ min: -180, max: 180 }),
});

test('whatever is written reads as it was written, whichever way it was held before', () => {
  fc.assert(
    fc.property(
      fc.boolean(),
      fc.array(fc.record({ frame: frames, choices: listed }), { maxLength: 6 }),
      (old, writes) => {
        const doc = new Y.Doc();
        (old ? asBefore : asNow)(doc);
        for (const fields of writes) {
          writeChanges(doc, [{ type: 'set-item', id: 'q', fields }]);
          const wanted = readItem('q', { ...deck.items['q'], ...fields });
          expect(readDeckDocument(doc).items['q']).toMatchObject({ frame: fields.frame, choices: fields.choices });
          expect(wanted).toMatchObject({ choices: fields.choices });
        }
      },
    ),
  );
});

test('moving an item sends the numbers that changed and nothing else', () => {
  const doc = new Y.Doc();
  Y.applyUpdate(doc, encodeDeck(deck));
  const sent: Uint8Array[] = [];
  doc.on('update', (update: Uint8Array) => sent.push(update));
  const start = deck.items['q']?.frame ?? frame;
  writeChanges(doc, [{ type: 'set-item', id: 'q', fields: { frame: { ...start, x: start.x + 3 } } }]);
  expect(sent).toHaveLength(1);
  const { structs } = Y.decodeUpdate(sent[0] ?? new Uint8Array());
  expect(structs).toHaveLength(1);
  writeChanges(doc, [{ type: 'set-item', id: 'q', fields: { frame: { ...start, x: start.x + 3 } } }]);
  expect(sent).toHaveLength(1);
});
