/** All pictures of the sample scenario, drawn by us, by name. */
import type { Credit } from '@gobrel/core/deck';
import { drawMarsh, type Feature, type MarshScene } from './marsh-scene.js';
import { drawShoreProfile } from './shore-profile.js';

const dusk: Omit<MarshScene, 'with'> = {
  sky: ['#2b3163', '#7c5673', '#d98a62'],
  moon: [1040, 120],
  hills: '#2f4f4c',
  marsh: '#1f4b4a',
  water: '#7da7a5',
};
const night: Omit<MarshScene, 'with'> = {
  sky: ['#131f33', '#1f3a50', '#3f6472'],
  moon: [1130, 110],
  hills: '#1c3b40',
  marsh: '#173836',
  water: '#4f7f86',
};
const late: Omit<MarshScene, 'with'> = {
  sky: ['#16302c', '#3d6a5a', '#93b58a'],
  moon: [1130, 120],
  hills: '#274e47',
  marsh: '#1b443f',
  water: '#6fa093',
};
const dawn: Omit<MarshScene, 'with'> = {
  sky: ['#3b4a74', '#b77f86', '#f2c58e'],
  moon: null,
  hills: '#41625a',
  marsh: '#2e5a4e',
  water: '#a5c4bb',
};

const scene = (base: Omit<MarshScene, 'with'>, ...features: Feature[]) => drawMarsh({ ...base, with: features });

/** SVG by the name under which the decks ask for it. */
export const drawings = {
  'dusk at the gate': scene(dusk, 'boardwalk', 'gate'),
  'the fork': scene(dusk, 'fork'),
  'the splash': scene(night, 'boardwalk', 'ripples'),
  'the hide': scene(late, 'boardwalk', 'hide'),
  'the tracks': scene(night, 'tracks'),
  'tide table': scene(late),
  'the otter': scene(night, 'otter'),
  'the rail': scene(late, 'rail'),
  'the owl': scene(late, 'owl', 'hide'),
  'the lantern': scene(night, 'hide', 'lantern'),
  'the flood': scene(night, 'flood'),
  'back at the gate': scene(dawn, 'boardwalk', 'gate'),
  'the long way': scene(dawn, 'flood', 'boardwalk'),
  'shore profile': drawShoreProfile(),
} as const;

/** The name of a picture of the scenario. */
export type DrawingName = keyof typeof drawings;

/** What decks of the scenario took from the picture library: its papers as they came along, and its size in pixels. */
export const fromLibrary = {
  'wall clock': {
    credit: { title: 'A clock showing ten past ten', author: 'Bram Tern', source: '', licence: 'cc-by-3.0' },
    pixels: { width: 1600, height: 1600 },
  },
} as const satisfies Record<string, { readonly credit: Credit; readonly pixels: { width: number; height: number } }>;

/** The name of a picture of the library that the scenario uses. */
export type LibraryName = keyof typeof fromLibrary;
