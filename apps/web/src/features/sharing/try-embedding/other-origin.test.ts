import { otherOrigin } from './other-origin';

test.each([
  ['http://127.0.0.1:4170', 'http://localhost:4170'],
  ['http://localhost:4170', 'http://127.0.0.1:4170'],
  ['https://gobrel.school.example', 'https://gobrel.school.example'],
])('from %s a page of another origin is at %s', (here, there) => {
  expect(otherOrigin(new URL(here))).toBe(there);
});
