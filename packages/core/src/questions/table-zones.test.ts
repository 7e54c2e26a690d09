import { applyChanges, lettersOf, piecesOn, plainText, textsOf, zonesFromTable, zonesOn } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork, putIntoZone } from '../work/index.js';
import { keepAsKey, markWork } from './index.js';

const rows = [
  ['', 'eats', 'eaten by'],
  ['Limpet', 'algae', 'crabs\ngulls'],
  ['Whelk', 'limpets', 'gulls'],
];
const cells = rows.flatMap((row, at) => row.map((words, to) => [`cell:${at + 1}:${to + 1}`, plainText(words)]));
const { deck: before } = new DeckBuilder()
  .slide('s')
  .item('t', 'table', { fields: { headings: 'both', ...(Object.fromEntries(cells) as object) } });
let count = 0;
const createId = () => `new-${(count += 1)}`;
const deck = applyChanges(before, zonesFromTable(before, 't', 'all', String, createId, () => 0.4).changes);
const textsIn = (id: string) => {
  const item = deck.items[id];
  return item ? textsOf(item).map(({ text }) => lettersOf(text)) : [];
};

test('what was written in cells becomes pieces, once each; what stood in two cells is a pile of two', () => {
  const pieces = piecesOn(deck, 's');
  expect(pieces.map(({ id, manner }) => `${textsIn(id).join()} ${manner.pile}`).sort()).toEqual([
    'algae 0',
    'crabs 0',
    'gulls 2',
    'limpets 0',
  ]);
  expect(textsIn('t').filter(Boolean)).toEqual(['eats', 'eaten by', 'Limpet', 'Whelk']);
  const places = new Set(pieces.map(({ items: [item] }) => `${item?.frame.x} ${item?.frame.y}`));
  expect(places.size).toBe(pieces.length);
});

test('every piece where it stood earns all points, and is the key already', () => {
  let work = emptyWork;
  for (const zone of zonesOn(deck, 's'))
    for (const piece of zone.belongs)
      work = applyWorkChanges(work, putIntoZone(deck, work, piece, zone.id)?.changes ?? []);
  const marks = markWork(deck, work);
  expect([marks.points, marks.outOf]).toEqual([5, 5]);
  expect(keepAsKey(deck, 's', work)).toEqual([]);
});
