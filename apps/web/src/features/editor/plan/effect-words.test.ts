import { addedInWords, changedInWords, cutInWords, cutLinks, removedInWords, renamedInWords } from './effect-words';

test('nothing is said of what would not happen', () => {
  for (const said of [addedInWords([]), renamedInWords([]), changedInWords([]), removedInWords([]), cutInWords([])])
    expect(said).toBe('');
});

test('what would happen is said by name, the first few of them', () => {
  expect(addedInWords(['Shore'])).toBe('1 new slide: “Shore”');
  expect(addedInWords(['a', 'b', 'c', 'd', 'e'])).toBe('5 new slides: “a”, “b”, “c”, “d” and 1 more');
  expect(renamedInWords([{ from: 'Shore', to: 'Beach' }])).toBe('Renamed: “Shore → Beach”');
  expect(removedInWords([''])).toBe('Deleted with everything on them: “without a name”');
});

test('links are said by what carries them and where that is', () => {
  const links = [{ on: 'Shore', words: 'into the sea' }];
  expect(cutInWords(links)).toBe('Links removed: “into the sea” on “Shore”');
  expect(cutLinks(links)).toBe('“into the sea” on “Shore”');
});
