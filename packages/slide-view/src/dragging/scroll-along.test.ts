import fc from 'fast-check';
import { scrollStep } from './scroll-along.js';

const size = fc.integer({ min: 0, max: 2000 });

test('in the middle of what is in sight nothing scrolls', () => {
  expect(scrollStep(200, 400)).toBe(0);
  expect(scrollStep(100, 400)).toBe(0);
});

test('it scrolls backward at the beginning and forward at the end, faster the nearer the edge', () => {
  expect(scrollStep(0, 400)).toBeLessThan(scrollStep(30, 400));
  expect(scrollStep(30, 400)).toBeLessThan(0);
  expect(scrollStep(370, 400)).toBeGreaterThan(0);
  expect(scrollStep(500, 400)).toBe(scrollStep(400, 400));
});

test('both ends are alike', () => {
  // Half a pixel a frame is rounded to the same number at both.
  expect(scrollStep(180, 192)).toBe(-scrollStep(12, 192));
  fc.assert(
    fc.property(size, fc.integer({ min: -100, max: 2100 }), (whole, place) => {
      expect(scrollStep(place, whole) + scrollStep(whole - place, whole)).toBeCloseTo(0);
    }),
  );
});
