/** "Our species cards": a class deck with an instruction, a sample, and a page that becomes a slide of each student's own. */
import type { Deck } from '@gobrel/core/deck';
import { DeckWriter, type PictureIds } from './deck-writer.js';

/** The deck. */
export function speciesCards(pictures: PictureIds): Deck {
  const deck = new DeckWriter('Our species cards', pictures, 'Saltmarsh');
  deck
    .slide('cards-how', 'How it goes', { background: 'ground', notes: 'Ten minutes. The drawing need not be good.' })
    .title('A card for one species', [90, 60, 1000, 84])
    .text(
      'Choose a species that is out at night on the marsh. On your own card, write what it is called, where it lives and what you like about it. Add a drawing, a picture or a sticker.\nThen look at the others.',
      [90, 180, 820, 260],
    );
  deck
    .slide('cards-sample', 'Sample: barn owl', { background: '#f3ece0' })
    .title('Sample: barn owl', [90, 60, 1000, 84])
    .text(
      'Lives in the old boat house.\nFlies without a sound, low over the grass.\nI like its face: it is a dish that gathers sound.',
      [90, 190, 620, 300],
    )
    .text('Never write where exactly a nest is.', [90, 580, 820, 60]);
  deck
    .slide('cards-own', 'Your card', { background: 'ground', layout: 'class-page' })
    .title('Your name', [90, 50, 1000, 84])
    .add('open-area', [640, 160, 560, 500], {
      id: 'card-area',
      fields: { hint: 'Your species: write, draw, add a picture' },
    })
    .add('short-text', [90, 160, 500, 190], {
      id: 'card-species',
      fields: { prompt: 'What is it called?', accepted: [] },
    })
    .add('choice', [90, 380, 500, 280], {
      id: 'card-zone',
      fields: {
        prompt: 'Where is it at night?',
        choices: [
          { id: 'grass', text: 'in the grass' },
          { id: 'water', text: 'in the water' },
          { id: 'air', text: 'in the air' },
        ],
        right: [],
      },
    });
  return deck.deck;
}
