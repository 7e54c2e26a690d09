/** "The tide in numbers": a formula, a chart that follows its table, a question with fractions, ink, and where to look it up. */
import { applyChanges, type Deck, drawFormulas, type InkStroke, staleFormulas, tableOfWords } from '@gobrel/core/deck';
import { drawn } from '../formulas/drawn.js';
import { typed } from '../formulas/typed.js';
import { fromLibrary } from '../pictures/index.js';
import { DeckWriter, type PictureIds, toSlide } from './deck-writer.js';

/** A line by hand below some words, and a ring around them, as shares of their frame. */
const UNDERLINE: InkStroke = [0, 0.4, 0.5, 0.2, 0.7, 0.6, 0.45, 0.3, 0.6, 0.7, 0.6, 0.5, 1, 0.35, 0.4];
const RING: InkStroke = Array.from({ length: 25 }, (_, at) => {
  const turn = (at / 24) * 2 * Math.PI - 1;
  return [0.5 + 0.46 * Math.cos(turn), 0.5 + 0.42 * Math.sin(turn + at / 200), 0.5];
}).flat();

export function tideNumbers(pictures: PictureIds): Deck {
  const writer = new DeckWriter('The tide in numbers', pictures, 'Saltmarsh');
  writer
    .section('How fast?')
    .slide('numbers-speed', 'How fast does the water come?', {
      notes: 'Let them walk it: 7 m in a minute is slower than a heron.',
    })
    .title('How fast does the water come?')
    .text(`The edge of the water moved ${typed.distance} over the flats.`, [70, 150, 1100, 90], { size: 32 })
    .text(typed.speed, [70, 270, 400, 170], { size: 60, align: 'center' })
    .add('ink', [486, 208, 92, 14], {
      name: 'The distance and the time, underlined',
      fields: { strokes: [UNDERLINE], color: 'second', weight: 6 },
    })
    .add('choice', [560, 270, 660, 330], {
      id: 'numbers-question',
      fields: {
        prompt: 'So how fast was it?',
        choices: [
          { id: 'right', text: typed.right },
          { id: 'times', text: typed.times },
          { id: 'less', text: typed.less },
        ],
        right: ['right'],
      },
    })
    .add('picture', [404, 440, 120, 120], {
      id: 'numbers-clock',
      fields: { ...fromLibrary['wall clock'], picture: writer.picture('wall clock'), alt: 'Ten past ten' },
    })
    .text(`${fromLibrary['wall clock'].credit.author}, CC BY 3.0`, [384, 570, 170, 34], {
      style: 'caption',
      align: 'center',
    })
    .sign('On to the counts', toSlide('numbers-counts'), [70, 560, 300, 76]);
  writer
    .section('How many?')
    .slide('numbers-counts', 'What we counted at low water')
    .title('What we counted at low water')
    .add('table', [70, 170, 460, 300], {
      id: 'numbers-table',
      fields: {
        ...tableOfWords([
          ['Hour', 'Curlews', 'Dunlins'],
          ['6 o’clock', '12', '40'],
          ['7 o’clock', '18', '64'],
          ['8 o’clock', '9', '22'],
          ['9 o’clock', '3', '0'],
        ]),
        headings: 'row',
        byTheme: true,
      },
    })
    .add('chart', [570, 160, 640, 400], {
      id: 'numbers-chart',
      fields: { table: 'numbers-table', form: 'bars', title: 'Birds on the flats, by the hour', isSaid: true },
    })
    .add('ink', [803, 232, 112, 84], {
      name: 'A ring around the most birds',
      fields: { strokes: [RING], color: 'second', weight: 5 },
    })
    .text('Change a number in the table: what happens to the chart?', [70, 500, 460, 90], { size: 24 })
    .sign('Look it up', toSlide('numbers-web'), [70, 610, 260, 66]);
  writer
    .slide('numbers-web', 'Look it up', { ending: true })
    .title('Look it up')
    .text('When is high water tomorrow? Read it off the tide table of the harbour.', [70, 150, 1000, 80])
    .add('web-card', [70, 270, 700, 220], {
      id: 'numbers-card',
      link: { to: 'web', address: 'https://harbour.example/tides' },
      fields: {
        title: 'Tide table of the harbour',
        note: 'Look for tomorrow’s date, and the larger of the two heights.',
        picture: writer.picture('tide table'),
        pixels: { width: 1280, height: 720 },
      },
    });
  const deck = writer.deck;
  const drawings = new Map(Object.entries(drawn));
  return applyChanges(
    deck,
    staleFormulas(deck).flatMap((each) => drawFormulas(deck, each, drawings)),
  );
}
