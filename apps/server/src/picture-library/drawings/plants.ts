/** Plants in pen and wash: an outline, and one colour that runs a little beyond it. */
import { disc, type LibraryDrawing, row, shape, sheet, stroke } from '../drawing.js';

const INK = '#2c3a2a';
const plant = (shows: string, tags: readonly string[], ...shapes: readonly string[]): LibraryDrawing => ({
  shows,
  tags: ['plant', 'nature', 'line', ...tags],
  svg: sheet(640, 860, ...shapes),
});
const wash = (course: string, colour: string) => `<g transform="translate(12 8)">${shape(course, colour)}</g>`;
const pen = (course: string) => stroke(course, INK, 7);
const both = (course: string, colour: string) => wash(course, colour) + pen(course);

export const plants: Readonly<Record<string, LibraryDrawing>> = {
  'oak leaf': plant(
    'An oak leaf',
    ['tree', 'leaf', 'autumn'],
    both(
      'M320 800V690Q200 690 210 600Q120 600 140 500Q70 470 120 390Q70 320 150 280Q130 190 220 190Q240 90 320 70Q400 90 420 190Q510 190 490 280Q570 320 520 390Q570 470 500 500Q520 600 430 600Q440 690 320 690',
      '#b9cf9e',
    ),
    pen('M320 690V160M320 560L220 500M320 560L420 500M320 420L210 370M320 420L430 370M320 290L250 250M320 290L390 250'),
  ),
  fern: plant(
    'A fern',
    ['leaf', 'wood', 'shade'],
    pen('M300 820Q360 500 420 80'),
    row(
      10,
      (at) =>
        both(
          `M${312 + at * 11} ${760 - at * 66}q-110 -30 -${170 - at * 14} -100q110 -6 ${170 - at * 14} 60Z`,
          '#a7c79a',
        ) +
        both(`M${316 + at * 11} ${756 - at * 66}q90 -50 ${160 - at * 12} -60q-40 80 -${160 - at * 12} 84Z`, '#a7c79a'),
    ),
  ),
  sunflower: plant(
    'A sunflower',
    ['flower', 'yellow', 'summer', 'seed'],
    both('M320 830Q300 640 320 420', 'none'),
    both('M316 700Q180 690 150 590Q280 580 316 680Z', '#a7c79a'),
    both('M322 640Q450 620 490 520Q360 520 322 610Z', '#a7c79a'),
    row(
      14,
      (at) =>
        `<g transform="rotate(${at * (360 / 14)} 320 270)">${both('M320 170Q290 100 320 40Q350 100 320 170Z', '#f3cf63')}</g>`,
    ),
    both('M215 270a105 105 0 1 1 210 0a105 105 0 1 1 -210 0Z', '#a97845'),
  ),
  mushroom: plant(
    'A mushroom',
    ['fungus', 'wood', 'autumn'],
    both('M250 440Q270 640 230 790H410Q370 640 390 440Z', '#f1e6d2'),
    both('M90 430Q110 170 320 160Q530 170 550 430Q320 490 90 430Z', '#c9705a'),
    wash(
      'M200 330a34 28 0 1 1 68 0a34 28 0 1 1 -68 0ZM330 260a40 30 0 1 1 80 0a40 30 0 1 1 -80 0ZM410 370a30 22 0 1 1 60 0a30 22 0 1 1 -60 0Z',
      '#fbfaf4',
    ),
  ),
  cactus: plant(
    'A cactus in a pot',
    ['desert', 'dry', 'pot'],
    both('M240 600V220Q240 120 320 120Q400 120 400 220V600Z', '#9dbf93'),
    both('M240 430H180Q130 430 130 370V310Q130 270 165 270Q200 270 200 310V360H240Z', '#9dbf93'),
    both('M400 500H470Q520 500 520 440V390Q520 350 485 350Q450 350 450 390V430H400Z', '#9dbf93'),
    both('M180 600H460L430 800H210Z', '#d0946a'),
    pen('M290 200V540M350 200V540'),
  ),
  tulip: plant(
    'A tulip',
    ['flower', 'spring', 'garden'],
    pen('M320 830V430'),
    both('M316 800Q160 700 170 520Q290 600 316 760Z', '#a7c79a'),
    both('M326 780Q480 700 480 560Q360 620 326 740Z', '#a7c79a'),
    both('M200 190L270 250L320 150L370 250L440 190Q480 420 320 440Q160 420 200 190Z', '#d98a8a'),
  ),
  wheat: plant(
    'Two ears of wheat',
    ['grain', 'bread', 'field', 'farm'],
    ...[-50, 60].map(
      (x) =>
        pen(`M${320 + x} 830Q${330 + x} 600 ${320 + x} 340`) +
        row(7, (at) =>
          both(
            `M${320 + x} ${390 - at * 44}q-50 -30 -34 -80q40 30 34 80ZM${320 + x} ${390 - at * 44}q50 -30 34 -80q-40 30 -34 80Z`,
            '#e3c47a',
          ),
        ),
    ),
  ),
  clover: plant(
    'A clover with four leaves',
    ['leaf', 'luck', 'meadow'],
    pen('M320 830Q300 640 320 430'),
    row(
      4,
      (at) =>
        `<g transform="rotate(${45 + at * 90} 320 380)">${both('M320 370Q220 300 240 210Q280 160 320 210Q360 160 400 210Q420 300 320 370Z', '#8fb87d')}</g>`,
    ),
  ),
  apple: plant(
    'An apple with a leaf',
    ['fruit', 'food', 'red', 'health'],
    both(
      'M320 300Q210 220 130 320Q80 470 170 640Q240 760 320 700Q400 760 470 640Q560 470 510 320Q430 220 320 300Z',
      '#d98774',
    ),
    pen('M320 300Q310 200 350 140'),
    both('M350 190Q440 100 520 150Q470 240 350 190Z', '#a7c79a'),
  ),
  'apple tree': plant(
    'A tree with apples',
    ['tree', 'garden', 'fruit'],
    both('M280 800Q300 640 280 520H360Q340 640 370 800Z', '#b9926b'),
    both(
      'M120 420Q60 300 170 250Q170 110 320 110Q470 110 470 250Q580 300 520 420Q470 560 320 540Q170 560 120 420Z',
      '#a7c79a',
    ),
    disc(220, 340, 28, '#d0604f') +
      disc(380, 260, 28, '#d0604f') +
      disc(430, 400, 28, '#d0604f') +
      disc(300, 440, 28, '#d0604f'),
  ),
  carrot: plant(
    'A carrot',
    ['vegetable', 'food', 'orange', 'garden'],
    both('M230 330Q320 280 410 330Q430 600 320 820Q210 600 230 330Z', '#e2955c'),
    pen('M250 420Q300 430 330 420M390 520Q350 530 320 524M262 560Q300 566 320 560'),
    both('M310 310Q200 220 220 90Q310 160 320 300Z', '#a7c79a'),
    both('M330 310Q440 220 430 80Q330 160 320 300Z', '#a7c79a'),
  ),
  pumpkin: plant(
    'A pumpkin',
    ['vegetable', 'food', 'autumn', 'orange'],
    both(
      'M320 330Q160 270 90 420Q50 600 150 700Q240 760 320 730Q400 760 490 700Q590 600 550 420Q480 270 320 330Z',
      '#e2a061',
    ),
    pen('M320 340Q250 520 320 724M230 320Q140 520 210 724M410 320Q500 520 430 724'),
    both('M310 330Q300 240 360 190L400 220Q350 260 350 330Z', '#a7c79a'),
  ),
  'winter tree': plant(
    'A tree in winter',
    ['tree', 'winter', 'bare', 'season'],
    both(
      'M290 830Q310 640 296 470L200 350L216 330L300 410Q310 250 320 90H340Q336 280 350 420L450 300L470 318L356 490Q340 660 370 830Z',
      '#b9a28a',
    ),
    pen('M232 366L150 340M256 396L180 420M420 340L500 330M400 366L470 400M326 220L260 160M334 240L410 170'),
  ),
};
