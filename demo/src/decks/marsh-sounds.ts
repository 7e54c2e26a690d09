/** "What the marsh sounds like": a film of the tide, sounds to tell apart, and the wind through several slides. */
import type { Deck } from '@gobrel/core/deck';
import type { MediaFiles } from '../media/index.js';
import { DeckWriter, type PictureIds, toSlide } from './deck-writer.js';

export function marshSounds(pictures: PictureIds, files: MediaFiles): Deck {
  const deck = new DeckWriter('What the marsh sounds like', pictures, 'Dusk');
  deck
    .section('Listen')
    .slide('sounds-start', 'Close your eyes', {
      notes: 'Let the wind play for half a minute before anybody speaks.',
    })
    .title('Close your eyes')
    .text('It is ten at night. What do you hear before you hear an animal?', [70, 150, 900, 100])
    .add('sound', [70, 560, 480, 84], {
      id: 'sounds-wind',
      fields: {
        ...files('wind'),
        alt: 'Wind in the reeds',
        along: 'sounds-calls',
        plays: 0,
        overAndOver: true,
        volume: 0.6,
        fades: 2,
      },
    });
  deck
    .slide('sounds-tide', 'The tide comes in', { background: '#1f2a4d' })
    .title('The tide comes in')
    .add('video', [70, 150, 880, 495], {
      id: 'sounds-film',
      fields: {
        ...files('tide'),
        alt: 'The water rises between the reeds, under the moon',
        captions: [
          { from: 0.2, to: 3, text: '[wind in the reeds]' },
          { from: 3.2, to: 7.8, text: '[water runs into the creek]' },
        ],
      },
    })
    .text('Watch the reeds: how far does the water rise in these eight seconds?', [980, 160, 260, 260], { size: 24 });
  deck
    .slide('sounds-calls', 'Who calls?', { background: '#1f2a4d' })
    .title('Who calls?')
    .text('Three voices of the night. Listen to each, then decide.', [70, 140, 900, 60])
    .add('sound', [70, 220, 480, 84], {
      id: 'sounds-boom',
      fields: {
        ...files('boom'),
        fileName: 'a.wav',
        alt: 'Voice A',
        captions: [{ from: 0.4, to: 4.4, text: '[low boom, three times]' }],
      },
    })
    .add('sound', [70, 350, 480, 84], {
      id: 'sounds-squeal',
      fields: {
        ...files('squeal'),
        fileName: 'b.wav',
        alt: 'Voice B',
        captions: [{ from: 0, to: 2.8, text: '[squeal, like a piglet]' }],
      },
    })
    .add('sound', [70, 480, 480, 84], {
      id: 'sounds-trill',
      fields: {
        ...files('trill'),
        fileName: 'c.wav',
        alt: 'Voice C',
        captions: [{ from: 0, to: 4, text: '[trill, two voices]' }],
      },
    })
    .add('choice', [640, 210, 560, 330], {
      id: 'sounds-question',
      fields: {
        prompt: 'Which voice is the bittern’s?',
        choices: [
          { id: 'a', text: 'Voice A' },
          { id: 'b', text: 'Voice B' },
          { id: 'c', text: 'Voice C' },
        ],
        right: ['a'],
      },
    })
    .sign('Back to the wind', toSlide('sounds-start'), [640, 580, 320, 76]);
  return deck.deck;
}
