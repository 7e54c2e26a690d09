import fc from 'fast-check';
import {
  boundsOf,
  boundsOfAll,
  boxesMeet,
  centreOf,
  containsPoint,
  cornersOf,
  type Frame,
  type Handle,
  normaliseAngle,
  resizeFrame,
  restingPlace,
  rotationTowards,
  SMALLEST_SIDE,
  turnPoint,
} from './index.js';

const coordinate = fc.integer({ min: -500, max: 1500 });
const frames: fc.Arbitrary<Frame> = fc.record({
  x: coordinate,
  y: coordinate,
  width: fc.integer({ min: 40, max: 800 }),
  height: fc.integer({ min: 40, max: 800 }),
  rotation: fc.integer({ min: 0, max: 359 }),
});
const handles: fc.Arbitrary<Handle> = fc
  .record({
    horizontal: fc.constantFrom(-1 as const, 0 as const, 1 as const),
    vertical: fc.constantFrom(-1 as const, 0 as const, 1 as const),
  })
  .filter(({ horizontal, vertical }) => horizontal !== 0 || vertical !== 0);

/** The point of a frame that a handle leaves where it is, as drawn. */
function anchorOf(frame: Frame, handle: Handle) {
  const centre = centreOf(frame);
  const local = {
    x: centre.x - (handle.horizontal * frame.width) / 2,
    y: centre.y - (handle.vertical * frame.height) / 2,
  };
  return turnPoint(local, centre, frame.rotation);
}

describe('frames', () => {
  test('turning a point there and back leaves it where it was', () => {
    fc.assert(
      fc.property(coordinate, coordinate, fc.integer({ min: -720, max: 720 }), (x, y, degrees) => {
        const centre = { x: 10, y: 20 };
        const back = turnPoint(turnPoint({ x, y }, centre, degrees), centre, -degrees);
        expect(back.x).toBeCloseTo(x, 6);
        expect(back.y).toBeCloseTo(y, 6);
      }),
    );
  });

  test('the bounds of a turned frame hold all its corners and share its centre', () => {
    fc.assert(
      fc.property(frames, (frame) => {
        const bounds = boundsOf(frame);
        for (const corner of cornersOf(frame)) {
          expect(
            containsPoint(
              {
                ...bounds,
                x: bounds.x - 0.001,
                y: bounds.y - 0.001,
                width: bounds.width + 0.002,
                height: bounds.height + 0.002,
                rotation: 0,
              },
              corner,
            ),
          ).toBe(true);
        }
        expect(centreOf(bounds).x).toBeCloseTo(centreOf(frame).x, 6);
        expect(centreOf(bounds).y).toBeCloseTo(centreOf(frame).y, 6);
      }),
    );
  });

  test('the bounds of several frames hold each of them', () => {
    expect(boundsOfAll([])).toBeNull();
    expect(
      boundsOfAll([
        { x: 0, y: 0, width: 10, height: 10, rotation: 0 },
        { x: 30, y: 40, width: 10, height: 10, rotation: 0 },
      ]),
    ).toEqual({ x: 0, y: 0, width: 40, height: 50 });
  });

  test('a quarter turn swaps the sides of the bounds', () => {
    const bounds = boundsOf({ x: 0, y: 0, width: 100, height: 20, rotation: 90 });
    expect(bounds.width).toBeCloseTo(20);
    expect(bounds.height).toBeCloseTo(100);
  });

  test('boxes that touch meet, boxes apart do not', () => {
    const box = { x: 0, y: 0, width: 10, height: 10 };
    expect(boxesMeet(box, { ...box, x: 10 })).toBe(true);
    expect(boxesMeet(box, { ...box, x: 11 })).toBe(false);
  });

  test('angles come to lie between 0 and 360 degrees', () => {
    expect(normaliseAngle(-90)).toBe(270);
    expect(normaliseAngle(360)).toBe(0);
    expect(normaliseAngle(725)).toBe(5);
  });
});

describe('resizing', () => {
  test('whatever the turn, the opposite edge or corner stays where it is drawn', () => {
    fc.assert(
      fc.property(
        frames,
        handles,
        fc.integer({ min: -300, max: 300 }),
        fc.integer({ min: -300, max: 300 }),
        fc.boolean(),
        (frame, handle, dx, dy, proportional) => {
          const resized = resizeFrame(frame, handle, dx, dy, { proportional });
          expect(anchorOf(resized, handle).x).toBeCloseTo(anchorOf(frame, handle).x, 5);
          expect(anchorOf(resized, handle).y).toBeCloseTo(anchorOf(frame, handle).y, 5);
          expect(resized.width).toBeGreaterThanOrEqual(SMALLEST_SIDE - 1e-9);
          expect(resized.height).toBeGreaterThanOrEqual(SMALLEST_SIDE - 1e-9);
        },
      ),
    );
  });

  test('a corner dragged proportionally keeps the ratio of the sides', () => {
    const resized = resizeFrame(
      { x: 0, y: 0, width: 200, height: 100, rotation: 0 },
      { horizontal: 1, vertical: 1 },
      100,
      0,
      { proportional: true },
    );
    expect(resized).toEqual({ x: 0, y: 0, width: 300, height: 150, rotation: 0 });
  });

  test('resized from the centre, the centre stays and the dragged edge follows the pointer', () => {
    fc.assert(
      fc.property(
        frames,
        handles,
        fc.integer({ min: 0, max: 300 }),
        fc.boolean(),
        (frame, handle, way, proportional) => {
          const resized = resizeFrame(frame, handle, way, way, { proportional, fromCentre: true });
          expect(centreOf(resized).x).toBeCloseTo(centreOf(frame).x, 5);
          expect(centreOf(resized).y).toBeCloseTo(centreOf(frame).y, 5);
        },
      ),
    );
    const square = { x: 0, y: 0, width: 100, height: 100, rotation: 0 };
    const right = { horizontal: 1, vertical: 0 } as const;
    expect(resizeFrame(square, right, 10, 0, { fromCentre: true })).toEqual({ ...square, x: -10, width: 120 });
  });

  test('the turning handle points the top of the frame at the pointer', () => {
    const frame = { x: 0, y: 0, width: 100, height: 100, rotation: 0 };
    expect(rotationTowards(frame, { x: 50, y: -40 })).toBe(0);
    expect(rotationTowards(frame, { x: 140, y: 50 })).toBe(90);
    expect(rotationTowards(frame, { x: 50, y: 140 })).toBe(180);
    expect(rotationTowards(frame, { x: 130, y: -40 }, 15)).toBe(45);
  });
});

describe('dropping into a zone', () => {
  const zone = { x: 100, y: 100, width: 300, height: 200, rotation: 0 };

  test('pieces put into a zone one after another do not overlap while there is room', () => {
    const size = { width: 120, height: 40 };
    const taken: { x: number; y: number; width: number; height: number }[] = [];
    for (let count = 0; count < 4; count += 1) taken.push({ ...size, ...restingPlace(size, zone, taken, 30) });
    for (const [index, one] of taken.entries()) {
      for (const other of taken.slice(index + 1)) {
        expect(Math.abs(one.x - other.x) >= size.width || Math.abs(one.y - other.y) >= size.height).toBe(true);
      }
      expect(one.y).toBeGreaterThanOrEqual(130);
    }
  });

  test('a piece larger than the zone lies over its middle', () => {
    expect(restingPlace({ width: 400, height: 300 }, zone, [])).toEqual({ x: 50, y: 50 });
  });
});
