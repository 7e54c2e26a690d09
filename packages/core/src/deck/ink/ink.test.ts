/** Ink of authors: held by frames, read, joined, rubbed out and straightened. */
import { DeckBuilder } from '../../testing/index.js';
import { addStraightened, addStroke, rubOut } from '../commands/index.js';
import { applyChanges } from '../model/change.js';
import { heldStrokes, type InkPoint, placedStroke, readInkStrokes, straightened } from './index.js';

const pen = { tool: 'pen', color: 'words', weight: 5 } as const;
const start = () => new DeckBuilder().slide('creek').deck;
const points = (...places: readonly (readonly [number, number])[]): InkPoint[] =>
  places.map(([x, y]) => ({ x, y, pressed: 0.5 }));

/** Numbers from 0 to 1 that look like chance, and are the same each time. */
function chances(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return state / 4_294_967_296;
  };
}

test('strokes held by a frame are where they were, to a tenth of a unit', () => {
  const chance = chances(7);
  for (let round = 0; round < 200; round += 1) {
    const strokes = [1, 2, 3].map(() =>
      points(
        ...Array.from({ length: 2 + Math.floor(chance() * 30) }, () => [chance() * 1280, chance() * 720] as const),
      ),
    );
    const { box, strokes: held } = heldStrokes(strokes, 5);
    held.forEach((stroke, at) => {
      const placed = placedStroke(stroke, box);
      const [first, last] = [placed[0], placed.at(-1)];
      const [wasFirst, wasLast] = [strokes[at]?.[0], strokes[at]?.at(-1)];
      for (const [is, was] of [
        [first, wasFirst],
        [last, wasLast],
      ] as const) {
        expect(Math.abs((is?.x ?? 0) - (was?.x ?? 1e9))).toBeLessThan(0.1);
        expect(Math.abs((is?.y ?? 0) - (was?.y ?? 1e9))).toBeLessThan(0.1);
      }
      expect(stroke.every((share) => share >= 0 && share <= 1)).toBe(true);
    });
    expect(readInkStrokes(held)).toEqual(held);
  }
});

test('what is no stroke is left out', () => {
  expect(readInkStrokes([[0, 0, 0.5, 1, 1, 0.5], ['x', 0, 0], [0.5], 'no', [0, 9e9, 0.5]])).toEqual([
    [0, 0, 0.5, 1, 1, 0.5],
  ]);
  expect(readInkStrokes('no')).toEqual([]);
});

test('strokes that belong together are one item; another pen begins a new one', () => {
  const one = addStroke(start(), 'creek', points([100, 100], [200, 100]), pen, null);
  const first = applyChanges(start(), one.changes);
  const two = addStroke(first, 'creek', points([150, 50], [150, 150]), pen, one.itemId);
  const second = applyChanges(first, two.changes);
  expect(two.itemId).toBe(one.itemId);
  const item = second.items[one.itemId];
  expect(item?.kind === 'ink' ? item.strokes.length : 0).toBe(2);
  expect(item?.frame.x).toBeCloseTo(97.5, 1);
  expect(item?.frame.y).toBeCloseTo(47.5, 1);
  expect(item?.frame.width).toBeCloseTo(105, 1);
  expect(item?.frame.height).toBeCloseTo(105, 1);
  const red = addStroke(second, 'creek', points([0, 0], [9, 9]), { ...pen, color: 'accent' }, one.itemId);
  expect(red.itemId).not.toBe(one.itemId);
});

test('rubbing out takes the strokes that are touched, and the item with its last one', () => {
  const one = addStroke(start(), 'creek', points([100, 100], [200, 100]), pen, null);
  const begun = applyChanges(start(), one.changes);
  const two = addStroke(begun, 'creek', points([100, 300], [200, 300]), pen, one.itemId);
  const deck = applyChanges(begun, two.changes);
  expect(rubOut(deck, 'creek', 600, 600, 10)).toEqual([]);
  const less = applyChanges(deck, rubOut(deck, 'creek', 150, 104, 10));
  const left = less.items[one.itemId];
  const [first] = left?.kind === 'ink' ? placedStroke(left.strokes[0] ?? [], left.frame) : [];
  expect(first?.x).toBeCloseTo(100, 1);
  expect(first?.y).toBeCloseTo(300, 1);
  expect(applyChanges(less, rubOut(less, 'creek', 150, 300, 10)).items).toEqual({});
});

test('ink that was turned is rubbed out where it is seen', () => {
  const one = addStroke(start(), 'creek', points([100, 100], [300, 100]), pen, null);
  const made = applyChanges(start(), one.changes);
  const frame = made.items[one.itemId]?.frame ?? { x: 0, y: 0, width: 0, height: 0 };
  const turned = applyChanges(made, [
    { type: 'set-item', id: one.itemId, fields: { frame: { ...frame, rotation: 90 } } },
  ]);
  expect(rubOut(turned, 'creek', 120, 100, 8)).toEqual([]);
  expect(rubOut(turned, 'creek', 200, 20, 8)).not.toEqual([]);
});

const around = (corners: readonly (readonly [number, number])[], jitter = 0, seed = 3): InkPoint[] => {
  const chance = chances(seed);
  const off = () => (chance() - 0.5) * 2 * jitter;
  return corners.flatMap((corner, at) => {
    const [x, y] = corner;
    const [nextX, nextY] = corners[(at + 1) % corners.length] ?? corner;
    return Array.from({ length: 12 }, (_, step) => ({
      x: x + ((nextX - x) * step) / 12 + off(),
      y: y + ((nextY - y) * step) / 12 + off(),
      pressed: 0.5,
    }));
  });
};

test.each([0, 3, 6])('shapes by a hand that shakes by %s units are what they are meant to be', (jitter) => {
  for (let seed = 1; seed < 40; seed += 1) {
    const oval = Array.from({ length: 40 }, (_, at): readonly [number, number] => [
      400 + 150 * Math.cos((at / 40) * 2 * Math.PI),
      300 + 90 * Math.sin((at / 40) * 2 * Math.PI),
    ]);
    expect(straightened(around(oval, jitter, seed))?.is).toBe('oval');
    const box = [
      [100, 100],
      [420, 100],
      [420, 300],
      [100, 300],
    ] as const;
    expect(straightened(around(box, jitter, seed))?.is).toBe('rectangle');
    const roof = [
      [250, 80],
      [420, 320],
      [80, 320],
    ] as const;
    expect(straightened(around(roof, jitter, seed))?.is).toBe('triangle');
    const line = points(...Array.from({ length: 20 }, (_, at) => [100 + at * 20, 200 + at * 7] as const));
    const chance = chances(seed);
    const shaken = line.map((point) => ({ ...point, y: point.y + (chance() - 0.5) * 2 * jitter }));
    expect(straightened(shaken)?.is).toBe('line');
  }
});

test('an open curve and a dot stay as they are', () => {
  expect(straightened(points([0, 0], [100, 120], [200, 0]))).toBeNull();
  expect(straightened(points([5, 5], [6, 6]))).toBeNull();
  expect(straightened([])).toBeNull();
});

test('what was straightened is an ordinary line or shape in the pen’s colour', () => {
  const line = addStraightened(start(), 'creek', points([100, 300], [400, 100]), pen);
  const drawn = Object.values(applyChanges(start(), line?.changes ?? []).items)[0];
  expect(drawn).toMatchObject({ kind: 'line', outline: 'words', from: { u: 0, v: 1 }, to: { u: 1, v: 0 } });
  const shape = addStraightened(
    start(),
    'creek',
    around([
      [0, 0],
      [200, 0],
      [200, 100],
      [0, 100],
    ]),
    pen,
  );
  expect(Object.values(applyChanges(start(), shape?.changes ?? []).items)[0]).toMatchObject({
    kind: 'shape',
    shape: 'sharp-rectangle',
    fill: 'transparent',
    outlineWidth: 5,
  });
});
