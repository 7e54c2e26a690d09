import fc from 'fast-check';
import { cropTo, pictureBehind, sharpnessOf, tidyCrop, undistorted, WHOLE_PICTURE } from '../index.js';

const frame = { x: 100, y: 50, width: 400, height: 200, rotation: 0 };
const no = { left: 0, top: 0, right: 0, bottom: 0 };
const part = fc.double({ min: -0.5, max: 1.5, noNaN: true });

describe('cropping', () => {
  test('an edge dragged inwards hides what is outside and leaves the picture where it is', () => {
    const { frame: next, crop } = cropTo(frame, WHOLE_PICTURE, { ...no, left: 100 });
    expect(next).toEqual({ ...frame, x: 200, width: 300 });
    expect(crop).toEqual({ x: 0.25, y: 0, width: 0.75, height: 1 });
  });

  test('whatever is cropped, the picture behind does not move or stretch', () => {
    const edge = fc.integer({ min: -600, max: 600 });
    fc.assert(
      fc.property(edge, edge, edge, edge, (left, top, right, bottom) => {
        const once = cropTo(frame, WHOLE_PICTURE, { left: 40, top: 20, right: 60, bottom: 30 });
        const twice = cropTo(once.frame, once.crop, { left, top, right, bottom });
        const behind = pictureBehind(twice.crop, twice.frame);
        expect(twice.frame.x + behind.x).toBeCloseTo(frame.x, 4);
        expect(twice.frame.y + behind.y).toBeCloseTo(frame.y, 4);
        expect(behind.width).toBeCloseTo(frame.width, 4);
        expect(behind.height).toBeCloseTo(frame.height, 4);
      }),
    );
  });

  test('a crop always lies within its picture', () => {
    fc.assert(
      fc.property(part, part, part, part, (x, y, width, height) => {
        const crop = tidyCrop({ x, y, width, height });
        expect(Math.min(crop.x, crop.y)).toBeGreaterThanOrEqual(0);
        expect(Math.max(crop.x + crop.width, crop.y + crop.height)).toBeLessThanOrEqual(1 + 1e-9);
        expect(tidyCrop(crop)).toEqual(crop);
      }),
    );
  });

  test('a picture put into a frame of other proportions is cropped, not stretched', () => {
    expect(undistorted({ width: 1000, height: 500 }, { width: 100, height: 100 })).toEqual({
      x: 0.25,
      y: 0,
      width: 0.5,
      height: 1,
    });
    expect(undistorted({ width: 500, height: 1000 }, { width: 100, height: 100 }).height).toBe(0.5);
  });
});

describe('sharpness', () => {
  test('a picture is sharp while it has a pixel for each of the projector’s', () => {
    const pixels = { width: 1920, height: 1080 };
    expect(sharpnessOf(pixels, WHOLE_PICTURE, { width: 1280, height: 720 }, 1280)).toEqual({
      ratio: 1,
      verdict: 'sharp',
    });
    expect(sharpnessOf({ width: 480, height: 270 }, WHOLE_PICTURE, { width: 1280, height: 720 }, 1280).verdict).toBe(
      'blurred',
    );
  });

  test('the more is cropped away, and the larger it is shown, the less sharp it is', () => {
    const pixels = { width: 800, height: 600 };
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 1, noNaN: true }), fc.integer({ min: 50, max: 600 }), (shown, size) => {
        const crop = { x: 0, y: 0, width: shown, height: shown };
        const whole = sharpnessOf(pixels, WHOLE_PICTURE, { width: size, height: size }, 1280);
        expect(sharpnessOf(pixels, crop, { width: size, height: size }, 1280).ratio).toBeLessThanOrEqual(whole.ratio);
        const larger = sharpnessOf(pixels, crop, { width: 2 * size, height: 2 * size }, 1280);
        expect(larger.ratio).toBeCloseTo(sharpnessOf(pixels, crop, { width: size, height: size }, 1280).ratio / 2, 6);
      }),
    );
  });
});
