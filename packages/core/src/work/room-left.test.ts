import { addedShare, drawnShare, leftToTell } from './room-left.js';
import { emptyWork, type Stroke, workLimits } from './work.js';

test('what is left is told when a tenth is left, when a fiftieth is, and not in between', () => {
  expect(leftToTell(200, 100, 179)).toBeNull();
  expect(leftToTell(200, 179, 180)).toBe(20);
  expect(leftToTell(200, 180, 181)).toBeNull();
  expect(leftToTell(200, 195, 196)).toBe(4);
  expect(leftToTell(200, 196, 197)).toBeNull();
  // Pasted past both at once, it is told once, and after something was taken back, again.
  expect(leftToTell(200, 0, 199)).toBe(1);
  expect(leftToTell(200, 170, 185)).toBe(15);
});

test('the room for drawing and adding is used up by many as by large ones', () => {
  const stroke: Stroke = { itemId: 'area', tool: 'pen', color: '#204060', width: 4, points: [0, 0] };
  const long = { ...stroke, points: Array.from({ length: workLimits.allPoints / 2 }, () => 1) };
  expect(drawnShare(emptyWork)).toBe(0);
  expect(drawnShare({ ...emptyWork, drawn: { a: stroke } })).toBeCloseTo(1 / workLimits.strokes);
  expect(drawnShare({ ...emptyWork, drawn: { a: long } })).toBe(0.5);
  const place = { areaId: 'area', x: 0, y: 0, width: 9, height: 9 };
  const pixels = { width: 9, height: 9 };
  const bytes = 'A'.repeat(workLimits.allPictures / 5);
  const picture = { kind: 'picture', ...place, bytes, type: 'image/jpeg', pixels, alt: '', credit: '' } as const;
  expect(addedShare({ ...emptyWork, added: { a: picture } })).toBeCloseTo(0.2);
  expect(addedShare({ ...emptyWork, added: { a: { kind: 'text', ...place, text: '', size: 30 } } })).toBeCloseTo(0.01);
});
