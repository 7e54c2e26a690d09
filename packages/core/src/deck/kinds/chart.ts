/** Chart: the figures of a table on the same slide, drawn. */
import { isId } from '../model/identifiers.js';
import { type ChartItem, chartForms } from '../model/item.js';
import { readBoolean, readNumber, readOneOf, readString } from '../model/reading.js';
import type { KindReferences } from '../references/reference.js';
import { asItIs, type ItemKind, noContents, noLengths, noTexts } from './kind.js';

const tableReference: KindReferences<ChartItem> = {
  of: ({ table }) => (table === null ? [] : [{ to: 'item', id: table, by: 'follows' }]),
  map: (chart, { item }) => (chart.table === null ? chart : { ...chart, table: item(chart.table) }),
};

export const chartKind: ItemKind<'chart'> = {
  kind: 'chart',
  make: (base, fields) => ({ ...base, kind: 'chart', ...chartKind.read(fields) }),
  size: { width: 640, height: 360 },
  read: (fields) => ({
    table: isId(fields['table']) ? fields['table'] : null,
    form: readOneOf(fields['form'], chartForms, 'bars'),
    title: readString(fields['title'], '', 200),
    size: readNumber(fields['size'], 22, 10, 80),
    isSaid: readBoolean(fields['isSaid'], false),
  }),
  withoutKey: asItIs,
  words: ({ title }) => title,
  isSeen: true,
  asks: false,
  gates: [],
  references: tableReference,
  texts: noTexts,
  ...noContents,
  isMissedInQuestions: true,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
  scaled: ({ size }, factor) => ({ size: size * factor }),
};
