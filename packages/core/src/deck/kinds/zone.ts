/** Zone: a place that takes pieces. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import { isId } from '../model/identifiers.js';
import { type ZoneItem, zoneLays } from '../model/question-items.js';
import type { KindReferences, Reference } from '../references/reference.js';
import { readBoolean, readNumber, readOneOf, readString, readStrings } from '../model/reading.js';
import { shapeNames } from '../appearance/shapes.js';
import { filledIn, type ItemKind } from './kind.js';

/** The most pieces that a zone can be told to take at most. */
const MOST_PIECES = 60;

const zoneReferences: KindReferences<ZoneItem> = {
  of: ({ belongs, takes }) => [
    ...belongs.map((id): Reference => ({ to: 'piece', id, by: 'belongs' })),
    ...takes.map((id): Reference => ({ to: 'piece', id, by: 'takes' })),
  ],
  map: (zone, { item }) => ({
    ...zone,
    belongs: zone.belongs.flatMap((id) => item(id) ?? []),
    takes: zone.takes.flatMap((id) => item(id) ?? []),
  }),
};

export const zoneKind: ItemKind<'zone'> = {
  kind: 'zone',
  make: (base, fields) => ({ ...base, kind: 'zone', ...zoneKind.read(fields) }),
  size: { width: 240, height: 160 },
  read: (fields) => ({
    ...readAsking(fields),
    label: readString(fields['label'], '', 100),
    shape: readOneOf(fields['shape'], shapeNames, 'rectangle'),
    lay: readOneOf(fields['lay'], zoneLays, 'packed'),
    capacity: Math.round(readNumber(fields['capacity'], 0, 0, MOST_PIECES)),
    takes: readStrings(fields['takes'], 40).filter(isId),
    sendsHome: readBoolean(fields['sendsHome'], false),
    belongs: readStrings(fields['belongs'], 40).filter(isId),
    needs: readOneOf(fields['needs'], ['all', 'one'], 'all'),
    inOrder: readBoolean(fields['inOrder'], false),
  }),
  withoutKey: (item) => ({ ...askingWithoutKey(item), belongs: [], needs: 'all', inOrder: false }),
  words: (item) => item.label,
  ...filledIn,
  asks: false,
  gates: ['filled', 'right'],
  references: zoneReferences,
};
