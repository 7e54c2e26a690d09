import { CARD } from '@gobrel/core/route-map';
import { LEGIBLE, openingView } from './opening-view';

const room = { width: 1000, height: 600 };
/** Where a place of the map is in the room. */
const seen = ({ x, y, zoom }: ReturnType<typeof openingView>, at: { x: number; y: number }) => ({
  x: at.x * zoom + x,
  y: at.y * zoom + y,
});

test('a map that fits is opened whole, in the middle, and never larger than it is', () => {
  const places = { a: { x: -300, y: 40 }, b: { x: 900, y: 500 } };
  const view = openingView(places, 'a', room);
  for (const place of Object.values(places)) {
    const [corner, other] = [seen(view, place), seen(view, { x: place.x + CARD.width, y: place.y + CARD.height })];
    expect(Math.min(corner.x, corner.y)).toBeGreaterThanOrEqual(0);
    expect(other.x).toBeLessThanOrEqual(room.width);
    expect(other.y).toBeLessThanOrEqual(room.height);
  }
  expect(openingView({ a: { x: 0, y: 0 } }, 'a', room).zoom).toBeLessThanOrEqual(1);
});

test('one too large to be read is opened around the slide that is worked on', () => {
  const places = Object.fromEntries(Array.from({ length: 200 }, (_, at) => [`s${at}`, { x: 0, y: at * 180 }]));
  const view = openingView(places, 's150', room);
  expect(view.zoom).toBeGreaterThanOrEqual(LEGIBLE);
  const card = places['s150'] ?? { x: 0, y: 0 };
  expect(seen(view, { x: card.x + CARD.width / 2, y: card.y + CARD.height / 2 })).toEqual({ x: 500, y: 300 });
});

test('at its edge it is not opened half empty', () => {
  const places = Object.fromEntries(Array.from({ length: 40 }, (_, at) => [`s${at}`, { x: at * 292, y: at * 200 }]));
  const first = openingView(places, 's0', room);
  const last = openingView(places, 's39', room);
  expect(seen(first, { x: 0, y: 0 }).x).toBeLessThan(100);
  expect(seen(first, { x: 0, y: 0 }).y).toBeLessThan(100);
  expect(seen(last, { x: 39 * 292 + CARD.width, y: 0 }).x).toBeGreaterThan(room.width - 100);
});

test('an empty map, and one whose slide has no card, are opened all the same', () => {
  const apart = { a: { x: 0, y: 0 }, b: { x: 0, y: 90_000 } };
  for (const view of [openingView({}, 'gone', room), openingView(apart, 'gone', room)])
    for (const number of Object.values(view)) expect(Number.isFinite(number)).toBe(true);
});
