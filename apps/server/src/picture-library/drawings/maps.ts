/** Maps without names, to be lettered by whoever uses them. */
import { chances, disc, type LibraryDrawing, rect, row, shape, sheet, stroke } from '../drawing.js';

const W = 1120;
const H = 800;
const SEA = '#bfdbe2';
const LAND = '#dfe2bd';
const map = (shows: string, tags: readonly string[], ...shapes: readonly string[]): LibraryDrawing => ({
  shows,
  tags: ['map', 'geography', 'blank', ...tags],
  svg: sheet(W, H, ...shapes),
});
/** A coast around a place: as ragged as its seed has it. */
const coast = (x: number, y: number, across: number, down: number, seed: number, corners = 22) => {
  const chance = chances(seed);
  const places = Array.from({ length: corners }, (_, at) => {
    const turn = (at / corners) * 2 * Math.PI;
    const far = 0.78 + chance() * 0.4;
    return [x + Math.cos(turn) * across * far, y + Math.sin(turn) * down * far] as const;
  });
  const middle = (a: readonly [number, number], b: readonly [number, number]) =>
    `${((a[0] + b[0]) / 2).toFixed(0)} ${((a[1] + b[1]) / 2).toFixed(0)}`;
  const first = places[0] ?? [x, y];
  return `M${middle(places.at(-1) ?? first, first)}${places.map((place, at) => `Q${place[0].toFixed(0)} ${place[1].toFixed(0)} ${middle(place, places[(at + 1) % corners] ?? first)}`).join('')}Z`;
};
const land = (course: string, colour = LAND) =>
  `<path d="${course}" fill="${colour}" stroke="#8a8f66" stroke-width="5"/>`;
const rose = (x: number, y: number) =>
  `<g transform="translate(${x} ${y})">${shape('M0 -60L14 0L0 60L-14 0Z', '#4a5957')}${shape('M-60 0L0 -14L60 0L0 14Z', '#8a9593')}${shape('M0 -60L14 0H-14Z', '#a84226')}</g>`;

export const maps: Readonly<Record<string, LibraryDrawing>> = {
  island: map(
    'A map of one island',
    ['island', 'sea'],
    rect(0, 0, W, H, SEA),
    land(coast(540, 400, 380, 260, 4)),
    stroke('M520 330Q470 420 540 470Q600 520 580 640', '#6ea6b8', 9),
    shape('M560 300L610 380H510ZM640 330L690 410H590Z', '#a59a78'),
    rose(1010, 130),
  ),
  archipelago: map(
    'A map of several islands',
    ['island', 'sea'],
    rect(0, 0, W, H, SEA),
    land(coast(300, 260, 190, 130, 7, 16)),
    land(coast(690, 220, 150, 110, 12, 14)),
    land(coast(560, 560, 230, 120, 3, 18)),
    land(coast(930, 520, 110, 150, 9, 14)),
    land(coast(170, 620, 80, 60, 2, 10)),
    rose(1010, 120),
  ),
  bay: map(
    'A map of a bay with a river',
    ['coast', 'river', 'bay'],
    rect(0, 0, W, H, SEA),
    land(
      `M0 0H${W}V240Q960 260 900 330Q820 420 700 400Q600 380 560 470Q500 600 360 560Q240 530 200 620Q150 720 0 700Z`,
    ),
    stroke('M600 0Q560 120 640 190Q700 260 660 330Q640 370 640 396', '#6ea6b8', 16),
    rose(1010, 640),
  ),
  delta: map(
    'A map of a river delta',
    ['river', 'coast', 'mouth'],
    rect(0, 0, W, H, SEA),
    land(`M0 0H${W}V470Q940 520 840 560Q700 640 560 620Q400 640 280 560Q150 500 0 480Z`),
    stroke(
      'M560 0Q540 160 560 280M560 280Q480 420 360 580M560 280Q560 460 560 620M560 280Q660 420 780 590',
      '#6ea6b8',
      18,
    ),
    rose(1010, 680),
  ),
  continent: map(
    'A map of a continent with mountains and lakes',
    ['continent', 'mountain', 'lake'],
    rect(0, 0, W, H, SEA),
    land(coast(560, 400, 460, 320, 15, 26)),
    row(7, (at) => shape(`M${340 + at * 46} ${260 + at * 22}l34 60h-68Z`, '#a59a78')),
    `<path d="${coast(660, 520, 70, 40, 5, 10)}" fill="#8fc0cc"/><path d="${coast(400, 500, 46, 32, 6, 10)}" fill="#8fc0cc"/>`,
    stroke('M560 360Q600 440 640 490M700 560Q760 640 740 700', '#6ea6b8', 8),
  ),
  'town plan': map(
    'A plan of a small town',
    ['town', 'street', 'plan', 'way'],
    rect(0, 0, W, H, '#f1ead8'),
    row(5, (at) => rect(0, 120 + at * 150, W, 34, '#fdfbf4')),
    row(6, (at) => rect(110 + at * 180, 0, 34, H, '#fdfbf4')),
    row(20, (at) =>
      rect(
        168 + (at % 5) * 180,
        174 + Math.floor(at / 5) * 150,
        92,
        72,
        ['#d9c3a0', '#cfd8b4', '#d8b9a5', '#c9d3d8'][at % 4] ?? '#d9c3a0',
        8,
      ),
    ),
    stroke(`M0 690Q300 620 560 700T${W} 640`, '#8fc0cc', 46),
    rect(528, 324, 92, 72, '#9bb876', 8),
    rose(1040, 90),
  ),
  'contour map': map(
    'A map of two hills by lines of height',
    ['height', 'hill', 'contour', 'relief'],
    rect(0, 0, W, H, '#eef1dc'),
    row(
      6,
      (at) =>
        `<path d="${coast(400, 380, 320 - at * 52, 260 - at * 42, 8, 20)}" fill="none" stroke="#a9855a" stroke-width="4"/>`,
    ),
    row(
      5,
      (at) =>
        `<path d="${coast(840, 470, 210 - at * 42, 200 - at * 40, 13, 18)}" fill="none" stroke="#a9855a" stroke-width="4"/>`,
    ),
    stroke('M610 800Q620 620 600 480Q590 300 640 0', '#6ea6b8', 9),
  ),
  'treasure map': map(
    'An old map with a marked place',
    ['treasure', 'story', 'pirate', 'way'],
    rect(0, 0, W, H, '#e8d6ac'),
    land(coast(560, 420, 400, 270, 21, 24), '#d9c18c'),
    `<path d="M280 470Q420 360 520 450T760 400Q820 360 830 320" fill="none" stroke="#8a3b2a" stroke-width="10" stroke-dasharray="8 28" stroke-linecap="round"/>`,
    stroke('M810 280L860 330M860 280L810 330', '#8a3b2a', 16),
    shape('M430 330L480 420H380ZM500 300L550 390H450Z', '#b39a63'),
    disc(660, 560, 34, '#8fae72') + disc(700, 580, 30, '#8fae72'),
    rose(200, 160),
  ),
};
