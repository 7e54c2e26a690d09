/** Words about signs and stickers. */
import { many } from './phrases';

export const signs = {
  title: 'Signs and stickers',
  set: 'Which ones',
  sets: { signs: 'Signs', stickers: 'Stickers' },
  find: 'What it shows',
  hint: 'Such as fish, arrow, lantern or happy.',
  found: (count: number, shown: number) =>
    count === 0
      ? 'Nothing of that name. Try another word.'
      : count > shown
        ? `${shown} of ${count}. Type a word to find others.`
        : many(count, 'is there', 'are there'),
  color: 'Colour of the lines',
  weight: 'weight',
  shows: 'What it shows',
} as const;
