import type { Entry } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import fc from 'fast-check';
import { STRIP, stripPlaces } from './strip-places';

const slide = (id: string): Entry => {
  const made = new DeckBuilder().slide(id).deck.slides[id];
  if (!made) throw new Error('no slide');
  return made;
};
const section = (id: string): Entry => ({ id, title: id, rank: id, depth: 0 });
const { margin, step } = STRIP;

test('a section is a line over its slides and takes no room among them', () => {
  const places = stripPlaces([slide('a'), section('Shore'), slide('b'), slide('c'), section('Marsh'), slide('d')]);
  expect(places.map(({ start }) => start)).toEqual([0, 1, 1, 2, 3, 3].map((at) => margin + at * step));
  expect(places[1]).toEqual({ start: margin + step, size: 0, line: 2 * step });
  expect(places[4]).toMatchObject({ size: 0, line: step });
});

test('one that is folded, is empty, or begins with another one has a place of its own', () => {
  const places = stripPlaces([section('Folded'), section('Outer'), section('Inner'), slide('a'), section('Last')]);
  expect(places.map(({ size }) => size)).toEqual([step, step, 0, step, step]);
});

test('places follow one another, and lines meet no other line', () => {
  const entries = fc
    .array(fc.boolean(), { maxLength: 30 })
    .map((kinds) => kinds.map((isSlide, index) => (isSlide ? slide(`s${index}`) : section(`n${index}`))));
  fc.assert(
    fc.property(entries, (list) => {
      const places = stripPlaces(list);
      places.forEach((place, index) => {
        const next = places[index + 1];
        if (next) expect(next.start).toBe(place.start + place.size);
      });
      const lines = places.filter((_, index) => 'title' in (list[index] ?? {}));
      lines.forEach((place, index) => {
        const next = lines[index + 1];
        if (next) expect(place.start + place.line).toBe(next.start);
      });
    }),
  );
});
