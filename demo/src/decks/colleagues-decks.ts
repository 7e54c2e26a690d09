/** What colleagues of the sample school offer: short decks of other subjects. */
import type { Deck } from '@gobrel/core/deck';
import { DeckWriter, type PictureIds, toSlide } from './deck-writer.js';

/** "Tide tables: reading times and heights", for mathematics: two ways on, by whether the table was read right. */
export function tideTables(pictures: PictureIds): Deck {
  const deck = new DeckWriter('Tide tables: reading times and heights', pictures, 'Saltmarsh');
  deck
    .slide('tables-start', 'Start', { background: 'ground' })
    .title('When can we walk to the island?')
    .text(
      'High water today: 05:40, 18:05\nLow water today: 11:50\nThe path is dry for an hour before and after low water.',
      [90, 180, 760, 220],
    )
    .sign('Work it out', toSlide('tables-times'), [90, 480, 300, 80]);
  deck
    .slide('tables-times', 'Times', { background: 'ground' })
    .title('How long between low and high water?')
    .add('number', [90, 180, 760, 200], {
      id: 'tables-gap',
      fields: { prompt: 'Minutes from 11:50 to 18:05', right: 375, tolerance: 0 },
    })
    .sign('On to the heights', toSlide('tables-heights'), [90, 480, 340, 80]);
  deck
    .slide('tables-heights', 'Heights', { background: 'ground' })
    .title('How far does the water rise?')
    .add('number', [90, 180, 760, 200], {
      id: 'tables-rise',
      fields: { prompt: 'From 0.9 m to 5.3 m, in metres', right: 4.4, tolerance: 0 },
    });
  return deck.deck;
}

/** "Words for weather", for English: a poem to put in order. */
export function weatherWords(pictures: PictureIds): Deck {
  const deck = new DeckWriter('Words for weather', pictures, 'Saltmarsh');
  deck
    .slide('words-start', 'Start', { background: '#f3ece0' })
    .title('Fog, drizzle, squall')
    .text('Read the words aloud. Which of them sound like what they mean?', [90, 180, 820, 120])
    .add('choice', [90, 320, 820, 330], {
      id: 'words-sound',
      fields: {
        prompt: 'Which sounds loudest to you?',
        choices: [
          { id: 'fog', text: 'fog' },
          { id: 'drizzle', text: 'drizzle' },
          { id: 'squall', text: 'squall' },
        ],
        right: [],
      },
    });
  deck
    .slide('words-own', 'Your line', { background: '#f3ece0' })
    .title('Your line about this morning')
    .add('short-text', [90, 180, 820, 190], {
      id: 'words-line',
      fields: { prompt: 'One line, with one of the words in it', accepted: [] },
    });
  return deck.deck;
}
