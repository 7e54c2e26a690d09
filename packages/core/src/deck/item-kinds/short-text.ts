/** Short text: a question answered in a few words. */
import { readString, readStrings } from '../reading.js';
import { type ItemKind, readPoints } from './kind.js';

export const shortTextKind: ItemKind<'short-text'> = {
  kind: 'short-text',
  size: { width: 560, height: 180 },
  read: (fields) => ({
    prompt: readString(fields['prompt'], ''),
    accepted: readStrings(fields['accepted']),
    points: readPoints(fields['points']),
  }),
  withoutKey: (item) => ({ ...item, accepted: [] }),
  words: (item) => item.prompt,
  asks: true,
};
