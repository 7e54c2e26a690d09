import fc from 'fast-check';
import * as Y from 'yjs';
import { type Item, itemKinds, type ItemKindName, plainText, readItem, readSlide } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { deckScope, itemMaps, readDeckDocument, slideMaps, writeChanges, writeDeckDocument } from './deck-document.js';

const kindNames = Object.keys(itemKinds) as ItemKindName[];
const { deck } = new DeckBuilder().slide('s');

/** Fields of any item, some of them as they are when nothing is said of them. */
const someFields = fc.record(
  {
    name: fc.constantFrom('', 'Crab'),
    layer: fc.constantFrom('slide', 'backdrop'),
    onLayout: fc.boolean(),
    loose: fc.boolean(),
    locked: fc.boolean(),
    hidden: fc.boolean(),
    appears: fc.nat(3),
    link: fc.constantFrom(null, { to: 'back' }),
    groups: fc.constantFrom([], ['g']),
    piece: fc.constantFrom({ pile: 0, turns: false, within: null }, { pile: 3, turns: true, within: null }),
    points: fc.constantFrom(1, 2),
    text: fc.constantFrom(plainText(''), plainText('High tide')),
    choices: fc.constantFrom([], [{ id: 'a', text: 'Eel' }]),
  },
  { requiredKeys: [] },
);

function itemOf(kind: ItemKindName, fields: object): Item {
  const item = readItem('i', { kind, slideId: 's', rank: 'a0', ...fields });
  if (!item) throw new Error(`no item of kind ${kind}`);
  return item;
}

/** A document with one slide and an item on it. */
function documentWith(item: Item): Y.Doc {
  const doc = new Y.Doc();
  writeDeckDocument(doc, deck);
  writeChanges(doc, [{ type: 'put-item', item }]);
  return doc;
}

describe('what is held of a new item or slide', () => {
  test('of a plain text only what is its own', () => {
    const doc = documentWith(itemOf('text', { text: plainText('High tide') }));
    expect([...(itemMaps(doc).get('i')?.keys() ?? [])].sort()).toEqual([
      'frame.height',
      'frame.rotation',
      'frame.width',
      'frame.x',
      'frame.y',
      'kind',
      'rank',
      'slideId',
      'text',
    ]);
  });

  test('of a slide only what is not as usual', () => {
    const doc = new Y.Doc();
    writeChanges(doc, [{ type: 'put-slide', slide: readSlide('s', { name: 'Dusk', rank: 'a0' }) }]);
    expect([...(slideMaps(doc).get('s')?.keys() ?? [])].sort()).toEqual(['name', 'rank']);
  });

  test('an item of any kind reads as it was, whatever it has', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kindNames), someFields, (kind, fields) => {
        const item = itemOf(kind, fields);
        expect(readDeckDocument(documentWith(item)).items['i']).toEqual(item);
      }),
    );
  });

  test('whatever is set afterwards is there, and gone again when it is undone', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kindNames), someFields, someFields, (kind, before, fields) => {
        const [item, next] = [itemOf(kind, before), itemOf(kind, { ...before, ...fields })];
        const { id: _id, kind: _kind, ...set } = next;
        const doc = documentWith(item);
        const undo = new Y.UndoManager(deckScope(doc));
        writeChanges(doc, [{ type: 'set-item', id: 'i', fields: set }]);
        expect(readDeckDocument(doc).items['i']).toEqual(next);
        undo.undo();
        expect(readDeckDocument(doc).items['i']).toEqual(item);
      }),
    );
  });

  test('two authors set what is not held yet, and both are there', () => {
    const one = documentWith(itemOf('text', {}));
    const two = new Y.Doc();
    Y.applyUpdate(two, Y.encodeStateAsUpdate(one));
    writeChanges(one, [{ type: 'set-item', id: 'i', fields: { locked: true } }]);
    writeChanges(two, [{ type: 'set-item', id: 'i', fields: { link: { to: 'back' } } }]);
    Y.applyUpdate(one, Y.encodeStateAsUpdate(two));
    expect(readDeckDocument(one).items['i']).toMatchObject({ locked: true, link: { to: 'back' } });
  });
});
