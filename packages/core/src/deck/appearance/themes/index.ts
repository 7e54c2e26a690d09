/** The themes that come along, one a file; what each draws on the ground is in slide-view, under the name of its backdrop. */
import type { Theme } from '../theme.js';
import { DUNE } from './dune.js';
import { DUSK } from './dusk.js';
import { HEATHER } from './heather.js';
import { LANTERN } from './lantern.js';
import { NOTEBOOK } from './notebook.js';
import { PRESS } from './press.js';
import { ROCK_POOL } from './rock-pool.js';
import { SALTMARSH } from './saltmarsh.js';
import { SLATE } from './slate.js';
import { WORKSHOP } from './workshop.js';

export { NOTEBOOK } from './notebook.js';

/** The themes that come along, the usual one first. */
export const themes: readonly Theme[] = [
  NOTEBOOK,
  SALTMARSH,
  DUSK,
  SLATE,
  PRESS,
  DUNE,
  ROCK_POOL,
  LANTERN,
  WORKSHOP,
  HEATHER,
];
