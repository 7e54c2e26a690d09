import { snapTargets } from '@gobrel/core/geometry';
import { draggedFrames, type DragModifiers } from './dragged-frames';
import { guidesOf, movedBy } from './moving';

const sign = { x: 100, y: 100, width: 200, height: 100, rotation: 0 };
const frames = { sign };
const from = { x: 0, y: 0 };
const plain: DragModifiers = { exact: false, fromCentre: false, snap: null };
const exact: DragModifiers = { ...plain, exact: true };
const snapping = (...boxes: (typeof sign)[]): DragModifiers => ({
  ...plain,
  snap: { targets: snapTargets(boxes, { width: 1280, height: 720 }), reach: 6, grid: 0 },
});
const turn = { kind: 'turn' } as const;
const corner = { kind: 'handle', handle: { horizontal: 1, vertical: 1 } } as const;
const dragged = (...[grip, to, manner]: [Parameters<typeof draggedFrames>[1], typeof from, DragModifiers]) =>
  draggedFrames(frames, grip, from, to, manner).frames['sign'];

test('items are moved by whole slide units, and straight with Shift', () => {
  expect(movedBy(sign, { x: 10.4, y: -3.6 }, plain)).toEqual({ dx: 10, dy: -4 });
  expect(movedBy(sign, { x: 10, y: -3 }, exact)).toEqual({ dx: 10, dy: 0 });
  expect(movedBy(sign, { x: 2, y: -30 }, exact)).toEqual({ dx: 0, dy: -30 });
});

test('a handle resizes, keeps the proportion with Shift, and the centre with Alt', () => {
  expect(dragged(corner, { x: 50, y: 10 }, plain)).toMatchObject({ width: 250, height: 110 });
  expect(dragged(corner, { x: 100, y: 0 }, exact)).toMatchObject({ width: 300, height: 150 });
  expect(dragged(corner, { x: 50, y: 10 }, { ...plain, fromCentre: true })).toMatchObject({ x: 50, width: 300, y: 90 });
});

test('a picture keeps its proportion by its corners, and leaves it by its sides or with Shift', () => {
  const picture: DragModifiers = { ...plain, inProportion: true };
  const side = { kind: 'handle', handle: { horizontal: 1, vertical: 0 } } as const;
  expect(dragged(corner, { x: 100, y: 0 }, picture)).toMatchObject({ width: 300, height: 150 });
  expect(dragged(corner, { x: 100, y: 0 }, { ...picture, exact: true })).toMatchObject({ width: 300, height: 100 });
  expect(dragged(side, { x: 100, y: 0 }, picture)).toMatchObject({ width: 300, height: 100 });
});

test('a picture snaps by the nearer edge of its corner and keeps its proportion', () => {
  const { snap } = snapping({ ...sign, x: 600, y: 400 });
  const picture: DragModifiers = { ...plain, inProportion: true, snap };
  const { frames: made, guides } = draggedFrames(frames, corner, from, { x: 297, y: 40 }, picture);
  expect(made['sign']).toMatchObject({ x: 100, y: 100, width: 500, height: 250 });
  expect(guides.map(({ axis }) => axis)).toEqual(['x']);
  expect(dragged(corner, { x: 150, y: 10 }, picture)).toMatchObject({ width: 350, height: 175 });
});

test('turning stops at fifteen degrees, and at each one with Shift', () => {
  const pointer = { x: 330, y: 20 };
  expect(dragged(turn, pointer, plain)?.rotation).toBe(45);
  expect(dragged(turn, pointer, exact)?.rotation).toBe(45);
  expect(dragged(turn, { x: 330, y: 40 }, exact)?.rotation).toBe(50);
});

test('a moved item snaps to another one’s edge and shows why; moved straight it keeps to its way', () => {
  const manner = snapping({ ...sign, x: 600, y: 400 });
  const askew = { x: 497, y: 150 };
  expect(movedBy(sign, askew, manner)).toEqual({ dx: 500, dy: 150 });
  expect(guidesOf(sign, { dx: 500, dy: 150 }, askew, manner).length).toBeGreaterThan(0);
  const level = { x: 497, y: 3 };
  const straight = { ...manner, exact: true };
  expect(movedBy(sign, level, straight)).toEqual({ dx: 500, dy: 0 });
  expect(guidesOf(sign, { dx: 500, dy: 0 }, level, straight).map(({ axis }) => axis)).toEqual(['x', 'x']);
});

test('a dragged edge snaps, unless the item is turned', () => {
  const manner = snapping({ ...sign, x: 600, y: 400 });
  expect(dragged(corner, { x: 297, y: 40 }, manner)).toMatchObject({ width: 500, height: 140 });
  const turned = { sign: { ...sign, rotation: 30 } };
  expect(draggedFrames(turned, corner, from, { x: 297, y: 40 }, manner).guides).toEqual([]);
});

describe('several items', () => {
  const two = { sign, moon: { x: 500, y: 300, width: 100, height: 100, rotation: 0 } };

  test('are resized as one, each keeping its place among them', () => {
    const { frames: resized } = draggedFrames(two, corner, from, { x: 500, y: 300 }, plain);
    expect(resized['sign']).toMatchObject({ x: 100, y: 100, width: 400, height: 200 });
    expect(resized['moon']).toMatchObject({ x: 900, y: 500, width: 200, height: 200 });
  });

  test('are turned about the middle they share', () => {
    const { frames: turned } = draggedFrames(two, turn, from, { x: 9000, y: 250 }, plain);
    expect(turned['sign']).toMatchObject({ rotation: 90, x: 350, y: 50 });
    expect(turned['moon']?.rotation).toBe(90);
  });

  test('one of which is askew keep their proportion', () => {
    const askew = { ...two, moon: { ...two.moon, rotation: 20 } };
    const { frames: resized } = draggedFrames(askew, corner, from, { x: 200, y: 0 }, plain);
    const [sign2, moon2] = [resized['sign'], resized['moon']];
    expect((sign2?.width ?? 0) / (sign2?.height ?? 1)).toBeCloseTo(2, 1);
    expect(moon2?.width).toBeCloseTo(moon2?.height ?? 0, 1);
  });
});
