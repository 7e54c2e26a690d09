/** Saltmarsh: one creek that splits and splits again, seen from the air. */
import { at, line, n, tapered, unit, type Backdrop, type Place, ACCENT, THIRD } from './drawing.js';

/** Channels from the mouth upstream, measured from the lower right corner: width at the mouth and at the head, course. */
const creeks: readonly (readonly [number, number, readonly Place[]])[] = [
  [
    60,
    8,
    [
      [70, -36],
      [-60, -66],
      [-150, -150],
      [-240, -152],
      [-330, -96],
      [-420, -124],
      [-490, -212],
      [-566, -226],
      [-630, -186],
      [-672, -190],
    ],
  ],
  [
    36,
    22,
    [
      [-232, -140],
      [-214, -230],
      [-242, -320],
      [-300, -390],
      [-288, -476],
      [-240, -556],
      [-262, -650],
      [-232, -740],
      [-246, -840],
    ],
  ],
  [
    22,
    14,
    [
      [-226, -272],
      [-166, -332],
      [-100, -374],
      [-86, -450],
      [-40, -512],
      [50, -560],
    ],
  ],
  [
    20,
    3,
    [
      [-290, -440],
      [-346, -490],
      [-366, -556],
      [-408, -616],
      [-402, -690],
      [-424, -730],
    ],
  ],
  [
    20,
    3,
    [
      [-512, -222],
      [-556, -288],
      [-538, -356],
      [-590, -416],
      [-584, -480],
      [-610, -520],
    ],
  ],
  [
    26,
    20,
    [
      [-414, -118],
      [-440, -68],
      [-480, -22],
      [-470, 60],
    ],
  ],
  [
    10,
    2,
    [
      [-546, -346],
      [-504, -384],
      [-470, -392],
      [-446, -430],
    ],
  ],
  [
    12,
    8,
    [
      [-100, -372],
      [-52, -394],
      [30, -384],
    ],
  ],
  [
    13,
    2,
    [
      [-256, -622],
      [-206, -650],
      [-166, -690],
      [-136, -694],
    ],
  ],
  [
    12,
    2,
    [
      [-602, -208],
      [-628, -130],
      [-676, -92],
      [-684, -40],
    ],
  ],
  [
    13,
    9,
    [
      [-326, -96],
      [-318, -40],
      [-352, 50],
    ],
  ],
  [
    10,
    2,
    [
      [-364, -548],
      [-420, -556],
      [-462, -590],
    ],
  ],
  [
    10,
    2,
    [
      [-298, -388],
      [-348, -402],
      [-386, -376],
    ],
  ],
  [
    10,
    2,
    [
      [-88, -446],
      [-134, -486],
      [-140, -540],
    ],
  ],
  [
    16,
    9,
    [
      [-70, -72],
      [-24, -140],
      [50, -168],
    ],
  ],
];

/** Pools beside them: middle and radii. */
const pools: readonly (readonly [number, number, number, number])[] = [
  [-520, -60, 26, 12],
  [-150, -270, 17, 9],
  [-40, -300, 22, 11],
  [-440, -330, 20, 10],
  [-160, -560, 24, 11],
  [-330, -250, 18, 9],
  [-500, -560, 22, 10],
  [-330, -650, 15, 8],
  [-60, -650, 20, 10],
  [-200, -40, 16, 8],
  [-560, -110, 12, 6],
];
/** Tufts of grass. */
const tufts: readonly Place[] = [
  [-470, -70],
  [-560, -40],
  [-380, -30],
  [-260, -60],
  [-120, -40],
  [-30, -210],
  [-120, -210],
  [-170, -230],
  [-330, -180],
  [-390, -220],
  [-430, -260],
  [-480, -310],
  [-390, -430],
  [-340, -330],
  [-180, -420],
  [-190, -500],
  [-120, -600],
  [-30, -420],
  [-20, -590],
  [-330, -560],
  [-450, -500],
  [-520, -440],
  [-470, -650],
  [-540, -600],
  [-350, -700],
  [-190, -640],
  [-70, -690],
  [-610, -330],
  [-600, -90],
];

export const saltmarsh: Backdrop = (w, h, page) => {
  const u = unit(w, h);
  const bends = (points: readonly Place[]) =>
    points.flatMap(([x, y], i): readonly Place[] => {
      const next = points[i + 1];
      if (!next) return [[x, y]];
      const k = i % 2 ? 0.13 : -0.13;
      return [
        [x, y],
        [(x + next[0]) / 2 - (next[1] - y) * k, (y + next[1]) / 2 + (next[0] - x) * k],
      ];
    });
  const paths = creeks.map(([from, to, points]) => `<path d="${tapered(bends(points), from, to)}"/>`).join('');
  const blades = tufts.map(([x, y]) => `M${x} ${y}v-15M${x - 7} ${y}l-5-10M${x + 7} ${y}l5-10`).join('');
  const net = (bank: string, water: string, [bo, wo, po, to]: readonly [number, number, number, number]) =>
    `<g opacity="${bo}" fill="${bank}" stroke="${bank}" stroke-width="20" stroke-linejoin="round">${paths}</g><g opacity="${wo}" fill="${water}">${paths}</g>` +
    (po
      ? `<g opacity="${po}" fill="${water}">${pools.map(([x, y, a, b]) => `<ellipse cx="${x}" cy="${y}" rx="${a}" ry="${b}"/>`).join('')}</g>`
      : '') +
    (to ? line(blades, ACCENT, 3.5, to) : '');
  if (page === 'title') return at(w, h, 1.02 * u, net(ACCENT, THIRD, [0.17, 0.85, 0.5, 0.42]));
  if (page === 'section')
    return `<g transform="translate(${n(w)} 0) scale(${Math.round(960 * u) / 1000} ${Math.round(-960 * u) / 1000})">${net(ACCENT, THIRD, [0.1, 0.5, 0.32, 0])}</g>`;
  return at(w + 4 * u, h + 6 * u, 0.56 * u, net(ACCENT, THIRD, [0.07, 0.15, 0, 0]));
};
