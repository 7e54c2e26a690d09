import { nameOfCheck } from './name-of-check';

test.each([
  [0, 'Check'],
  [1, 'Check 1'],
  [99, 'Check 99'],
  [500, 'Check 99+'],
])('with %i findings the tab is called “%s”', (findings, name) => {
  expect(nameOfCheck(findings)).toBe(name);
});
