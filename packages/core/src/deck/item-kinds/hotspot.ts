/** Hotspot: an invisible area that carries a link. */
import { asItIs, type ItemKind } from './kind.js';

export const hotspotKind: ItemKind<'hotspot'> = {
  kind: 'hotspot',
  size: { width: 200, height: 140 },
  read: () => ({}),
  withoutKey: asItIs,
  words: () => '',
  asks: false,
};
