/** Animals, plants, places and weather of a shore, in flat colours. */
import { disc, type LibraryDrawing, picture, placed, rect, row, shape, stroke } from '../drawing.js';

const sky = '#bcd9e0';
const pale = '#e9efe4';
const sea = '#5b8f9b';
const deep = '#2f6673';
const sand = '#e6d3a8';
const wet = '#c9b184';
const mud = '#8a7356';
const grass = '#6d8f4e';
const dark = '#23383a';
const rock = '#7c7f80';
const sun = '#f0b840';
const red = '#c4553b';
const white = '#fbfaf4';

const waves = (y: number, colour: string) =>
  row(5, (at) => stroke(`M${at * 200 - 20} ${y}q50 -34 100 0t100 0`, colour, 7));
const eye = (x: number, y: number, size = 9) =>
  disc(x, y, size, dark) + disc(x + size / 3, y - size / 3, size / 3, white);
const blades = (x: number, y: number, colour: string) =>
  row(7, (at) =>
    stroke(`M${x + at * 12} ${y}q${(at - 3) * 10} -90 ${(at - 3) * 26} ${-150 - (at % 3) * 40}`, colour, 8),
  );
const cloud = (x: number, y: number, colour: string) =>
  disc(x, y, 90, colour, 56) + disc(x + 90, y - 34, 84, colour, 64) + disc(x + 180, y, 96, colour, 54);

export const shore: Readonly<Record<string, LibraryDrawing>> = {
  heron: {
    shows: 'A heron standing in shallow water',
    tags: ['bird', 'wader', 'marsh', 'hunting'],
    svg: picture(
      [sky, pale, sea],
      waves(560, deep),
      stroke('M430 600V430M500 600V430', mud, 12),
      shape('M330 420Q420 290 590 360Q660 390 560 440Q430 490 330 420Z', '#8fa3ad'),
      shape('M330 420Q280 450 250 500Q330 480 390 450Z', '#65798a'),
      stroke('M570 380Q640 330 590 260Q560 210 610 180', '#8fa3ad', 34),
      disc(622, 178, 34, '#8fa3ad', 26),
      shape('M648 168L780 190L648 192Z', sun),
      stroke('M604 156Q540 130 500 150', dark, 9),
      eye(630, 172, 7),
    ),
  },
  gull: {
    shows: 'A gull in flight over the sea',
    tags: ['bird', 'flying', 'coast', 'wing'],
    svg: picture(
      [sky, sky, sea],
      disc(760, 140, 70, sun),
      shape('M480 380Q330 180 120 220Q300 270 430 430Z', white),
      shape('M480 380Q620 170 840 210Q660 270 540 430Z', white),
      shape('M120 220Q170 205 220 220L200 252Z', dark),
      shape('M840 210Q790 195 740 212L760 246Z', dark),
      disc(490, 410, 110, white, 46),
      disc(592, 396, 40, white, 32),
      shape('M626 390L690 404L626 412Z', sun),
      eye(604, 390, 6),
    ),
  },
  otter: {
    shows: 'An otter swimming on its back',
    tags: ['mammal', 'river', 'fur', 'animal'],
    svg: picture(
      [pale, sea, deep],
      waves(330, white),
      disc(470, 400, 260, '#6f4f36', 84),
      disc(430, 384, 170, '#b08a63', 46),
      disc(720, 360, 84, '#6f4f36', 74),
      disc(750, 376, 46, '#b08a63', 36),
      disc(700, 292, 20, '#6f4f36') + disc(770, 302, 18, '#6f4f36'),
      eye(722, 346) + eye(772, 352),
      disc(752, 366, 13, dark, 9),
      shape('M230 400Q120 370 60 300Q90 420 230 440Z', '#6f4f36'),
      disc(540, 340, 40, '#6f4f36', 22) + disc(450, 334, 40, '#6f4f36', 22),
    ),
  },
  crab: {
    shows: 'A shore crab on sand',
    tags: ['shellfish', 'claw', 'beach', 'animal'],
    svg: picture(
      [sand, sand, wet],
      row(4, (at) => stroke(`M360 ${400 + at * 26}Q250 ${390 + at * 50} 190 ${480 + at * 44}`, red, 18)),
      row(4, (at) => stroke(`M600 ${400 + at * 26}Q710 ${390 + at * 50} 770 ${480 + at * 44}`, red, 18)),
      stroke('M370 350Q270 300 250 220M590 350Q690 300 710 220', red, 26),
      shape('M250 230Q170 190 210 90Q240 150 260 150Q290 110 300 90Q340 190 250 230Z', red),
      shape('M710 230Q790 190 750 90Q720 150 700 150Q670 110 660 90Q620 190 710 230Z', red),
      shape('M300 420Q310 300 480 296Q650 300 660 420Q600 520 480 520Q360 520 300 420Z', red),
      row(3, (at) => disc(400 + at * 80, 420, 14, '#9d3f2a')),
      stroke('M440 300V250M520 300V250', red, 12),
      eye(440, 242, 15) + eye(520, 242, 15),
    ),
  },
  fish: {
    shows: 'A fish under water',
    tags: ['animal', 'fin', 'scales', 'swimming'],
    svg: picture(
      [sea, sea, deep],
      shape('M250 370Q380 220 600 300Q700 340 740 370Q700 400 600 440Q380 520 250 370Z', '#d98a52'),
      shape('M280 370L140 260Q180 370 140 480Z', '#b96b38'),
      shape('M400 292Q470 200 580 240L560 300Z', '#b96b38'),
      row(3, (at) => stroke(`M${400 + at * 70} 320q34 50 0 100`, '#b96b38', 9)),
      eye(668, 352, 14),
      row(4, (at) => disc(790 + (at % 2) * 40, 320 - at * 70, 12 + at * 3, '#a9cbd0')),
    ),
  },
  jellyfish: {
    shows: 'A jellyfish drifting',
    tags: ['animal', 'sea', 'tentacle', 'drifting'],
    svg: picture(
      [deep, '#265560', '#1c434d'],
      row(6, (at) => stroke(`M${350 + at * 52} 360q${at % 2 ? 50 : -50} 90 0 170t0 140`, '#d9a9b8', 12)),
      shape(
        'M270 370Q280 140 480 136Q680 140 690 370Q640 330 585 370Q530 330 480 370Q430 330 375 370Q320 330 270 370Z',
        '#e5c3cd',
      ),
      row(3, (at) => disc(390 + at * 90, 260, 30, '#d9a9b8', 40)),
    ),
  },
  starfish: {
    shows: 'A starfish in a tide pool',
    tags: ['animal', 'arms', 'rock pool', 'five'],
    svg: picture(
      [rock, rock, '#6a6d6e'],
      disc(480, 370, 400, sea, 280),
      row(5, (at) =>
        placed(480, 380, [shape('M-62 -20Q-40 -190 0 -240Q40 -190 62 -20Z', '#e08a4a')], { turn: at * 72 }),
      ),
      disc(480, 380, 76, '#e08a4a'),
      row(5, (at) => placed(480, 380, [row(4, (spot) => disc(0, -50 - spot * 44, 9, '#f3c08c'))], { turn: at * 72 })),
      disc(190, 560, 90, '#6f7474', 50) + disc(800, 180, 80, '#6f7474', 44),
    ),
  },
  mussels: {
    shows: 'Mussels on a rock',
    tags: ['shellfish', 'shell', 'animal', 'tide'],
    svg: picture(
      [sky, rock, '#6a6d6e'],
      waves(230, white),
      row(8, (at) =>
        placed(
          150 + (at % 4) * 215,
          390 + Math.floor(at / 4) * 190,
          [
            shape('M-40 90Q-110 -10 0 -110Q110 -10 40 90Q0 120 -40 90Z', '#34405c'),
            stroke('M-34 70Q-74 -10 0 -80M34 70Q74 -10 0 -80', '#5f6f93', 7),
          ],
          { turn: (at * 37) % 50, scale: 0.9 },
        ),
      ),
    ),
  },
  seaweed: {
    shows: 'Brown seaweed with air bladders',
    tags: ['plant', 'alga', 'wrack', 'tide'],
    svg: picture(
      [sea, sea, deep],
      row(5, (at) =>
        stroke(`M${240 + at * 120} 700q${at % 2 ? 90 : -90} -150 0 -300t0 ${-200 - at * 12}`, '#7b6a2c', 34),
      ),
      row(10, (at) => disc(250 + (at % 5) * 120 + (at % 2 ? 34 : -34), 250 + Math.floor(at / 5) * 210, 24, '#a08b3d')),
    ),
  },
  'marsh grass': {
    shows: 'Cordgrass in a salt marsh at low water',
    tags: ['plant', 'marsh', 'mud', 'grass'],
    svg: picture(
      [sky, pale, mud],
      shape('M0 560Q300 480 480 600T960 560V720H0Z', '#6e5b44'),
      row(6, (at) => blades(60 + at * 150, 600 + (at % 2) * 60, at % 2 ? grass : '#55763d')),
    ),
  },
  'sea holly': {
    shows: 'Sea holly on a dune',
    tags: ['plant', 'flower', 'dune', 'thorns'],
    svg: picture(
      [sky, sand, wet],
      stroke('M480 700V360M480 560Q360 500 330 380M480 520Q600 470 640 360', '#7c9a96', 16),
      row(3, (at) =>
        placed(
          330 + at * 155,
          at === 1 ? 290 : 350,
          [
            row(8, (leaf) => placed(0, 0, [shape('M-26 0L0 -120L26 0Z', '#9fbdbb')], { turn: leaf * 45 })),
            disc(0, 0, 54, '#6a7fb3', 62),
          ],
          { scale: 0.9 },
        ),
      ),
    ),
  },
  'rock pool': {
    shows: 'A rock pool with water and weed',
    tags: ['place', 'rocks', 'tide', 'low water'],
    svg: picture(
      [sky, rock, '#66696a'],
      disc(480, 470, 380, deep, 170) + disc(480, 470, 340, sea, 140),
      row(3, (at) => blades(240 + at * 190, 560, at % 2 ? '#7b6a2c' : grass)),
      disc(140, 330, 150, '#8b8e8f', 90) + disc(830, 350, 160, '#8b8e8f', 100),
      waves(250, white),
    ),
  },
  dune: {
    shows: 'A sand dune with grass',
    tags: ['place', 'beach', 'sand', 'wind'],
    svg: picture(
      [sky, sky, sand],
      shape('M0 520Q240 260 520 430T960 360V720H0Z', '#efe0bb'),
      shape('M0 620Q300 460 620 580T960 540V720H0Z', wet),
      row(4, (at) => blades(150 + at * 190, 470 - (at % 2) * 40, grass)),
    ),
  },
  lighthouse: {
    shows: 'A lighthouse on a rock',
    tags: ['place', 'tower', 'light', 'coast'],
    svg: picture(
      ['#5b6d8c', '#8fa0b5', deep],
      shape('M120 560Q260 430 480 440T840 560V620H120Z', '#4c4f52'),
      shape('M420 450L444 190H536L560 450Z', white),
      shape('M429 360H551L556 410H424Z', red) + shape('M438 260H542L546 310H434Z', red),
      rect(446, 140, 88, 52, '#f6dc86') + shape('M430 140L490 90L550 140Z', dark),
      shape('M446 166L60 90V250Z', '#f6dc8655') + shape('M534 166L920 90V250Z', '#f6dc8655'),
      waves(640, white),
    ),
  },
  boat: {
    shows: 'A fishing boat at sea',
    tags: ['ship', 'fishing', 'harbour', 'transport'],
    svg: picture(
      [sky, sky, sea],
      shape('M200 430H770L690 560H290Z', red),
      rect(420, 310, 170, 122, white, 8) + rect(446, 336, 46, 40, deep) + rect(520, 336, 46, 40, deep),
      stroke('M640 430V190M640 200L760 420', dark, 10),
      rect(200, 424, 570, 22, dark, 6),
      waves(570, white) + waves(640, deep),
    ),
  },
  boardwalk: {
    shows: 'A boardwalk through a marsh',
    tags: ['place', 'path', 'marsh', 'wood'],
    svg: picture(
      [sky, grass, '#5c7c41'],
      shape('M440 300H520L760 720H200Z', '#9c7a52'),
      row(9, (at) => stroke(`M${428 - at * at * 3.2} ${312 + at * at * 6}H${532 + at * at * 3.2}`, '#7a5d3c', 4 + at)),
      row(4, (at) => blades(40 + at * 60, 560 + at * 40, '#41602f') + blades(640 + at * 70, 560 + at * 40, '#41602f')),
    ),
  },
  'high water': {
    shows: 'A beach at high water',
    tags: ['place', 'tide', 'flood', 'sea'],
    svg: picture(
      [sky, sea, deep],
      disc(180, 120, 60, white),
      waves(300, white) + waves(420, white) + waves(540, white),
      shape('M0 660Q480 600 960 670V720H0Z', sand),
    ),
  },
  'low water': {
    shows: 'A beach at low water, the sea far out',
    tags: ['place', 'tide', 'ebb', 'sand'],
    svg: picture(
      [sky, sand, wet],
      rect(0, 200, 960, 60, sea) + waves(240, white),
      row(7, (at) => stroke(`M${at * 150 - 40} ${380 + (at % 3) * 90}q60 -26 120 0t120 0`, mud, 6)),
      disc(300, 520, 30, white, 18) + disc(620, 600, 26, red, 16) + disc(760, 460, 34, '#34405c', 20),
    ),
  },
  moon: {
    shows: 'The full moon over the sea',
    tags: ['night', 'tide', 'sky', 'pull'],
    svg: picture(
      ['#16243a', '#22385a', '#1b3a4c'],
      row(14, (at) => disc((at * 173) % 960, (at * 97) % 380, 4, white)),
      disc(480, 210, 120, '#f3ecd2') +
        disc(440, 180, 24, '#dcd3b2') +
        disc(520, 240, 34, '#dcd3b2') +
        disc(500, 150, 14, '#dcd3b2'),
      row(6, (at) => stroke(`M${440 - at * 12} ${510 + at * 34}H${520 + at * 12}`, '#f3ecd2', 8)),
    ),
  },
  storm: {
    shows: 'A storm over the sea',
    tags: ['weather', 'rain', 'cloud', 'lightning'],
    svg: picture(
      ['#59646c', '#6f7b83', '#3b5560'],
      cloud(140, 190, '#454f57') + cloud(470, 160, '#3d464d'),
      shape('M520 230L420 410H500L450 560L620 350H530L590 230Z', sun),
      row(11, (at) => stroke(`M${80 + at * 84} ${270 + (at % 3) * 40}l-30 110`, '#a9bcc4', 7)),
      waves(600, white) + waves(660, '#a9bcc4'),
    ),
  },
  'sunny day': {
    shows: 'The sun over a beach',
    tags: ['weather', 'sun', 'warm', 'summer'],
    svg: picture(
      [sky, sea, sand],
      disc(480, 170, 96, sun),
      row(12, (at) => placed(480, 170, [stroke('M0 -124V-156', sun, 14)], { turn: at * 30 })),
      waves(300, white) + waves(400, white),
    ),
  },
  footprints: {
    shows: 'Footprints of a bird in mud',
    tags: ['tracks', 'bird', 'mud', 'clue'],
    svg: picture(
      [mud, mud, '#7a6449'],
      row(6, (at) =>
        placed(
          170 + at * 124,
          (at % 2 ? 260 : 430) + at * 10,
          [stroke('M0 60V-70M0 0L-54 -54M0 0L54 -54', '#54452f', 16)],
          { turn: 70 },
        ),
      ),
    ),
  },
};
