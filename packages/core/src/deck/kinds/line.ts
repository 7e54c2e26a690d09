/** Line: from one end to the other, each free or tied to an item. */
import { sides, connectorStyles } from '../../geometry/index.js';
import { readColour } from '../appearance/colour.js';
import { isId } from '../model/identifiers.js';
import { type LineEnd, lineHeads, type LineItem } from '../model/item.js';
import type { KindReferences, Reference, ReferenceMap } from '../references/reference.js';
import { readBoolean, readFields, readNumber, readOneOf } from '../model/reading.js';
import { asItIs, INK, type ItemKind, noContents, noLengths, noTexts, readDash } from './kind.js';

const lineReferences: KindReferences<LineItem> = {
  of: ({ from, to }) =>
    [from.at, to.at].flatMap((id): Reference[] => (id === null ? [] : [{ to: 'item', id, by: 'line-end' }])),
  map: (line, map) => ({ ...line, from: mapEnd(line.from, map), to: mapEnd(line.to, map) }),
};

/** An end tied to what became of its item; where that is gone it stays where it is, tied to nothing. */
function mapEnd(end: LineEnd, { item }: ReferenceMap): LineEnd {
  if (end.at === null) return end;
  const at = item(end.at);
  return at === null ? { ...end, at, side: null } : { ...end, at };
}

export const lineKind: ItemKind<'line'> = {
  kind: 'line',
  make: (base, fields) => ({ ...base, kind: 'line', ...lineKind.read(fields) }),
  size: { width: 320, height: 8 },
  read: (fields) => ({
    from: readEnd(fields['from'], { u: 0, v: 0.5 }),
    to: readEnd(fields['to'], { u: 1, v: 0.5 }),
    connectorStyle: readOneOf(fields['connectorStyle'] ?? fields['way'], connectorStyles, 'straight'),
    bend: readNumber(fields['bend'], 0, -20_000, 20_000),
    sideways: readBoolean(fields['sideways'], true),
    outline: readColour(fields['outline'], INK),
    outlineWidth: readNumber(fields['outlineWidth'], 4, 1, 40),
    dash: readDash(fields['dash']),
    opacity: readNumber(fields['opacity'], 1, 0, 1),
  }),
  withoutKey: asItIs,
  words: () => '',
  isSeen: true,
  asks: false,
  gates: [],
  references: lineReferences,
  texts: noTexts,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
  scaled: ({ bend }, factor) => ({ bend: bend * factor }),
};

function readEnd(value: unknown, usual: { readonly u: number; readonly v: number }): LineEnd {
  const fields = readFields(value);
  const at = fields?.['at'];
  return {
    u: readNumber(fields?.['u'], usual.u, 0, 1),
    v: readNumber(fields?.['v'], usual.v, 0, 1),
    at: isId(at) ? at : null,
    side: readOneOf(fields?.['side'], [...sides, null], null),
    head: readOneOf(fields?.['head'], lineHeads, 'none'),
  };
}
