import { find } from './search';

const all = [
  { shows: 'waves', tags: ['water', 'sea'] },
  { shows: 'fish', tags: ['animal', 'sea', 'food'] },
  { shows: 'fish off', tags: ['allergy'] },
  { shows: 'shell', tags: ['animal', 'sea'] },
];
const found = (typed: string) => find(all, typed).map((each) => each.shows);

test('nothing typed finds everything', () => expect(found('  ')).toHaveLength(4));
test('a name comes before what only has the word beside it', () => expect(found('fish')).toEqual(['fish', 'fish off']));
test('beginnings of words, all of them, are enough', () => {
  expect(found('sea ani')).toEqual(['fish', 'shell']);
  expect(found('ea')).toEqual([]);
});
