import { byName, inOrder } from './in-order';

test('names stand in the order of the language, with numbers by what they are worth', () => {
  const names = ['Zoë', 'Écrin', 'Eddy', 'adam', 'Group 10', 'Group 9', 'Bea'];
  expect([...names].sort(inOrder)).toEqual(['adam', 'Bea', 'Écrin', 'Eddy', 'Group 9', 'Group 10', 'Zoë']);
});

test('people are put in order without touching the list they came in', () => {
  const people = [{ name: 'Noor' }, { name: 'Ines' }];
  expect(byName(people)).toEqual([{ name: 'Ines' }, { name: 'Noor' }]);
  expect(people[0]?.name).toBe('Noor');
});
