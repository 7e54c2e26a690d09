/** Zone: a place that takes pieces. */
import { isId } from '../identifiers.js';
import { readString, readStrings } from '../reading.js';
import type { ItemKind } from './kind.js';

export const zoneKind: ItemKind<'zone'> = {
  kind: 'zone',
  size: { width: 240, height: 160 },
  read: (fields) => ({
    label: readString(fields['label'], '', 100),
    belongs: readStrings(fields['belongs'], 40).filter(isId),
  }),
  withoutKey: (item) => ({ ...item, belongs: [] }),
  words: (item) => item.label,
  asks: false,
};
