import { TurnsOfOwners } from './turns-of-owners.js';

test('who brings much waits for their own, and not others for them', () => {
  const turns = new TurnsOfOwners<string>();
  for (const job of ['a1', 'a2', 'a3']) turns.add('a', job);
  turns.add('b', 'b1');
  expect(turns.next()).toBe('a1');
  turns.add('c', 'c1');
  expect(turns.size).toBe(4);
  expect([1, 2, 3, 4, 5].map(() => turns.next())).toEqual(['b1', 'c1', 'a2', 'a3', undefined]);
  expect(turns.size).toBe(0);
});

test('whoever has just had a turn comes after those who have not', () => {
  const turns = new TurnsOfOwners<string>();
  turns.add('a', 'a1');
  expect(turns.next()).toBe('a1');
  turns.add('a', 'a2');
  turns.add('b', 'b1');
  expect([turns.next(), turns.next()]).toEqual(['b1', 'a2']);
});
