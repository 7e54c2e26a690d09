import type { DeckSummary } from '@gobrel/contract';
import { emptyDeck } from '@gobrel/core/deck';
import fc from 'fast-check';
import { byUnit, decksFound, decksOn, shelfAddress, shelfFrom, sorted, sortings } from './library-view';

const deck = (id: string, fields: Partial<DeckSummary> = {}): DeckSummary => ({
  id,
  title: id,
  updatedAt: '2026-03-01T10:00:00Z',
  slideCount: 1,
  hasOwnPage: false,
  sharedBy: null,
  sharedWith: 0,
  isOffered: false,
  hasLink: false,
  isPublished: false,
  may: 'edit',
  copiedFrom: null,
  unitId: null,
  archivedAt: null,
  cover: emptyDeck(id),
  ...fields,
});
const ids = (decks: readonly DeckSummary[]) => decks.map(({ id }) => id);

const units = [
  { id: 'u1', name: 'Night on the saltmarsh' },
  { id: 'u2', name: 'Market day' },
];
const anyDecks = fc.uniqueArray(
  fc.record({
    id: fc.string({ minLength: 1 }),
    unitId: fc.constantFrom(null, 'u1', 'u2', 'gone'),
    slideCount: fc.nat(30),
    archivedAt: fc.constantFrom(null, '2026-02-01T10:00:00Z'),
  }),
  { selector: ({ id }) => id },
);

test('what is archived is in the archive and nowhere else; what others share is among all', () => {
  const decks = [
    deck('mine'),
    deck('theirs', { sharedBy: 'Tobin Marsh' }),
    deck('old', { archivedAt: '2026-02-01T10:00:00Z', unitId: 'u1' }),
    deck('tides', { unitId: 'u1' }),
  ];
  expect(ids(decksOn('all', decks))).toEqual(['mine', 'theirs', 'tides']);
  expect(ids(decksOn('shared', decks))).toEqual(['theirs']);
  expect(ids(decksOn('archive', decks))).toEqual(['old']);
  expect(ids(decksOn({ unitId: 'u1' }, decks))).toEqual(['tides']);
});

test('decks are found by their titles at once, by the words on their slides once those are known', () => {
  const decks = [deck('1', { title: 'Pâté and tides' }), deck('2', { title: 'Night walk' })];
  expect(ids(decksFound(decks, 'pate', null))).toEqual(['1']);
  expect(ids(decksFound(decks, 'tides', [{ id: '2', slides: [] }]))).toEqual(['1', '2']);
  expect(ids(decksFound(decks, ' ', null))).toEqual(['1', '2']);
});

test('titles are sorted as the language has it, numbers by their size', () => {
  const titles = (language: string, ...all: string[]) =>
    sorted(
      all.map((title) => deck(title)),
      'title',
      language,
    ).map(({ title }) => title);
  expect(titles('en', 'Week 10', 'week 9', 'Äther', 'Zoo')).toEqual(['Äther', 'week 9', 'Week 10', 'Zoo']);
  expect(titles('es', 'Otoño', 'ñandú', 'nube')).toEqual(['nube', 'ñandú', 'Otoño']);
});

test('sorting and grouping lose no deck and show none twice', () => {
  fc.assert(
    fc.property(anyDecks, fc.constantFrom(...sortings), (all, by) => {
      const decks = all.map(({ id, ...fields }) => deck(id, fields));
      const order = sorted(decks, by, 'en');
      const grouped = byUnit(order, units).flatMap((group) => group.decks);
      expect([...ids(grouped)].sort()).toEqual([...ids(decks)].sort());
      expect(byUnit(order, units).every((group) => group.decks.length > 0)).toBe(true);
    }),
  );
});

test('a shelf is read from the address as it was written there', () => {
  for (const shelf of ['all', 'shared', 'archive', 'bin', { unitId: 'u-1' }] as const)
    expect(shelfFrom(shelfAddress(shelf))).toEqual(shelf);
  expect(shelfFrom('nonsense')).toBe('all');
  expect(shelfFrom(null)).toBe('all');
});
