/** Where the words of ways stand on the map. */
import { bendKey, CARD, layOutMap } from '@gobrel/core/route-map';
import fc from 'fast-check';
import { courseBetween, MIDDLE, placesOfWords, roomOf, type WayToName } from './way-words';

const way = (from: string, to: string, words: string, turn = 0): WayToName => ({
  key: `${from} ${to} ${turn}`,
  from,
  to,
  turn,
  words,
});

/** The boxes in which words stand, by the keys of their ways. */
function boxesOf(ways: readonly WayToName[], layout: ReturnType<typeof layOutMap>) {
  const found = placesOfWords(ways, layout);
  return ways.flatMap(({ key, from, to, turn, words }) => {
    const [place, start, end] = [found.get(key), layout.places[from], layout.places[to]];
    if (!place || !start || !end) return [];
    const at = courseBetween(start, end, layout.bends[bendKey(from, to)] ?? [], turn).at(place.share);
    const { width, height } = roomOf(words);
    return [{ left: at.x - width / 2, top: at.y + place.aside - height / 2, width, height }];
  });
}

/** Whether two boxes lie on one another. */
function meet(one: { left: number; top: number; width: number; height: number }, other: typeof one): boolean {
  return (
    one.left < other.left + other.width &&
    other.left < one.left + one.width &&
    one.top < other.top + other.height &&
    other.top < one.top + one.height
  );
}

const layoutOf = (ways: readonly WayToName[]) =>
  layOutMap({
    slides: [...new Set(ways.flatMap(({ from, to }) => [from, to]))],
    ways: ways.map(({ from, to }) => ({ from, to, isLink: true })),
    sections: {},
    byHand: {},
    before: {},
  });

test('words stand in the middle of a way that has room for them', () => {
  const ways = [way('gate', 'fork', 'On')];
  expect([...placesOfWords(ways, layoutOf(ways)).values()]).toEqual([MIDDLE]);
});

test('two ways from one slide to another say their words beside each other', () => {
  const ways = [
    way('gate', 'fork', 'Follow the splash'),
    way('gate', 'fork', 'Climb to the hide', 1),
    way('gate', 'mud', 'Look at the trail'),
  ];
  const boxes = boxesOf(ways, layoutOf(ways));
  expect(boxes).toHaveLength(3);
  for (const [at, box] of boxes.entries())
    for (const other of boxes.slice(at + 1)) expect(meet(box, other)).toBe(false);
});

test('words of a way that goes past a card do not stand on it', () => {
  // A long way from the first card to the last, past the one between them.
  const places = { a: { x: 0, y: 0 }, b: { x: 292, y: 0 }, c: { x: 584, y: 0 } };
  const [box] = boxesOf([way('a', 'c', 'Home')], { places, bends: {} });
  expect(box).toBeDefined();
  for (const { x, y } of Object.values(places))
    expect(box && meet(box, { left: x, top: y, width: CARD.width, height: CARD.height })).toBe(false);
});

test('ways without words, and ways of slides that have no card, take no room', () => {
  expect(placesOfWords([way('a', 'b', ''), way('a', 'gone', 'On')], { places: {}, bends: {} }).size).toBe(0);
});

test('every way with words and cards gets a place on it, the same each time', () => {
  const slide = fc.constantFrom('a', 'b', 'c', 'd', 'e');
  fc.assert(
    fc.property(fc.array(fc.tuple(slide, slide, fc.string({ minLength: 1 })), { maxLength: 12 }), (drawn) => {
      const ways = drawn.map(([from, to, words], at) => ({ ...way(from, to, words), key: String(at) }));
      const layout = layoutOf(ways);
      const found = placesOfWords(ways, layout);
      expect([...found.keys()].sort()).toEqual(ways.map(({ key }) => key).sort());
      for (const { share } of found.values()) expect(share > 0 && share < 1).toBe(true);
      expect(placesOfWords(ways, layout)).toEqual(found);
    }),
  );
});
