/** What is heard while something is sorted. */
import { spokenSorting } from './spoken-sorting';

const { announcements } = spokenSorting(['a', 'b', 'c'], (id) => `slide ${id}`);
const event = (active: string, over: string | null) =>
  ({ active: { id: active }, over: over === null ? null : { id: over } }) as never;

test('names and places are said, not identifiers', () => {
  expect(announcements?.onDragStart(event('b', null))).toBe('slide b is picked up, at place 2 of 3.');
  expect(announcements?.onDragOver(event('b', 'c'))).toBe('slide b is at place 3 of 3.');
  expect(announcements?.onDragEnd(event('b', 'c'))).toBe('slide b is put down at place 3 of 3.');
  expect(announcements?.onDragCancel(event('b', 'c'))).toBe('slide b is back where it was.');
});

test('beside the list nothing is said; let go there, it stays where it was', () => {
  expect(announcements?.onDragOver(event('b', null))).toBeUndefined();
  expect(announcements?.onDragEnd(event('b', null))).toBe('slide b is put down at place 2 of 3.');
});
