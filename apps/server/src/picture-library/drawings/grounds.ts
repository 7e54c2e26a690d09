/** Backgrounds as wide as a slide: skies, patterns and papers, with room for words. */
import { chances, disc, ground, type LibraryDrawing, rect, row, shape, sheet, stroke } from '../drawing.js';

const W = 1280;
const H = 720;
const back = (shows: string, tags: readonly string[], ...shapes: readonly string[]): LibraryDrawing => ({
  shows,
  tags: ['background', ...tags],
  svg: sheet(W, H, ...shapes),
});
const scatter = (count: number, seed: number, make: (x: number, y: number, chance: () => number) => string) => {
  const chance = chances(seed);
  return row(count, () => make(chance() * W, chance() * H, chance));
};
const hills = (y: number, high: number, colour: string, seed: number) => {
  const chance = chances(seed);
  let course = `M0 ${H}V${y}`;
  for (let x = 0; x <= W; x += 160)
    course += `Q${x + 80} ${y - high * chance()} ${x + 160} ${y - high * 0.4 * chance()}`;
  return shape(`${course}V${H}Z`, colour);
};

export const grounds: Readonly<Record<string, LibraryDrawing>> = {
  'night sky': back(
    'A night sky full of stars',
    ['night', 'star', 'dark', 'space'],
    ground(W, H, '#10192e', '#2b3557'),
    scatter(150, 5, (x, y, c) => disc(x, y, 1 + c() * 3, '#f6eccb')),
    disc(1040, 150, 70, '#f4e6b8') + disc(1072, 134, 62, '#141d34'),
  ),
  sunrise: back(
    'A sunrise over hills',
    ['morning', 'sun', 'sky'],
    ground(W, H, '#f6d9a8', '#f3a873'),
    disc(640, 430, 120, '#fbe6b0'),
    hills(470, 150, '#c77a63', 3),
    hills(560, 120, '#8f5560', 8),
    hills(640, 90, '#4f3a50', 4),
  ),
  'deep sea': back(
    'Deep water with bubbles',
    ['sea', 'water', 'ocean', 'blue'],
    ground(W, H, '#2f7f93', '#0e2f45'),
    scatter(
      60,
      11,
      (x, y, c) =>
        `<circle cx="${x.toFixed(0)}" cy="${y.toFixed(0)}" r="${(4 + c() * 18).toFixed(0)}" fill="none" stroke="#bfe3e6" stroke-opacity=".5" stroke-width="3"/>`,
    ),
  ),
  forest: back(
    'A forest in mist',
    ['tree', 'wood', 'green', 'nature'],
    ground(W, H, '#dfe9dc', '#9fb79b'),
    ...[0, 1, 2].map((depth) =>
      row(14, (at) => {
        const x = at * 100 + depth * 34;
        const y = 250 + depth * 110;
        return shape(
          `M${x} ${y}L${x + 70} ${y + 320}H${x - 70}Z`,
          ['#a9c0a4', '#6f9272', '#3c6148'][depth] ?? '#3c6148',
        );
      }),
    ),
  ),
  dunes: back(
    'Dunes under a pale sky',
    ['sand', 'desert', 'beach', 'calm'],
    ground(W, H, '#eef2ea', '#f4e4c0'),
    hills(480, 130, '#e6cf9c', 21),
    hills(570, 110, '#d8b97e', 6),
    hills(650, 80, '#c4a066', 9),
  ),
  'squared paper': back(
    'Squared paper',
    ['paper', 'maths', 'grid', 'notebook'],
    rect(0, 0, W, H, '#fbfaf4'),
    row(32, (at) => rect(at * 40, 0, 2, H, '#c9dbe6')),
    row(18, (at) => rect(0, at * 40, W, 2, '#c9dbe6')),
    rect(118, 0, 4, H, '#e0a4a0'),
  ),
  'lined paper': back(
    'Lined paper',
    ['paper', 'write', 'notebook'],
    rect(0, 0, W, H, '#fdfbf2'),
    row(16, (at) => rect(0, 80 + at * 42, W, 2, '#c6d6e2')),
    rect(138, 0, 3, H, '#dd9a94'),
  ),
  chalkboard: back(
    'A green board with traces of chalk',
    ['board', 'chalk', 'school', 'dark'],
    rect(0, 0, W, H, '#2e4f45'),
    scatter(28, 17, (x, y, c) =>
      stroke(
        `M${x.toFixed(0)} ${y.toFixed(0)}q${(c() * 200).toFixed(0)} ${(c() * 40 - 20).toFixed(0)} ${(c() * 320).toFixed(0)} 0`,
        '#ffffff0c',
        40,
      ),
    ),
    `<rect x="14" y="14" width="${W - 28}" height="${H - 28}" fill="none" stroke="#8a6a45" stroke-width="28"/>`,
  ),
  corkboard: back(
    'A board of cork with pins',
    ['board', 'pin', 'notice'],
    rect(0, 0, W, H, '#c99f6b'),
    scatter(500, 31, (x, y, c) => disc(x, y, 2 + c() * 4, c() > 0.5 ? '#a97c4c' : '#deb986')),
    disc(60, 60, 16, '#c4553b') +
      disc(1220, 60, 16, '#3d6f9b') +
      disc(60, 660, 16, '#6d8f4e') +
      disc(1220, 660, 16, '#f0b840'),
  ),
  leaves: back(
    'A pattern of leaves',
    ['pattern', 'leaf', 'green', 'plant'],
    rect(0, 0, W, H, '#eef1e2'),
    row(40, (at) => {
      const x = (at % 8) * 172 + (Math.floor(at / 8) % 2) * 86;
      const y = Math.floor(at / 8) * 156 + 40;
      return `<g transform="translate(${x} ${y}) rotate(${(at * 47) % 360})">${shape('M0 -46Q36 -10 0 46Q-36 -10 0 -46Z', '#b9cf9e')}${stroke('M0 -40V40', '#93ae76', 4)}</g>`;
    }),
  ),
  'wave pattern': back(
    'A pattern of waves',
    ['pattern', 'sea', 'water', 'blue'],
    rect(0, 0, W, H, '#e3eef0'),
    row(12, (line) =>
      row(
        9,
        (at) =>
          `<g fill="none" stroke="#9cc2cb" stroke-width="5">${[60, 42, 24].map((r) => `<path d="M${at * 160 - (line % 2) * 80 + 80 - r} ${line * 66 + 66}a${r} ${r} 0 0 1 ${2 * r} 0"/>`).join('')}</g>`,
      ),
    ),
  ),
  confetti: back(
    'Bits of coloured paper',
    ['pattern', 'party', 'feast', 'colour'],
    rect(0, 0, W, H, '#fbf6ea'),
    scatter(
      130,
      41,
      (x, y, c) =>
        `<rect x="${x.toFixed(0)}" y="${y.toFixed(0)}" width="22" height="12" rx="3" fill="${['#c4553b', '#f0b840', '#6d8f4e', '#3d6f9b', '#7d4f8c'][Math.floor(c() * 5)] ?? '#c4553b'}" transform="rotate(${(c() * 180).toFixed(0)} ${x.toFixed(0)} ${y.toFixed(0)})"/>`,
    ),
  ),
  mountains: back(
    'Mountains with snow',
    ['mountain', 'snow', 'cold', 'landscape'],
    ground(W, H, '#cfe2ea', '#eef3f0'),
    row(4, (at) => {
      const x = at * 360 - 60;
      return (
        shape(`M${x} 640L${x + 230} 200L${x + 460} 640Z`, '#7b8f9b') +
        shape(`M${x + 230} 200L${x + 168} 320L${x + 212} 350L${x + 236} 316L${x + 268} 352L${x + 296} 326Z`, '#fbfdfd')
      );
    }),
    hills(640, 60, '#5f7a63', 14),
  ),
  rain: back(
    'Rain on a window',
    ['weather', 'rain', 'grey', 'calm'],
    ground(W, H, '#a9bac3', '#7a8e99'),
    scatter(120, 53, (x, y, c) =>
      stroke(`M${x.toFixed(0)} ${y.toFixed(0)}l-6 ${(20 + c() * 46).toFixed(0)}`, '#dfeaf0', 4),
    ),
  ),
  bricks: back(
    'A wall of bricks',
    ['wall', 'pattern', 'red', 'town'],
    rect(0, 0, W, H, '#d9cbb8'),
    row(12, (line) =>
      row(10, (at) =>
        rect(
          at * 142 - (line % 2) * 71 + 5,
          line * 62 + 5,
          132,
          52,
          ['#b4623f', '#a95636', '#bd7150'][(at * 7 + line * 3) % 3] ?? '#b4623f',
          4,
        ),
      ),
    ),
  ),
  clouds: back(
    'Clouds in a blue sky',
    ['sky', 'weather', 'blue', 'day'],
    ground(W, H, '#8fc0dc', '#dceef4'),
    row(6, (at) => {
      const [x, y] = [120 + at * 210, 140 + (at % 3) * 190];
      return (
        disc(x, y, 90, '#ffffffd0', 50) +
        disc(x + 80, y - 34, 84, '#ffffffd0', 60) +
        disc(x + 160, y, 96, '#ffffffd0', 50)
      );
    }),
  ),
  'autumn leaves': back(
    'Fallen leaves',
    ['autumn', 'leaf', 'pattern', 'season'],
    rect(0, 0, W, H, '#efe3c9'),
    scatter(
      90,
      71,
      (x, y, c) =>
        `<g transform="translate(${x.toFixed(0)} ${y.toFixed(0)}) rotate(${(c() * 360).toFixed(0)})">${shape('M0 -44Q34 -10 0 44Q-34 -10 0 -44Z', ['#c9703a', '#d9a441', '#9d4a33', '#a98a3e'][Math.floor(c() * 4)] ?? '#c9703a')}${stroke('M0 -38V52', '#7a4a2a', 3)}</g>`,
    ),
  ),
};
