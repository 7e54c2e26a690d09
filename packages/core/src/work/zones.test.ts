/** Zones of every shape and turn: what they take, where pieces rest in them, and in which order they stand. */
import fc from 'fast-check';
import { type Deck, plainText, shapeContains, shapeNames, type ZoneItem } from '../deck/index.js';
import { centreOf, containsPoint, type Frame, turnPoint } from '../geometry/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, dropPiece, emptyWork, putIntoZone, standingIn, type Work } from './index.js';

const frame = (x: number, y: number, width: number, height: number, rotation = 0): Frame => ({
  x,
  y,
  width,
  height,
  rotation,
});

function board(zone: Partial<ZoneItem>, at: Frame, pieces: readonly Frame[] = [frame(20, 20, 80, 40)]): Deck {
  const builder = new DeckBuilder().slide('s').item('zone', 'zone', { frame: at, fields: zone });
  pieces.forEach((each, place) =>
    builder.item(`p${place}`, 'shape', { frame: each, loose: true, fields: { text: plainText(`p${place}`) } }),
  );
  return builder.deck;
}
const zoneOf = (deck: Deck) => deck.items['zone'] as ZoneItem;
const put = (deck: Deck, ids: readonly string[]): Work =>
  ids.reduce<Work>((work, id) => applyWorkChanges(work, putIntoZone(deck, work, id, 'zone')?.changes ?? []), emptyWork);
const middleOf = (deck: Deck, work: Work, id: string) => {
  const { width = 0, height = 0 } = deck.items[id]?.frame ?? {};
  const { x = 0, y = 0 } = work.pieces[id] ?? {};
  return centreOf({ x, y, width, height });
};

describe('what a zone takes', () => {
  const dropAt = (deck: Deck, x: number, y: number) =>
    dropPiece(deck, emptyWork, 'p0', { x: x - 40, y: y - 20 })?.zoneId;

  test('a round zone takes what lies on it, and not what lies beside it in its box', () => {
    const deck = board({ shape: 'ellipse' }, frame(300, 100, 400, 400));
    expect(dropAt(deck, 500, 300)).toBe('zone');
    expect(dropAt(deck, 320, 120)).toBeNull();
    expect(dropAt(deck, 680, 480)).toBeNull();
    const ring = board({ shape: 'ring' }, frame(300, 100, 400, 400));
    expect([dropAt(ring, 330, 300), dropAt(ring, 500, 300)]).toEqual(['zone', null]);
  });

  test('of zones that lie over one another the one in front takes it', () => {
    const deck = new DeckBuilder()
      .slide('s')
      .item('behind', 'zone', { frame: frame(200, 100, 400, 400) })
      .item('front', 'zone', { frame: frame(400, 100, 400, 400) })
      .item('p0', 'shape', { frame: frame(0, 0, 80, 40), loose: true }).deck;
    expect([dropAt(deck, 500, 300), dropAt(deck, 250, 300), dropAt(deck, 60, 300)]).toEqual(['front', 'behind', null]);
  });

  test('every shape lies within its box, holds the middle of its room, and turns with it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...shapeNames),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 0, max: 359 }),
        (shape, across, down, rotation) => {
          const upright = frame(100, 100, 300, 200);
          const place = { x: 100 + across * 300, y: 100 + down * 200 };
          const turned = { ...upright, rotation };
          const there = turnPoint(place, centreOf(upright), rotation);
          if (shapeContains(shape, turned, there))
            expect(containsPoint({ ...turned, x: 98, y: 98, width: 304, height: 204 }, there)).toBe(true);
          // Right on an outline, rounding may take a place to either side.
          const near = [-0.5, 0.5].flatMap((dx) => [-0.5, 0.5].map((dy) => ({ x: place.x + dx, y: place.y + dy })));
          const sides = new Set(near.map((each) => shapeContains(shape, upright, each)));
          if (sides.size === 1) expect(shapeContains(shape, turned, there)).toBe([...sides][0]);
        },
      ),
    );
  });
});

describe('where pieces rest', () => {
  const six = Array.from({ length: 6 }, (_none, at) => frame(10 + at * 20, 600, 60 + at * 6, 30 + at * 8));
  const ids = six.map((_each, at) => `p${at}`);

  test.each(['packed', 'row', 'column', 'slots'] as const)(
    'in a turned zone (%s) pieces rest within it as drawn',
    (lay) => {
      for (const rotation of [0, 30, 90, 200]) {
        const deck = board({ lay, capacity: lay === 'slots' ? 6 : 0 }, frame(400, 150, 480, 400, rotation), six);
        const work = put(deck, ids);
        for (const id of ids)
          expect([rotation, containsPoint(zoneOf(deck).frame, middleOf(deck, work, id))]).toEqual([rotation, true]);
      }
    },
  );

  test.each(['row', 'column', 'slots'] as const)(
    'in a turned zone (%s) they stand in the order in which they came',
    (lay) => {
      for (const rotation of [0, 45, 90, 180]) {
        const deck = board({ lay, capacity: lay === 'slots' ? 6 : 0 }, frame(400, 150, 480, 400, rotation), six);
        const work = put(deck, ids);
        expect(standingIn(deck, work, zoneOf(deck)).map(({ id }) => id)).toEqual(ids);
      }
    },
  );

  test('a piece dropped in a turned zone stays near where it was dropped when it lies freely', () => {
    const deck = board({ lay: 'free' }, frame(400, 150, 480, 400, 40));
    const drop = dropPiece(deck, emptyWork, 'p0', { x: 600, y: 330 });
    expect(applyWorkChanges(emptyWork, drop?.changes ?? []).pieces['p0']).toMatchObject({
      x: 600,
      y: 330,
      zoneId: 'zone',
    });
  });
});

test('pieces of different heights beside one another are read as one line', () => {
  const heights = [120, 40, 90, 30, 60, 50];
  const pieces = heights.map((height) => frame(0, 600, 90, height));
  const deck = board({ lay: 'free' }, frame(200, 100, 900, 400), pieces);
  // Two lines of three; in each all stand on one base, so that their middles differ.
  const work = heights.reduce<Work>((present, height, at) => {
    const place = { x: 240 + (at % 3) * 150, y: (at < 3 ? 240 : 400) - height, zoneId: 'zone' };
    return applyWorkChanges(present, [{ part: 'pieces', id: `p${at}`, value: place }]);
  }, emptyWork);
  expect(standingIn(deck, work, zoneOf(deck)).map(({ id }) => id)).toEqual(['p0', 'p1', 'p2', 'p3', 'p4', 'p5']);
});
