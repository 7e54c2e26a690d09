/** The table of backdrops: one a name that themes know. */
import type { BackdropName } from '@gobrel/core/deck';
import type { Backdrop, BackdropPage } from './drawing.js';
import { dune } from './dune.js';
import { dusk } from './dusk.js';
import { band, corner, dots, foot, waves } from './earlier.js';
import { heather } from './heather.js';
import { lantern } from './lantern.js';
import { notebook } from './notebook.js';
import { press } from './press.js';
import { rockPool } from './rock-pool.js';
import { saltmarsh } from './saltmarsh.js';
import { slate } from './slate.js';
import { workshop } from './workshop.js';

const backdrops: Readonly<Record<BackdropName, Backdrop>> = {
  plain: () => '',
  band,
  foot,
  corner,
  dots,
  waves,
  notebook,
  saltmarsh,
  dusk,
  slate,
  press,
  dune,
  'rock-pool': rockPool,
  lantern,
  workshop,
  heather,
};

const drawn = new Map<string, string>();

/** A backdrop as SVG elements; '' for none. Drawn once for each page and size of slide. Lengths in slide units. */
export function backdropArt(name: BackdropName, page: BackdropPage, width: number, height: number): string {
  const key = `${name} ${page} ${width} ${height}`;
  const known = drawn.get(key);
  if (known !== undefined) return known;
  const art = backdrops[name](width, height, page);
  drawn.set(key, art);
  return art;
}
