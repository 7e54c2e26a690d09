/** Reads charts that are documents within a document: their figures as a table, and how they are drawn. */
import { type ChartForm, type Fields, MOST_LINES, MOST_SERIES, tableOfWords } from '../../deck/index.js';
import { childAt, childrenOf, within, wordsIn, type XmlElement } from '../xml/index.js';
import { readLength } from './names.js';
import { FoundStyles } from './read-styles.js';

/** A chart and the table that it is drawn from. */
export interface FoundChart {
  readonly form: ChartForm;
  readonly title: string;
  /** Size of its letters, in slide units. */
  readonly size: number;
  readonly isSaid: boolean;
  readonly table: Fields;
}

const forms: Readonly<Record<string, ChartForm>> = {
  'chart:bar': 'bars',
  'chart:line': 'lines',
  'chart:area': 'lines',
  'chart:circle': 'parts',
  'chart:ring': 'parts',
};

/** A chart; `null` where it is none that has figures here. */
export function readChart(root: XmlElement | null): FoundChart | null {
  const chart = childAt(root, 'office:body', 'office:chart', 'chart:chart');
  const form = forms[chart?.attributes['chart:class'] ?? ''];
  const table = childAt(chart, 'table:table');
  if (!root || !chart || !form || !table) return null;
  const rows = within(table, 'table:table-row')
    .slice(0, MOST_LINES)
    .map((row) =>
      childrenOf(row)
        .slice(0, MOST_SERIES + 1)
        .map(
          (cell) => childrenOf(cell, 'text:p').map(wordsIn).join(' ').trim() || (cell.attributes['office:value'] ?? ''),
        ),
    );
  if (rows.length < 2) return null;
  const styles = new FoundStyles([root]);
  const series = within(chart, 'chart:series').map(({ attributes }) => attributes['chart:style-name']);
  const looks = series.map((name) => styles.properties('chart', name, 'chart'));
  const isDots =
    form === 'lines' &&
    series.length > 0 &&
    series.every((name) => styles.properties('chart', name, 'graphic')['draw:stroke'] === 'none');
  const title = childAt(chart, 'chart:title');
  const letters = styles.properties('chart', childAt(chart, 'chart:legend')?.attributes['chart:style-name'], 'text');
  const axis = styles.properties('chart', within(chart, 'chart:axis')[0]?.attributes['chart:style-name'], 'text');
  return {
    form: isDots ? 'dots' : form,
    title: title ? childrenOf(title, 'text:p').map(wordsIn).join(' ') : '',
    size: Math.max(14, readLength(axis['fo:font-size']) ?? readLength(letters['fo:font-size']) ?? 22),
    isSaid: looks.some((look) => /value/.test(look['chart:data-label-number'] ?? '')),
    table: { ...tableOfWords(rows), headings: 'both' },
  };
}
