/** "Shore zones": a worksheet with a locked shore profile, loose species, blanks and an area of one's own. */
import { applyChanges, type Deck, PLAIN_LOOK, plainText, setBelongs } from '@gobrel/core/deck';
import { DeckWriter, type PictureIds } from './deck-writer.js';

/** Which zone each species belongs into. */
export const homes: Readonly<Record<string, string>> = {
  'sea-lavender': 'splash-zone',
  'bladder-wrack': 'middle-shore',
  periwinkle: 'upper-shore',
  barnacle: 'upper-shore',
  kelp: 'lower-shore',
  lugworm: 'middle-shore',
};

const numbered = { numbered: true };

/** Signs of the collection, as the editor places them: their lines in a square of 24 by 24. */
const waves = [
  'M2 6c.6.5 1.2 1 2.5 1C7 7 7 5 9.5 5c2.6 0 2.4 2 5 2 2.5 0 2.5-2 5-2 1.3 0 1.9.5 2.5 1',
  'M2 12c.6.5 1.2 1 2.5 1 2.5 0 2.5-2 5-2 2.6 0 2.4 2 5 2 2.5 0 2.5-2 5-2 1.3 0 1.9.5 2.5 1',
  'M2 18c.6.5 1.2 1 2.5 1 2.5 0 2.5-2 5-2 2.6 0 2.4 2 5 2 2.5 0 2.5-2 5-2 1.3 0 1.9.5 2.5 1',
];

/** An animal or plant of the food web. */
const living = (words: string) => ({
  text: plainText(words),
  fill: 'ground',
  look: { ...PLAIN_LOOK, size: 24, align: 'center' as const, upright: 'middle' as const },
});

/** The deck. */
export function shoreZones(pictures: PictureIds): Deck {
  const deck = new DeckWriter('Shore zones', pictures, 'Saltmarsh');
  deck
    .section('Before you begin')
    .slide('start', 'Start', { ...numbered, wash: { to: '#cfe3dd', angle: 160 } })
    .title('Who lives where on the shore?', [90, 90, 1100, 84])
    .text('You will place six species, fill in what the tide does, and add a find of your own.', [90, 200, 1000, 90], {
      size: 32,
    })
    .text('Everything you do is kept at once, also without a network.', [90, 320, 1000, 50], {
      color: 'soft',
      size: 26,
    })
    .add('sign', [24, 656, 44, 44], { fields: { shows: 'waves', strokes: waves, color: 'soft' } })
    .behindAll();
  deck
    .section('On the shore')
    .slide('tides', 'Tides', numbered)
    .title('The tide in words', [90, 70, 1000, 80])
    .text('Twice a day the water is high, and twice it is', [90, 210, 640, 44])
    .add('blank', [740, 200, 220, 56], { id: 'blank-low', name: 'Twice a day it is', fields: { accepted: ['low'] } })
    .text('What pulls the water is mostly the', [90, 310, 500, 44])
    .add('blank', [600, 300, 220, 56], {
      id: 'blank-moon',
      name: 'What pulls the water',
      fields: { accepted: ['moon', 'the moon'] },
    })
    .add('choice', [90, 400, 700, 270], {
      id: 'driest',
      fields: {
        prompt: 'Where is it dry for the longest time?',
        choices: [
          { id: 'splash', text: 'in the splash zone' },
          { id: 'middle', text: 'on the middle shore' },
          { id: 'lower', text: 'on the lower shore' },
        ],
        right: ['splash'],
      },
    });
  deck
    .slide('species', 'Shore zones', numbered)
    .backdrop('shore profile', 'The shore in profile, from the dry bank down into the sea')
    .title('Who lives where on the shore?', [60, 36, 900, 64])
    .text('Put each species into the zone where it is found at low water.', [60, 104, 900, 44], { size: 24 })
    .add('zone', [50, 170, 280, 150], { id: 'splash-zone', fields: { label: 'Splash zone' } })
    .add('zone', [350, 230, 280, 150], { id: 'upper-shore', fields: { label: 'Upper shore' } })
    .add('zone', [650, 290, 280, 150], { id: 'middle-shore', fields: { label: 'Middle shore' } })
    .add('zone', [950, 450, 280, 150], { id: 'lower-shore', fields: { label: 'Lower shore' } })
    .piece('sea-lavender', 'sea lavender', [50, 560, 214, 52])
    .piece('bladder-wrack', 'bladder wrack', [280, 560, 220, 52])
    .piece('periwinkle', 'periwinkle', [516, 560, 180, 52])
    .piece('barnacle', 'barnacle', [50, 632, 156, 52])
    .piece('kelp', 'kelp', [222, 632, 126, 52])
    .piece('lugworm', 'lugworm', [364, 632, 160, 52]);
  deck
    .slide('own-find', 'Your own find', { ...numbered, background: '#f3ece0' })
    .title('Your own find', [90, 60, 1000, 80])
    .text('Write what you found on the shore, or would like to find.', [90, 140, 1000, 44])
    .add('open-area', [90, 210, 620, 420], {
      id: 'find-area',
      fields: { hint: 'Press here to add a text of your own' },
    })
    .add('short-text', [760, 210, 430, 220], {
      id: 'find-zone',
      fields: { prompt: 'In which zone, and why there?', accepted: [] },
    });
  deck
    .slide('food-web', 'Who eats whom', numbered)
    .title('Who eats whom on the shore?', [90, 60, 1100, 80])
    .text('Each arrow leads to the one who eats.', [90, 140, 1000, 44], { size: 26, color: 'soft' })
    .add('shape', [90, 560, 220, 84], { id: 'web-wrack', fields: living('bladder wrack') })
    .add('shape', [460, 560, 220, 84], { id: 'web-snail', fields: living('periwinkle') })
    .add('shape', [460, 260, 220, 84], { id: 'web-crab', fields: { ...living('shore crab'), shape: 'pill' } })
    .add('shape', [900, 400, 260, 100], {
      id: 'web-gull',
      fields: { ...living('black-headed gull'), shape: 'ellipse' },
    })
    .arrow('web-wrack', 'web-snail')
    .arrow('web-snail', 'web-crab')
    .arrow('web-crab', 'web-gull', { connectorStyle: 'curve', bend: -50 })
    .arrow('web-snail', 'web-gull', { connectorStyle: 'elbow', dash: 'dashed' });
  deck
    .slide('done', 'Done', { ...numbered, wash: { to: '#cfe3dd', angle: 160 } })
    .title('That was it', [90, 90, 1000, 80])
    .text('Look through your slides once more, then press Submit.', [90, 200, 1000, 60], { size: 32 });
  return Object.entries(homes).reduce(
    (made, [piece, zone]) => applyChanges(made, setBelongs(made, piece, zone)),
    deck.deck,
  );
}
