/** Reads charts (ECMA-376 part 1, 21.2): the figures that are kept with the drawing, as a table, and how they are drawn. */
import { type ChartForm, type Fields, MOST_LINES, MOST_SERIES, tableOfWords } from '../../deck/index.js';
import { childAt, childrenOf, within, wordsIn, type XmlElement } from '../xml/index.js';

/** A chart and the table that it is drawn from. */
export interface FoundChart {
  /** `null` where there is none like it here. */
  readonly form: ChartForm | null;
  readonly title: string;
  /** Size of its letters, in slide units. */
  readonly size: number;
  readonly isSaid: boolean;
  readonly table: Fields;
}

const forms: Readonly<Record<string, ChartForm>> = {
  'c:barChart': 'bars',
  'c:bar3DChart': 'bars',
  'c:lineChart': 'lines',
  'c:line3DChart': 'lines',
  'c:areaChart': 'lines',
  'c:pieChart': 'parts',
  'c:pie3DChart': 'parts',
  'c:doughnutChart': 'parts',
};

/** A chart; `null` where it has no figures. */
export function readChart(root: XmlElement | null): FoundChart | null {
  const area = childAt(root, 'c:chart', 'c:plotArea');
  const plot = childrenOf(area).find(({ name }) => /Chart$/.test(name));
  if (!plot || !root) return null;
  const series = childrenOf(plot, 'c:ser').slice(0, MOST_SERIES);
  const names = pointsOf(firstOf(series, 'c:cat') ?? firstOf(series, 'c:xVal'));
  const values = series.map((each) => pointsOf(childAt(each, 'c:val') ?? childAt(each, 'c:yVal')));
  const count = Math.min(MOST_LINES - 1, Math.max(names.length, ...values.map(({ length }) => length)));
  if (count === 0 || series.length === 0) return null;
  const heads = series.map((each) => pointsOf(childAt(each, 'c:tx'))[0] ?? '');
  const rows = Array.from({ length: count }, (_none, at) => [
    names[at] ?? String(at + 1),
    ...values.map((each) => each[at] ?? ''),
  ]);
  const drawn = forms[plot.name] ?? null;
  const isDots = drawn === 'lines' && series.every((each) => childAt(each, 'c:spPr', 'a:ln', 'a:noFill') !== null);
  const title = childAt(root, 'c:chart', 'c:title', 'c:tx');
  const letters = within(root, 'a:defRPr').find(({ attributes }) => attributes['sz'] !== undefined);
  return {
    form: isDots ? 'dots' : drawn,
    title: title ? within(title, 'a:t').map(wordsIn).join('') : '',
    size: Math.max(14, Number(letters?.attributes['sz'] ?? 1800) / 75),
    isSaid: within(plot, 'c:showVal').some(({ attributes }) => attributes['val'] === '1'),
    table: { ...tableOfWords([['', ...heads], ...rows]), headings: 'both' },
  };
}

function firstOf(series: readonly XmlElement[], name: string): XmlElement | null {
  return series.map((each) => childAt(each, name)).find((each) => each !== null) ?? null;
}

/** What is said at each point, by its place. */
function pointsOf(element: XmlElement | null): readonly string[] {
  if (!element) return [];
  const said: string[] = [];
  for (const point of within(element, 'c:pt')) {
    const at = Number(point.attributes['idx']);
    const value = childAt(point, 'c:v');
    if (Number.isInteger(at) && at >= 0 && at < 1000 && value) said[at] = wordsIn(value);
  }
  const alone = said.length === 0 ? childAt(element, 'c:v') : null;
  return alone ? [wordsIn(alone)] : Array.from(said, (each: string | undefined) => each ?? '');
}
