/** Small marks of a theme: behind or under titles, and before the points of a list. */
import { readFields, readOneOf } from '../model/reading.js';
import { readColour } from './colour.js';

/** What stands behind or under a title: a stroke of a marker, or a line of chalk. */
const titleMarkKinds = ['marker', 'chalk'] as const;

/** What stands behind or under a title; its colour by name or as `#rrggbb`. */
export interface TitleMark {
  readonly kind: (typeof titleMarkKinds)[number];
  readonly color: string;
}

/** A mark of titles from untrusted JSON; `null` for none. */
export function readTitleMark(value: unknown): TitleMark | null {
  const fields = readFields(value);
  const kind = readOneOf<TitleMark['kind'] | null>(fields?.['kind'], [...titleMarkKinds, null], null);
  return kind && { kind, color: readColour(fields?.['color'], 'soft') };
}

/** What stands before the points of a list. */
export const bulletNames = [
  'disc',
  'square',
  'drop',
  'half',
  'dash',
  'crest',
  'ring',
  'diamond',
  'plus',
  'stitch',
] as const;

/** What stands before the points of a list. */
export type BulletName = (typeof bulletNames)[number];
