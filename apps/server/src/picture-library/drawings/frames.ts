/** Frames: their middle is empty, so that whatever lies under them is seen. */
import { disc, type LibraryDrawing, row, shape, sheet, stroke } from '../drawing.js';

const W = 1000;
const H = 750;
const frame = (shows: string, tags: readonly string[], ...shapes: readonly string[]): LibraryDrawing => ({
  shows,
  tags: ['frame', 'border', ...tags],
  svg: sheet(W, H, ...shapes),
});
const border = (inset: number, width: number, colour: string, round = 0, dash = '') =>
  `<rect x="${inset}" y="${inset}" width="${W - 2 * inset}" height="${H - 2 * inset}" rx="${round}" fill="none" stroke="${colour}" stroke-width="${width}" ${dash ? `stroke-dasharray="${dash}" stroke-linecap="round"` : ''}/>`;
const corners = (make: string) =>
  [
    [0, 0, 1, 1],
    [W, 0, -1, 1],
    [0, H, 1, -1],
    [W, H, -1, -1],
  ]
    .map(([x = 0, y = 0, sx = 1, sy = 1]) => `<g transform="translate(${x} ${y}) scale(${sx} ${sy})">${make}</g>`)
    .join('');
const along = (step: number, make: (x: number, y: number, at: number) => string) => {
  const across = Math.floor((W - 80) / step);
  const down = Math.floor((H - 80) / step);
  return (
    row(
      across + 1,
      (at) => make(40 + at * ((W - 80) / across), 40, at) + make(40 + at * ((W - 80) / across), H - 40, at),
    ) +
    row(
      down - 1,
      (at) => make(40, 40 + (at + 1) * ((H - 80) / down), at) + make(W - 40, 40 + (at + 1) * ((H - 80) / down), at),
    )
  );
};

export const frames: Readonly<Record<string, LibraryDrawing>> = {
  'gold frame': frame(
    'A gilded frame',
    ['picture', 'museum', 'gold'],
    border(38, 76, '#b98f3c'),
    border(38, 46, '#e2bd66'),
    border(82, 10, '#8a6726'),
    corners(disc(40, 40, 44, '#b98f3c') + disc(40, 40, 22, '#f3dc9a')),
  ),
  'rope frame': frame(
    'A frame of rope',
    ['ship', 'sea', 'rope'],
    border(40, 36, '#b58a54', 40),
    border(40, 36, '#e3c492', 40, '4 34'),
    corners(disc(44, 44, 36, '#8f6a3c') + disc(44, 44, 16, '#e3c492')),
  ),
  'leaf frame': frame(
    'A frame of leaves',
    ['plant', 'leaf', 'green', 'spring'],
    border(40, 8, '#4f6b26', 20),
    along(
      70,
      (x, y, at) =>
        `<g transform="translate(${x.toFixed(0)} ${y.toFixed(0)}) rotate(${at % 2 ? 40 : -40})">${shape('M0 -30Q26 -4 0 34Q-26 -4 0 -30Z', at % 3 ? '#6d8f4e' : '#9bb876')}</g>`,
    ),
  ),
  'film frame': frame(
    'A frame of film',
    ['film', 'cinema', 'camera'],
    `<path d="M0 0H${W}V${H}H0ZM60 110V${H - 110}H${W - 60}V110Z" fill="#22252b" fill-rule="evenodd"/>`,
    row(
      16,
      (at) =>
        `<rect x="${18 + at * 62}" y="34" width="36" height="44" rx="8" fill="#f4f1e8"/><rect x="${18 + at * 62}" y="${H - 78}" width="36" height="44" rx="8" fill="#f4f1e8"/>`,
    ),
  ),
  'torn paper frame': frame(
    'A frame of torn paper',
    ['paper', 'note'],
    `<path d="M0 0H${W}V${H}H0ZM70 76L140 60L230 84L330 62L450 86L560 64L680 82L800 60L930 78L916 180L936 300L914 420L934 560L918 680L810 664L690 688L560 668L430 690L300 666L180 690L72 672L88 560L66 440L86 320L64 190Z" fill="#f6efdc" fill-rule="evenodd"/>`,
    `<path d="M70 76L140 60L230 84L330 62L450 86L560 64L680 82L800 60L930 78L916 180L936 300L914 420L934 560L918 680L810 664L690 688L560 668L430 690L300 666L180 690L72 672L88 560L66 440L86 320L64 190Z" fill="none" stroke="#d3c4a0" stroke-width="6"/>`,
  ),
  'dotted frame': frame(
    'A frame of coloured dots',
    ['dot', 'party', 'colour'],
    along(56, (x, y, at) => disc(x, y, 20, ['#c4553b', '#f0b840', '#6d8f4e', '#3d6f9b'][at % 4] ?? '#c4553b')),
  ),
  'wooden frame': frame(
    'A plain wooden frame',
    ['wood', 'picture'],
    border(42, 84, '#8a5f3a'),
    row(6, (at) => stroke(`M${20 + at * 12} 20V${H - 20}M${W - 20 - at * 12} 20V${H - 20}`, '#7a5230', 2)),
    border(84, 8, '#5f3f22'),
  ),
  'star frame': frame(
    'A frame of stars',
    ['star', 'night', 'reward'],
    border(40, 6, '#3d4e8a'),
    along(
      96,
      (x, y) =>
        `<g transform="translate(${x.toFixed(0)} ${y.toFixed(0)})">${shape('M0 -30L8 -9L30 -8L13 6L19 28L0 16L-19 28L-13 6L-30 -8L-8 -9Z', '#f0b840')}</g>`,
    ),
  ),
  'shell frame': frame(
    'A frame of shells',
    ['shell', 'beach', 'sea', 'summer'],
    border(40, 10, '#c9b184', 30),
    along(
      110,
      (x, y) =>
        `<g transform="translate(${x.toFixed(0)} ${y.toFixed(0)})">${shape('M0 34Q-46 4 -34 -22Q-16 -38 0 -36Q16 -38 34 -22Q46 4 0 34Z', '#e7c9b0')}${stroke('M0 30V-30M-4 30L-22 -24M4 30L22 -24', '#b98f74', 5)}</g>`,
    ),
  ),
  'brush frame': frame(
    'A frame of brush strokes',
    ['art', 'paint', 'blue'],
    stroke(`M50 46Q500 20 954 52M948 50Q976 380 950 700M954 704Q480 734 48 700M52 704Q24 360 48 44`, '#3d6f9b', 40),
    stroke(`M60 60Q500 44 940 64M934 66Q956 380 936 690`, '#7fa6c4', 12),
  ),
  'window frame': frame(
    'A window with shutters',
    ['window', 'house', 'wood'],
    border(30, 60, '#6d4f33'),
    border(66, 12, '#8a6947'),
    row(
      2,
      (side) =>
        `<rect x="${side * 800 + 20}" y="60" width="160" height="630" fill="#3f7a6a"/>` +
        row(11, (at) => stroke(`M${side * 800 + 40} ${100 + at * 55}h120`, '#2f5f53', 10)),
    ),
  ),
  'ribbon frame': frame(
    'A red ribbon around a sheet',
    ['gift', 'feast', 'ribbon', 'red'],
    border(40, 26, '#b43a3a'),
    border(40, 6, '#e08a86'),
    `<g transform="translate(500 44)">${shape('M0 0Q-120 -70 -160 0Q-120 70 0 0Z', '#b43a3a')}${shape('M0 0Q120 -70 160 0Q120 70 0 0Z', '#b43a3a')}${shape('M-10 10L-70 130L-30 116L0 20ZM10 10L70 130L30 116L0 20Z', '#952d2d')}${disc(0, 4, 26, '#d55a55')}</g>`,
  ),
};
