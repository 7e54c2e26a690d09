import { addItem, applyChanges, type Deck, emptyDeck, removeItems } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { partsBetween, withParts } from './deck-parts';

const { deck } = new DeckBuilder().slide('creek').item('otter', 'shape').slide('hide').item('owl', 'shape');
/** As a worker gets it: without the identity of anything. */
const sent = <T>(value: T): T => structuredClone(value);

test('a worker that is told the parts has the very deck, and keeps what did not change', () => {
  const first = withParts(null, sent(partsBetween(null, deck)));
  expect(first).toEqual(deck);
  const more = applyChanges(deck, addItem(deck, { id: 'rail', slideId: 'hide', kind: 'text' }));
  const parts = partsBetween(deck, more);
  expect([Object.keys(parts.items), Object.keys(parts.slides)]).toEqual([['rail'], []]);
  const second = withParts(first, sent(parts));
  expect(second).toEqual(more);
  expect(second.items['otter']).toBe(first.items['otter']);
  expect(second.slides).toBe(first.slides);
  const less = applyChanges(more, removeItems(more, ['otter']));
  expect(withParts(second, sent(partsBetween(more, less)))).toEqual(less);
});

test('another deck is told whole', () => {
  const other: Deck = { ...emptyDeck('Other') };
  expect(withParts(withParts(null, partsBetween(null, deck)), partsBetween(deck, other))).toEqual(other);
});
