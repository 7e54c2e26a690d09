import { layOutRoutes } from './route-layout';

const wide = { width: 1280, height: 720 };

test('on a wide screen cards stand beside the slide and do not touch it', () => {
  const { slide, card, stacked, fits } = layOutRoutes({ width: 940, height: 640 }, wide);
  expect(stacked).toBe(false);
  expect(slide.width / slide.height).toBeCloseTo(16 / 9);
  expect(card('arriving', 0, 2).x + 96).toBeLessThan(slide.x);
  expect(card('leaving', 0, 2).x).toBeGreaterThan(slide.x + slide.width);
  expect(card('leaving', fits - 1, fits).y + 108).toBeLessThanOrEqual(640);
});

test('on an upright tablet they stand above and below, and the slide takes the width', () => {
  const area = { width: 480, height: 960 };
  const { slide, card, port, stacked, fits } = layOutRoutes(area, wide);
  expect(stacked).toBe(true);
  expect(slide.width).toBeGreaterThan(440);
  expect(card('arriving', 0, 1).y).toBeLessThan(slide.y);
  expect(card('leaving', 0, 1).y).toBeGreaterThan(slide.y + slide.height);
  for (let index = 0; index < fits; index += 1) {
    expect(card('leaving', index, fits).x).toBeGreaterThanOrEqual(0);
    expect(card('leaving', index, fits).x + 96).toBeLessThanOrEqual(area.width);
  }
  expect(port('arriving', 0, 1).y).toBeLessThanOrEqual(slide.y);
});

test('a slide never gets too small to see', () => {
  expect(layOutRoutes({ width: 630, height: 100 }, wide).slide.width).toBe(160);
});
