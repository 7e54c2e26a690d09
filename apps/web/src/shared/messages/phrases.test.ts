import { duration, inFull, listed, percent, someOf, withUnit } from './phrases';

test('parts are listed with commas, empty ones left out', () => {
  expect(listed(['Text', '', '“Tide”', 'locked'])).toBe('Text, “Tide”, locked');
  expect(listed([''])).toBe('');
});

test('of many names the first four are said, and how many more there are', () => {
  expect(someOf(['a', 'b', 'c', 'd'])).toBe('a, b, c, d');
  expect(someOf(['a', 'b', 'c', 'd', 'e', 'f'])).toBe('a, b, c, d and 2 more');
});

test.each([
  [withUnit(12, 'km'), '12 km'],
  [withUnit('3.5', ''), '3.5'],
  [inFull(1234.5678901), '1,234.5678901'],
  [percent(0.376), '38%'],
  [duration(65), '1:05'],
  [duration(600), '10:00'],
])('%s is said as %s', (made, said) => {
  expect(made).toBe(said);
});
