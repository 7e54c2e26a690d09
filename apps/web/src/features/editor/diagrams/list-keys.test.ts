import { listKey } from './list-keys';

/** A text with `|` where somebody types, or around what is marked. */
function typed(written: string) {
  const [before = '', marked = '', after] = written.split('|');
  return after === undefined
    ? { text: before + marked, from: before.length, to: before.length }
    : { text: before + marked + after, from: before.length, to: before.length + marked.length };
}
const shown = (of: ReturnType<typeof listKey>) =>
  of &&
  (of.from === of.to
    ? `${of.text.slice(0, of.from)}|${of.text.slice(of.to)}`
    : `${of.text.slice(0, of.from)}|${of.text.slice(of.from, of.to)}|${of.text.slice(of.to)}`);
const press = (key: string, written: string, shiftKey = false) => shown(listKey({ key, shiftKey }, typed(written)));

test.each([
  ['Tab', 'Tide\nMo|on', false, 'Tide\n\tMo|on'],
  ['Tab', '|Tide\nMoon|', false, '\t|Tide\n\tMoon|'],
  ['Tab', 'Tide\n\tMo|on', true, 'Tide\nMo|on'],
  ['Tab', '|\tTide\n\tMoon|', true, '|Tide\nMoon|'],
  ['Tab', 'Tide|', true, null],
  ['Enter', 'Tide\n\tMoon|', false, 'Tide\n\tMoon\n\t|'],
  ['Enter', 'Tide|', false, 'Tide\n|'],
  ['Enter', 'Ti|d|e', false, 'Ti\n|e'],
  ['a', 'Tide|', false, null],
])('%s in %j (shift: %s)', (key, before, shift, after) => {
  expect(press(key, before, shift)).toBe(after);
});
