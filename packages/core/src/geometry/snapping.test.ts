import fc from 'fast-check';
import { type Box, guidesFor, snapEdges, snapMove, type SnapTargets, snapTargets } from './index.js';

const slide = { width: 1280, height: 720 };
const box = (x: number, y: number, width = 100, height = 60): Box => ({ x, y, width, height });
const boxes = fc.array(
  fc.record({
    x: fc.integer({ min: -200, max: 1300 }),
    y: fc.integer({ min: -200, max: 800 }),
    width: fc.integer({ min: 10, max: 400 }),
    height: fc.integer({ min: 10, max: 400 }),
  }),
  { minLength: 1, maxLength: 12 },
);

/** A box as it is drawn in, and what shows why. */
function snapped(box: Box, targets: SnapTargets, reach: number) {
  const { dx, dy } = snapMove(box, targets, reach);
  return { dx, dy, guides: guidesFor({ ...box, x: box.x + dx, y: box.y + dy }, targets) };
}

describe('moving', () => {
  test('a box comes flush with the edge of another, and the line between them is shown', () => {
    const targets = snapTargets([box(300, 100)], slide);
    const snap = snapped(box(304, 400), targets, 6);
    expect(snap).toMatchObject({ dx: -4, dy: 0 });
    expect(snap.guides).toContainEqual({ kind: 'line', axis: 'x', at: 300, from: 100, to: 460 });
  });

  test('beyond the reach nothing draws, unless there is a grid', () => {
    const targets = snapTargets([], slide);
    expect(snapped(box(211, 133), targets, 5)).toEqual({ dx: 0, dy: 0, guides: [] });
    expect(snapMove(box(211, 133), targets, 5, 20)).toEqual({ dx: 9, dy: 7 });
  });

  test('the middle of the slide draws the middle of a box', () => {
    const snap = snapped(box(592, 333), snapTargets([], slide), 6);
    expect(snap).toMatchObject({ dx: -2, dy: -3 });
    expect(snap.guides.map((guide) => guide.at)).toEqual([640, 360]);
  });

  test('a third box is drawn to where its gap equals the one before, and both gaps are shown', () => {
    const targets = snapTargets([box(0, 203), box(140, 201)], slide);
    const snap = snapped(box(283, 207, 90), targets, 5);
    expect(283 + snap.dx).toBe(280);
    expect(snap.guides.filter((guide) => guide.kind === 'gap').map(({ from, to }) => [from, to])).toEqual([
      [100, 140],
      [240, 280],
    ]);
  });

  test('between two boxes it is drawn to the middle of the gap', () => {
    const targets = snapTargets([box(0, 203, 77), box(431, 201, 90)], slide);
    const snap = snapped(box(203, 207, 93), targets, 6);
    expect(203 + snap.dx).toBe(77 + (431 - 77 - 93) / 2);
  });

  test('a box in another row has no gap to equal', () => {
    const targets = snapTargets([box(11, 0), box(151, 5)], slide);
    expect(snapped(box(297, 500, 90), targets, 5).guides.filter((guide) => guide.kind === 'gap')).toEqual([]);
  });

  test('nothing is ever drawn further than the reach, and what is snapped stays where it is', () => {
    fc.assert(
      fc.property(boxes, boxes, fc.integer({ min: 1, max: 12 }), (others, [moving], reach) => {
        if (!moving) return;
        const targets = snapTargets(others, slide);
        const snap = snapped(moving, targets, reach);
        expect(Math.abs(snap.dx)).toBeLessThanOrEqual(reach);
        expect(Math.abs(snap.dy)).toBeLessThanOrEqual(reach);
        const settled = { ...moving, x: moving.x + snap.dx };
        // Along one axis alone: where a box lies across decides which neighbours it has.
        expect(snapMove(settled, { ...targets, rows: snapTargets([], slide).rows }, 0).dx).toBeCloseTo(0, 6);
      }),
    );
  });

  test('a box is drawn in the same, and shows the same, whatever size it was said to have', () => {
    fc.assert(
      fc.property(boxes, boxes, fc.integer({ min: 1, max: 40 }), (others, moving, reach) => {
        const plain = snapTargets(others, slide);
        // Also edge to edge with others, where being beside them begins and ends.
        const places = moving.flatMap((each) => [
          each,
          ...others.map((other) => ({ ...each, y: other.y + other.height })),
          ...others.map((other) => ({ ...each, x: other.x - each.width })),
        ]);
        for (const place of places)
          for (const said of moving) {
            const targets = snapTargets(others, slide, said);
            expect(snapMove(place, targets, reach)).toEqual(snapMove(place, plain, reach));
            expect(guidesFor(place, targets)).toEqual(guidesFor(place, plain));
          }
      }),
      { numRuns: 50 },
    );
  });

  test('every line shown lies on an edge or the middle of the box as snapped', () => {
    fc.assert(
      fc.property(boxes, boxes, (others, [moving]) => {
        if (!moving) return;
        const snap = snapped(moving, snapTargets(others, slide), 8);
        const x = moving.x + snap.dx;
        const y = moving.y + snap.dy;
        for (const guide of snap.guides.filter(({ kind }) => kind === 'line')) {
          const [start, size] = guide.axis === 'x' ? [x, moving.width] : [y, moving.height];
          const off = [start, start + size / 2, start + size].map((anchor) => Math.abs(anchor - guide.at));
          expect(Math.min(...off)).toBeLessThan(0.02);
          expect(guide.from).toBeLessThanOrEqual(guide.to);
        }
      }),
    );
  });
});

describe('resizing', () => {
  test('only the dragged edges are drawn', () => {
    const targets = snapTargets([box(300, 400)], slide);
    const corner = { horizontal: 1, vertical: 1 } as const;
    expect(snapEdges(box(47, 51, 250, 346), corner, targets, 6)).toMatchObject({ dx: 3, dy: 3 });
    expect(snapEdges(box(47, 51, 250, 346), { horizontal: -1, vertical: 0 }, targets, 6)).toMatchObject({
      dx: 0,
      dy: 0,
    });
    expect(snapEdges(box(47, 51, 250, 346), { horizontal: 1, vertical: 0 }, targets, 6).guides).toHaveLength(1);
  });

  test('an edge beyond the reach falls on the grid', () => {
    const snap = snapEdges(box(40, 40, 115, 60), { horizontal: 1, vertical: 0 }, snapTargets([], slide), 4, 20);
    expect(snap).toEqual({ dx: 5, dy: 0, guides: [] });
  });
});
