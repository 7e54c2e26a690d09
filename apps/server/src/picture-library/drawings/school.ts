/** Things of a school, drawn with an outline, on nothing. */
import { disc, drawn, type LibraryDrawing, row, shape, sheet, stroke } from '../drawing.js';

const INK = '#22313a';
const thing = (shows: string, tags: readonly string[], ...shapes: readonly string[]): LibraryDrawing => ({
  shows,
  tags: ['school', 'thing', ...tags],
  svg: sheet(800, 800, ...shapes),
});
const d = (course: string, colour: string) => drawn(course, colour, INK, 16);
const round = (x: number, y: number, r: number, colour: string) =>
  d(`M${x - r} ${y}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`, colour);
const box = (x: number, y: number, w: number, h: number, colour: string, r = 12) =>
  d(
    `M${x + r} ${y}h${w - 2 * r}q${r} 0 ${r} ${r}v${h - 2 * r}q0 ${r} ${-r} ${r}h${2 * r - w}q${-r} 0 ${-r} ${-r}v${2 * r - h}q0 ${-r} ${r} ${-r}Z`,
    colour,
  );

export const school: Readonly<Record<string, LibraryDrawing>> = {
  pencil: thing(
    'A pencil',
    ['write', 'draw', 'pen'],
    d('M140 660L200 480L560 120L680 240L320 600Z', '#f0b840'),
    d('M200 480L320 600L140 660Z', '#f6e3c4'),
    d('M490 190L610 310L680 240L560 120Z', '#c4553b'),
    shape('M140 660L166 582L218 634Z', INK),
  ),
  ruler: thing(
    'A ruler',
    ['measure', 'length', 'maths'],
    d('M80 560L600 120L720 240L200 690Z', '#e8d089'),
    row(9, (at) => stroke(`M${128 + at * 55} ${520 - at * 47}l${at % 2 ? 28 : 52} ${at % 2 ? 28 : 52}`, INK, 12)),
  ),
  book: thing(
    'An open book',
    ['read', 'story', 'library'],
    d('M400 220Q250 130 80 190V620Q250 560 400 660Z', '#fbfaf4'),
    d('M400 220Q550 130 720 190V620Q550 560 400 660Z', '#fbfaf4'),
    row(4, (at) =>
      stroke(
        `M140 ${280 + at * 74}Q250 ${250 + at * 74} 340 ${306 + at * 74}M660 ${280 + at * 74}Q550 ${250 + at * 74} 460 ${306 + at * 74}`,
        '#7f97a3',
        11,
      ),
    ),
  ),
  globe: thing(
    'A globe',
    ['earth', 'world', 'geography', 'map'],
    stroke('M610 150Q760 400 560 590', INK, 22),
    round(370, 350, 250, '#7fb4c4'),
    shape('M250 200Q340 160 380 230Q460 260 400 340Q330 360 320 440Q260 400 250 320Q190 280 250 200Z', '#6d8f4e'),
    shape('M470 380Q560 350 580 420Q540 500 480 500Q440 450 470 380Z', '#6d8f4e'),
    d('M400 620H440V690H560V730H240V690H400Z', '#b98058'),
  ),
  microscope: thing(
    'A microscope',
    ['science', 'biology', 'small', 'laboratory'],
    d('M180 690H640V740H180Z', '#5b6f7d'),
    stroke('M520 690Q660 520 520 330', INK, 44),
    d('M330 120L430 90L540 400L440 436Z', '#8fa3ad'),
    d('M300 150L360 130L378 190L318 210Z', '#33454f'),
    box(260, 540, 230, 40, '#c9d4d8'),
  ),
  flask: thing(
    'A flask with a green liquid',
    ['science', 'chemistry', 'laboratory', 'experiment'],
    d('M320 100H480V300L640 640Q660 720 570 720H230Q140 720 160 640L320 300Z', '#eaf3f3'),
    shape('M240 500H560L622 646Q634 704 570 704H230Q166 704 178 646Z', '#6da06a'),
    disc(340, 600, 22, '#cfe6c9') + disc(450, 560, 16, '#cfe6c9') + disc(420, 650, 26, '#cfe6c9'),
  ),
  calculator: thing(
    'A calculator',
    ['maths', 'number', 'sum'],
    box(200, 90, 400, 620, '#4a5d6b', 40),
    box(250, 150, 300, 110, '#d9e6c9'),
    row(12, (at) =>
      box(256 + (at % 3) * 104, 310 + Math.floor(at / 3) * 94, 78, 66, at === 11 ? '#c4553b' : '#f4f1e8'),
    ),
  ),
  satchel: thing(
    'A school bag',
    ['bag', 'backpack', 'carry'],
    stroke('M290 220Q290 90 400 90Q510 90 510 220', INK, 30),
    box(170, 200, 460, 500, '#a84226', 70),
    box(230, 430, 340, 220, '#c9673f', 30),
    stroke('M230 320H570', INK, 16),
    box(360, 490, 80, 60, '#f0b840'),
  ),
  'wall clock': thing(
    'A clock showing ten past ten',
    ['time', 'hour', 'break'],
    round(400, 400, 310, '#fbfaf4'),
    row(12, (at) => `<g transform="rotate(${at * 30} 400 400)">${stroke('M400 120V158', INK, 16)}</g>`),
    stroke('M400 400L270 300M400 400L560 250', INK, 26),
    disc(400, 400, 24, '#c4553b'),
  ),
  scissors: thing(
    'A pair of scissors',
    ['cut', 'paper', 'craft'],
    d('M200 90L460 470L420 520L150 130Z', '#c9d4d8'),
    d('M600 90L340 470L380 520L650 130Z', '#dfe7ea'),
    round(290, 590, 100, 'none'),
    round(510, 590, 100, 'none'),
    stroke('M380 510L330 530M420 510L470 530', INK, 34),
    disc(400, 440, 22, INK),
  ),
  'paint box': thing(
    'A paint box with a brush',
    ['art', 'colour', 'paint'],
    box(100, 300, 600, 330, '#fbfaf4', 40),
    row(8, (at) =>
      round(
        190 + (at % 4) * 140,
        395 + Math.floor(at / 4) * 140,
        48,
        ['#c4553b', '#f0b840', '#6d8f4e', '#3d6f9b', '#7d4f8c', '#d98a52', '#22313a', '#bcd9e0'][at] ?? INK,
      ),
    ),
    d('M120 200L610 110L620 150L140 230Z', '#b98058'),
    shape('M610 110Q720 100 740 84Q720 140 620 150Z', INK),
  ),
  notebook: thing(
    'A notebook with a spiral',
    ['write', 'notes', 'homework'],
    box(190, 90, 460, 620, '#3d6f86', 26),
    box(300, 170, 270, 110, '#fbfaf4'),
    row(8, (at) => stroke(`M150 ${150 + at * 72}H240`, INK, 20)),
  ),
  'magnifying glass': thing(
    'A magnifying glass',
    ['look', 'search', 'detective', 'science'],
    stroke('M500 500L700 700', INK, 70),
    stroke('M510 510L690 690', '#b98058', 40),
    round(340, 340, 230, '#dfeef0'),
    stroke('M220 330Q240 220 340 210', '#ffffff', 26),
  ),
  compass: thing(
    'A pair of compasses drawing a circle',
    ['circle', 'geometry', 'maths'],
    stroke('M180 620a240 90 0 1 0 440 0', '#c4553b', 14),
    stroke('M400 170L250 640M400 170L570 640', INK, 34),
    round(400, 150, 64, '#8fa3ad'),
    stroke('M400 90V30', INK, 30),
  ),
  football: thing(
    'A ball',
    ['sport', 'play', 'game', 'break'],
    round(400, 400, 300, '#fbfaf4'),
    shape('M400 290L510 370L468 500H332L290 370Z', INK),
    stroke('M400 290V110M510 370L680 310M468 500L570 650M332 500L230 650M290 370L120 310', INK, 16),
  ),
  whiteboard: thing(
    'A board on a stand',
    ['board', 'class', 'lesson', 'write'],
    stroke('M230 620L160 760M570 620L640 760', INK, 28),
    box(90, 110, 620, 510, '#2e5148', 20),
    stroke('M170 240H430M170 330H560M170 420H360', '#f4f1e8', 18),
    stroke('M500 470L570 400L620 480', '#f0b840', 14),
  ),
  'lunch box': thing(
    'A lunch box with an apple',
    ['food', 'eat', 'break'],
    box(90, 380, 620, 320, '#6d8f4e', 46),
    stroke('M100 500H700', INK, 16),
    round(330, 290, 110, '#c4553b'),
    stroke('M330 190Q340 140 390 120', INK, 18),
    shape('M350 170Q430 110 460 170Q410 210 350 170Z', '#4f6b26'),
  ),
  'school bus': thing(
    'A school bus',
    ['travel', 'transport', 'trip'],
    box(60, 240, 680, 330, '#f0b840', 50),
    row(4, (at) => box(110 + at * 136, 300, 100, 110, '#dfeef0')),
    stroke('M64 460H736', INK, 14),
    round(210, 580, 76, '#33454f'),
    round(590, 580, 76, '#33454f'),
    disc(210, 580, 28, '#dfe7ea') + disc(590, 580, 28, '#dfe7ea'),
  ),
};
