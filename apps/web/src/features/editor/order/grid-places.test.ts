import { addSection, addSlide, applyChanges, type Deck, emptyDeck, entriesOf } from '@gobrel/core/deck';
import fc from 'fast-check';
import { gridPlaces } from './grid-places';

/** A deck of sections with so many slides each; the first slides stand before any heading. */
function deckOf(...counts: readonly number[]): Deck {
  return counts.reduce((deck, count, section) => {
    const ids = Array.from({ length: count }, (_, at) => `${section}-${at}`);
    const slides = ids.reduce((made, id) => applyChanges(made, addSlide(made, { id, name: id })), deck);
    const [before] = ids;
    if (section === 0 || before === undefined) return slides;
    return applyChanges(slides, addSection(slides, { id: `s${section}`, title: `Part ${section}`, before }));
  }, emptyDeck('Order'));
}

const placed = (columns: number, ...counts: readonly number[]) =>
  Object.fromEntries(
    gridPlaces(entriesOf(deckOf(...counts)), columns).map(({ id, row, column, span }) => [id, [row, column, span]]),
  );

test('short sections share a row, each under its own heading', () => {
  expect(placed(5, 0, 2, 3, 1)).toMatchObject({
    s1: [1, 1, 2],
    '1-0': [2, 1, 1],
    s2: [1, 3, 3],
    '2-0': [2, 3, 1],
    '2-2': [2, 5, 1],
    s3: [3, 1, 2],
    '3-0': [4, 1, 1],
  });
});

test('a heading with nothing in sight below it has a line to itself', () => {
  const entries = entriesOf(deckOf(0, 1, 2)).filter(({ id }) => id !== '1-0');
  expect(gridPlaces(entries, 6).map(({ id, row, column, span }) => [id, row, column, span])).toEqual([
    ['s1', 1, 1, 6],
    ['s2', 2, 1, 2],
    ['2-0', 3, 1, 1],
    ['2-1', 3, 2, 1],
  ]);
});

test('a section that is wider than the grid has lines of its own', () => {
  expect(placed(4, 0, 6, 2)).toMatchObject({ s1: [1, 1, 4], '1-5': [3, 2, 1], s2: [4, 1, 2], '2-0': [5, 1, 1] });
});

test('whatever the sections, nothing overlaps or is outside, and the order is that of reading each section', () => {
  const counts = fc.array(fc.nat(9), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(counts, fc.integer({ min: 1, max: 8 }), (sections, columns) => {
      const entries = entriesOf(deckOf(...sections));
      const places = gridPlaces(entries, columns);
      expect(places.map(({ id }) => id)).toEqual(entries.map(({ id }) => id));
      const cells = places.flatMap(({ row, column, span }) =>
        Array.from({ length: span }, (_, at) => `${row} ${column + at}`),
      );
      expect(new Set(cells).size).toBe(cells.length);
      for (const { column, span } of places) expect(column + span - 1).toBeLessThanOrEqual(columns);
    }),
  );
});
