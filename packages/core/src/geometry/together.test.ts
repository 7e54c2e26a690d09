import fc from 'fast-check';
import {
  type Box,
  boundsOf,
  boundsOfAll,
  centreOf,
  fitTogether,
  type Frame,
  isSquareToSlide,
  turnTogether,
} from './index.js';

const side = fc.integer({ min: 20, max: 400 });
const place = fc.integer({ min: -300, max: 1300 });
const square: fc.Arbitrary<Frame> = fc.record({
  x: place,
  y: place,
  width: side,
  height: side,
  rotation: fc.constantFrom(0, 90, 180, 270),
});
const askew: fc.Arbitrary<Frame> = square.map((frame) => ({ ...frame, rotation: frame.rotation + 33 }));
const expectClose = (a: Box, b: Box) => {
  for (const name of ['x', 'y', 'width', 'height'] as const) expect(a[name]).toBeCloseTo(b[name], 5);
};

test('stretching frames together stretches the box around them', () => {
  fc.assert(
    fc.property(fc.array(square, { minLength: 1, maxLength: 6 }), side, side, (frames, width, height) => {
      const from = boundsOfAll(frames);
      if (!from) return;
      const to = { x: 10, y: 20, width, height };
      const around = boundsOfAll(frames.map((frame) => fitTogether(frame, from, to)));
      if (around) expectClose(around, to);
    }),
  );
});

test('in proportion, frames turned askew keep their ratio and the box around them is stretched too', () => {
  fc.assert(
    fc.property(
      fc.array(askew, { minLength: 1, maxLength: 6 }),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      (frames, by) => {
        const from = boundsOfAll(frames);
        if (!from) return;
        const to = { x: 0, y: 0, width: from.width * by, height: from.height * by };
        const fitted = frames.map((frame) => fitTogether(frame, from, to));
        const around = boundsOfAll(fitted);
        if (around) expectClose(around, to);
        fitted.forEach((frame, index) => {
          const before = frames[index];
          if (before) expect(frame.width / frame.height).toBeCloseTo(before.width / before.height, 5);
        });
      },
    ),
  );
});

test('turning together and back leaves every frame where it was', () => {
  fc.assert(
    fc.property(square, fc.integer({ min: -360, max: 360 }), (frame, degrees) => {
      const about = { x: 200, y: 100 };
      const back = turnTogether(turnTogether(frame, about, degrees), about, -degrees);
      expectClose(boundsOf(back), boundsOf(frame));
    }),
  );
});

test('turned about its own centre a frame only turns', () => {
  const frame = { x: 10, y: 20, width: 30, height: 40, rotation: 350 };
  expect(turnTogether(frame, centreOf(frame), 20)).toEqual({ ...frame, rotation: 10 });
  expect(isSquareToSlide(frame)).toBe(false);
});
