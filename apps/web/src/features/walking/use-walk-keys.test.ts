import { walkKey } from './use-walk-keys';

/** What a key did. */
function pressed(key: string, presses = false) {
  const done: string[] = [];
  const walk = { step: ({ type }: { type: string }) => void done.push(type) };
  const acted = walkKey(key, presses, walk, () => done.push('full'));
  return { acted, done };
}

test.each([
  ['ArrowRight', 'next'],
  ['PageDown', 'next'],
  [' ', 'next'],
  ['ArrowLeft', 'back'],
  ['PageUp', 'back'],
  ['Home', 'restart'],
  ['f', 'full'],
])('%s does %s', (key, does) => {
  expect(pressed(key)).toEqual({ acted: true, done: [does] });
});

test('the space bar presses what has the focus; other keys do nothing', () => {
  expect(pressed(' ', true)).toEqual({ acted: false, done: [] });
  expect(pressed('q')).toEqual({ acted: false, done: [] });
});
