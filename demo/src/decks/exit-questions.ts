/** "Exit questions": a short round at the end of the hour. */
import type { Deck } from '@gobrel/core/deck';
import { DeckWriter, type PictureIds } from './deck-writer.js';

/** The deck. */
export function exitQuestions(pictures: PictureIds): Deck {
  const deck = new DeckWriter('Exit questions: night on the saltmarsh', pictures, 'Saltmarsh');
  const letters = (...texts: string[]) => texts.map((text, index) => ({ id: `c${index + 1}`, text }));
  deck
    .slide('exit-1', 'Tide', { background: 'ground' })
    .title('Before you go: the tide', [90, 60, 1000, 76])
    .add('choice', [90, 170, 860, 430], {
      id: 'exit-tide',
      fields: {
        prompt: 'How long is it from one high water to the next?',
        choices: letters('about 6 hours', 'about 12 and a half hours', 'a day', 'it depends on the wind'),
        right: ['c2'],
      },
    });
  deck
    .slide('exit-2', 'Night animals', { background: '#f3ece0' })
    .title('Before you go: who is out at night?', [90, 60, 1100, 76])
    .add('choice', [90, 170, 860, 430], {
      id: 'exit-night',
      fields: {
        prompt: 'Which of these hunt at night? Pick all that do.',
        choices: letters('barn owl', 'otter', 'swallow', 'eel'),
        right: ['c1', 'c2', 'c4'],
        several: true,
        points: 3,
      },
    });
  deck
    .slide('exit-3', 'In one word', { background: 'ground' })
    .title('Before you go: in your words', [90, 60, 1000, 76])
    .add('short-text', [90, 170, 720, 190], {
      id: 'exit-plant',
      fields: {
        prompt: 'Name the purple plant of the splash zone.',
        accepted: ['sea lavender', 'limonium'],
        points: 2,
      },
    })
    .add('choice', [90, 390, 720, 270], {
      id: 'exit-sure',
      fields: {
        prompt: 'How sure are you about the tide?',
        choices: letters('very', 'a little', 'not at all'),
        right: [],
      },
    });
  return deck.deck;
}
