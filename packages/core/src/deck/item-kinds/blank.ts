/** Blank: a text field that students fill in. */
import { readNumber, readStrings } from '../reading.js';
import { type ItemKind, readPoints } from './kind.js';

export const blankKind: ItemKind<'blank'> = {
  kind: 'blank',
  size: { width: 220, height: 52 },
  read: (fields) => ({
    size: readNumber(fields['size'], 24, 8, 200),
    accepted: readStrings(fields['accepted']),
    points: readPoints(fields['points']),
  }),
  withoutKey: (item) => ({ ...item, accepted: [] }),
  words: () => '',
  asks: true,
};
