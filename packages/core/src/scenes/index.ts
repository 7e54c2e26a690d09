/** Scenes: pictures drawn for the templates, by name. */
import { flock, heron, owl } from './birds.js';
import { bay, footbridge, lighthouse, signpost } from './land.js';
import type { Scene } from './scene.js';
import { crab, rockPool, seals, tide, tracks } from './shore.js';
import { cairns, leaf, rucksack, talking, weathers } from './things.js';

export { FLOCK, HERON_PARTS } from './birds.js';
export { BAY } from './land.js';
export type { Scene } from './scene.js';
export { CRABS } from './shore.js';
export { LEAF } from './things.js';

/** The scenes, drawn when they are asked for. */
export const scenes = {
  bay,
  cairns,
  crab,
  flock,
  footbridge,
  heron,
  leaf,
  lighthouse,
  owl,
  rockPool,
  rucksack,
  seals,
  signpost,
  talking,
  tide,
  tracks,
  weathers,
} satisfies Readonly<Record<string, () => Scene>>;

/** What a scene is called. */
export type SceneName = keyof typeof scenes;
