/** People of many kinds, from the waist up, in flat colours on a plain ground. */
import { disc, drawn, type LibraryDrawing, rect, row, shape, sheet, stroke } from '../drawing.js';

/** How somebody looks. */
interface Looks {
  readonly skin: string;
  readonly hair: string;
  readonly style: 'short' | 'long' | 'curls' | 'bun' | 'plaits' | 'scarf' | 'none' | 'turban' | 'cap';
  readonly clothes: string;
  readonly ground: string;
  readonly with?: readonly ('glasses' | 'beard' | 'hearing-aid' | 'wheelchair' | 'cane' | 'book' | 'headphones')[];
  /** Cloth of a scarf, a turban or a cap. */
  readonly cloth?: string;
}

const W = 720;
const H = 900;
const LINE = '#33272a';

function person({ skin, hair, style, clothes, ground, with: extras = [], cloth = '#7a4b8a' }: Looks): string {
  const has = (extra: NonNullable<Looks['with']>[number]) => extras.includes(extra);
  const behind: Readonly<Record<Looks['style'], string>> = {
    short: '',
    long: shape('M190 330Q180 130 360 120Q540 130 530 330L560 620Q360 690 160 620Z', hair),
    curls: row(11, (at) => {
      const turn = Math.PI * (0.92 + (at / 10) * 1.16);
      return disc(360 + Math.cos(turn) * 178, 330 + Math.sin(turn) * 178, 74, hair);
    }),
    bun: disc(360, 122, 76, hair),
    plaits: stroke('M226 360Q170 480 190 620M494 360Q550 480 530 620', hair, 54),
    scarf: shape('M176 360Q160 120 360 112Q560 120 544 360Q560 560 600 680H120Q160 560 176 360Z', cloth),
    none: '',
    turban: '',
    cap: '',
  };
  const before: Readonly<Record<Looks['style'], string>> = {
    short: shape('M206 330Q190 150 360 146Q530 150 514 330Q490 240 420 226Q300 250 236 246Q214 280 206 330Z', hair),
    long: shape('M206 350Q190 150 360 146Q530 150 514 350Q500 240 360 216Q220 240 206 350Z', hair),
    curls: row(6, (at) => disc(232 + at * 51, 206 - Math.sin((at / 5) * Math.PI) * 34, 46, hair)),
    bun: shape('M206 330Q196 156 360 150Q524 156 514 330Q480 226 360 214Q240 226 206 330Z', hair),
    plaits: shape('M206 330Q196 156 360 150Q524 156 514 330Q480 236 366 206V150H354V206Q240 236 206 330Z', hair),
    scarf: shape(
      'M206 366Q200 190 360 184Q520 190 514 366Q540 300 520 220Q470 140 360 138Q250 140 200 220Q180 300 206 366Z',
      cloth,
    ),
    none: '',
    turban:
      shape('M186 270Q180 96 360 88Q540 96 534 270Q450 196 360 252Q270 196 186 270Z', cloth) +
      stroke('M200 236Q330 150 440 116M520 236Q390 150 300 112', '#00000022', 12),
    cap:
      shape('M196 262Q196 120 360 116Q524 120 524 262Z', cloth) +
      shape('M190 250H430Q600 250 640 296Q500 300 190 290Z', cloth),
  };
  return sheet(
    W,
    H,
    rect(0, 0, W, H, ground),
    has('wheelchair') ? rect(120, 560, 480, 270, '#3a4a55', 36) + stroke('M96 560V860M624 560V860', '#222c33', 34) : '',
    behind[style],
    shape('M110 900Q110 660 270 620H450Q610 660 610 900Z', clothes),
    shape('M300 540H420V640Q360 700 300 640Z', skin),
    disc(208, 380, 34, skin) + disc(512, 380, 34, skin),
    shape('M212 340Q210 180 360 178Q510 180 508 340Q510 560 360 570Q210 560 212 340Z', skin),
    has('beard') ? shape('M222 420Q230 580 360 586Q490 580 498 420Q470 480 360 474Q250 480 222 420Z', hair) : '',
    before[style],
    disc(300, 372, 15, LINE) + disc(420, 372, 15, LINE),
    stroke('M272 330Q300 314 326 330M394 330Q420 314 448 330', LINE, 9),
    stroke('M360 384Q346 430 366 436', '#00000038', 8),
    shape('M304 470Q360 530 416 470Q360 488 304 470Z', '#ffffffd9') + stroke('M304 470Q360 530 416 470', LINE, 8),
    has('glasses')
      ? '<g fill="#ffffff30" stroke="#2c2a33" stroke-width="10"><rect x="246" y="326" width="104" height="88" rx="34"/><rect x="370" y="326" width="104" height="88" rx="34"/></g>' +
          stroke('M350 364H370', '#2c2a33', 10)
      : '',
    has('hearing-aid') ? stroke('M520 356Q552 370 524 420', '#5b6f86', 14) + disc(520, 424, 12, '#5b6f86') : '',
    has('headphones')
      ? stroke('M196 380Q180 110 360 106Q540 110 524 380', '#2f3f55', 26) +
          rect(164, 330, 58, 112, '#2f3f55', 26) +
          rect(498, 330, 58, 112, '#2f3f55', 26)
      : '',
    has('cane') ? stroke('M640 900L560 560', '#f4f1e8', 22) + stroke('M576 628L588 680', '#b3402f', 22) : '',
    has('book') ? drawn('M210 720H510V880H210Z', '#b4573d', '#6b2f22', 8) + stroke('M360 724V876', '#6b2f22', 8) : '',
    stroke('M270 640Q360 730 450 640', '#00000026', 12),
  );
}

const S = { deep: '#6b4330', brown: '#8f5b3e', tan: '#b98058', light: '#e3b48f', pale: '#f1cdb2' } as const;
const K = {
  black: '#231d20',
  brown: '#4b3023',
  red: '#a4512c',
  fair: '#cfa259',
  grey: '#a7a6a2',
  white: '#e6e3dc',
} as const;

export const people: Readonly<Record<string, LibraryDrawing>> = {
  'teacher with glasses': {
    shows: 'A teacher with glasses and a book',
    tags: ['teacher', 'adult', 'woman', 'reading', 'school'],
    svg: person({
      skin: S.brown,
      hair: K.black,
      style: 'bun',
      clothes: '#2f6f6b',
      ground: '#e9efe4',
      with: ['glasses', 'book'],
    }),
  },
  'teacher with a beard': {
    shows: 'A teacher with a grey beard',
    tags: ['teacher', 'adult', 'man', 'old', 'school'],
    svg: person({ skin: S.pale, hair: K.grey, style: 'short', clothes: '#3d4e8a', ground: '#f3ead2', with: ['beard'] }),
  },
  'girl with plaits': {
    shows: 'A girl with plaits',
    tags: ['child', 'girl', 'pupil', 'student'],
    svg: person({ skin: S.light, hair: K.red, style: 'plaits', clothes: '#4f6b26', ground: '#dfeaf0' }),
  },
  'boy with curls': {
    shows: 'A boy with curly hair',
    tags: ['child', 'boy', 'pupil', 'student'],
    svg: person({ skin: S.deep, hair: K.black, style: 'curls', clothes: '#d08a2c', ground: '#e3ecd9' }),
  },
  'girl with headscarf': {
    shows: 'A girl in a headscarf',
    tags: ['child', 'girl', 'student', 'hijab', 'scarf'],
    svg: person({
      skin: S.tan,
      hair: K.black,
      style: 'scarf',
      clothes: '#31506b',
      ground: '#f2e3dc',
      cloth: '#8a5a86',
    }),
  },
  'boy with turban': {
    shows: 'A boy in a turban',
    tags: ['child', 'boy', 'student', 'turban'],
    svg: person({
      skin: S.tan,
      hair: K.black,
      style: 'turban',
      clothes: '#6b7a3a',
      ground: '#e7e3f0',
      cloth: '#c2622f',
    }),
  },
  'girl in wheelchair': {
    shows: 'A girl in a wheelchair',
    tags: ['child', 'girl', 'student', 'wheelchair', 'disabled'],
    svg: person({
      skin: S.light,
      hair: K.brown,
      style: 'long',
      clothes: '#a84226',
      ground: '#e4eef0',
      with: ['wheelchair'],
    }),
  },
  'boy with hearing aid': {
    shows: 'A boy with a hearing aid',
    tags: ['child', 'boy', 'student', 'deaf', 'hearing'],
    svg: person({
      skin: S.pale,
      hair: K.fair,
      style: 'short',
      clothes: '#2f6f86',
      ground: '#f5ecd6',
      with: ['hearing-aid'],
    }),
  },
  'woman with white cane': {
    shows: 'A blind woman with a white cane',
    tags: ['adult', 'woman', 'blind', 'cane'],
    svg: person({
      skin: S.brown,
      hair: K.black,
      style: 'short',
      clothes: '#7b4a6e',
      ground: '#e8efe6',
      with: ['cane'],
    }),
  },
  grandmother: {
    shows: 'A grandmother with white hair',
    tags: ['adult', 'woman', 'old', 'family'],
    svg: person({ skin: S.tan, hair: K.white, style: 'bun', clothes: '#52627a', ground: '#f3e6e0', with: ['glasses'] }),
  },
  grandfather: {
    shows: 'A bald grandfather',
    tags: ['adult', 'man', 'old', 'bald', 'family'],
    svg: person({ skin: S.deep, hair: K.white, style: 'none', clothes: '#73603f', ground: '#e5ecef', with: ['beard'] }),
  },
  'boy listening': {
    shows: 'A boy listening with headphones',
    tags: ['child', 'boy', 'music', 'sound', 'headphones'],
    svg: person({
      skin: S.light,
      hair: K.black,
      style: 'short',
      clothes: '#b4492a',
      ground: '#e0e8e2',
      with: ['headphones'],
    }),
  },
  'girl with glasses': {
    shows: 'A girl with glasses and curls',
    tags: ['child', 'girl', 'student', 'glasses'],
    svg: person({
      skin: S.brown,
      hair: K.brown,
      style: 'curls',
      clothes: '#3f7a5a',
      ground: '#f6e9d2',
      with: ['glasses'],
    }),
  },
  'boy with cap': {
    shows: 'A boy in a cap',
    tags: ['child', 'boy', 'student', 'hat'],
    svg: person({ skin: S.pale, hair: K.red, style: 'cap', clothes: '#54688a', ground: '#e9efd8', cloth: '#a03a30' }),
  },
  'young woman reading': {
    shows: 'A young woman reading',
    tags: ['adult', 'woman', 'book', 'reading', 'library'],
    svg: person({ skin: S.light, hair: K.black, style: 'long', clothes: '#6c7f3c', ground: '#e6e4f1', with: ['book'] }),
  },
  'man in a wheelchair': {
    shows: 'A man in a wheelchair',
    tags: ['adult', 'man', 'wheelchair', 'disabled', 'beard'],
    svg: person({
      skin: S.tan,
      hair: K.brown,
      style: 'short',
      clothes: '#2d5f63',
      ground: '#f2ecdc',
      with: ['wheelchair', 'beard'],
    }),
  },
  'girl with long hair': {
    shows: 'A girl with long fair hair',
    tags: ['child', 'girl', 'student'],
    svg: person({ skin: S.pale, hair: K.fair, style: 'long', clothes: '#7d4f8c', ground: '#e3eef0' }),
  },
  'bird warden': {
    shows: 'A bird warden in a cap',
    tags: ['adult', 'woman', 'work', 'nature', 'ranger'],
    svg: person({ skin: S.deep, hair: K.black, style: 'cap', clothes: '#4b5a2c', ground: '#efe6cf', cloth: '#39481f' }),
  },
};
