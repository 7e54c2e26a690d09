/** Decks of a backup name what they show as it is named here. */
import { filesIn, picturesIn } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { renamed } from './restore-backup';

const [owl, splash, moon] = ['a', 'b', 'c'].map((letter) => letter.repeat(64));
const { deck } = new DeckBuilder()
  .slide('gate')
  .item('owl', 'picture', { fields: { picture: owl ?? '' } })
  .item('words', 'shape')
  .apply([
    {
      type: 'set-item',
      id: 'words',
      fields: { link: { to: 'file', file: splash ?? '', name: 'splash.wav', plays: true } },
    },
  ]);

test('pictures and files that were stored under other names are called by those', () => {
  const there = renamed(deck, new Map([[owl ?? '', moon ?? '']]));
  expect(picturesIn(there)).toEqual([moon]);
  expect(filesIn(there)).toEqual([splash]);
  expect(Object.keys(there.items)).toEqual(Object.keys(deck.items));
});

test('where all are called the same, it is the very same deck', () => {
  expect(renamed(deck, new Map())).toBe(deck);
});
