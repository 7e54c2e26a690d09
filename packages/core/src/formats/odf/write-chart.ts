/** Writes charts as documents within a document (ODF 1.3 part 3, chapter 11), with their figures as a table. */
import { type ChartForm, type ChartItem, colourIn, type Theme } from '../../deck/index.js';
import { write, type Written } from '../xml/index.js';
import { declared, length } from './names.js';

const classes: Readonly<Record<ChartForm, string>> = {
  bars: 'chart:bar',
  lines: 'chart:line',
  parts: 'chart:circle',
  dots: 'chart:line',
};
const COLOURS = ['accent', 'second', 'third', 'soft', 'words', 'accent'] as const;

/** The content of a chart. */
export function writeChart(item: ChartItem, theme: Theme): Written {
  const { form, figures, frame, size, title, isSaid } = item;
  const names = figures?.names ?? [];
  const all = figures?.series ?? [];
  const series = form === 'parts' ? all.slice(0, 1) : all;
  const last = names.length + 1;
  const letters = write('style:text-properties', { 'fo:font-size': length(size) });
  const style = (name: string, ...properties: readonly Written[]) =>
    write('style:style', { 'style:name': name, 'style:family': 'chart' }, ...properties);
  const drawn = series.map((_series, at) => {
    const colour = colourIn(theme, COLOURS[at] ?? 'accent');
    return style(
      `series${at + 1}`,
      write('style:chart-properties', {
        'chart:data-label-number': isSaid ? 'value' : 'none',
        'chart:symbol-type': form === 'lines' || form === 'dots' ? 'automatic' : 'none',
      }),
      write('style:graphic-properties', {
        'draw:fill': 'solid',
        'draw:fill-color': colour,
        'draw:stroke': form === 'dots' ? 'none' : 'solid',
        'svg:stroke-color': colour,
      }),
    );
  });
  const column = (at: number) => String.fromCharCode(65 + at);
  const range = (at: number) => `local-table.${column(at)}2:.${column(at)}${last}`;
  const text = (words: string) =>
    write('table:table-cell', { 'office:value-type': 'string' }, write('text:p', {}, words));
  const value = (number: number | null) =>
    number === null
      ? write('table:table-cell')
      : write(
          'table:table-cell',
          { 'office:value-type': 'float', 'office:value': number },
          write('text:p', {}, String(number)),
        );
  const rows = names.map((name, at) =>
    write('table:table-row', {}, text(name), ...series.map(({ figures: values }) => value(values[at] ?? null))),
  );
  const head = write('table:table-row', {}, ...['', ...series.map(({ name }) => name)].map(text));
  const chart = write(
    'chart:chart',
    {
      'chart:class': classes[form],
      'svg:width': length(frame.width),
      'svg:height': length(frame.height),
      'chart:style-name': 'chart',
    },
    ...(title === '' ? [] : [write('chart:title', { 'chart:style-name': 'words' }, write('text:p', {}, title))]),
    ...(series.length > 1 || form === 'parts'
      ? [write('chart:legend', { 'chart:legend-position': 'bottom', 'chart:style-name': 'words' })]
      : []),
    write(
      'chart:plot-area',
      { 'chart:style-name': 'plot', 'chart:data-source-has-labels': 'both' },
      ...(form === 'parts'
        ? []
        : [
            write(
              'chart:axis',
              { 'chart:dimension': 'x', 'chart:name': 'primary-x', 'chart:style-name': 'axis' },
              write('chart:categories', { 'table:cell-range-address': range(0) }),
            ),
            write('chart:axis', { 'chart:dimension': 'y', 'chart:name': 'primary-y', 'chart:style-name': 'axis' }),
          ]),
      ...series.map((_series, at) =>
        write(
          'chart:series',
          {
            'chart:style-name': `series${at + 1}`,
            'chart:values-cell-range-address': range(at + 1),
            'chart:label-cell-address': `local-table.${column(at + 1)}1`,
            'chart:class': classes[form],
          },
          write('chart:data-point', { 'chart:repeated': names.length }),
        ),
      ),
    ),
    write(
      'table:table',
      { 'table:name': 'local-table' },
      write('table:table-header-columns', {}, write('table:table-column')),
      write('table:table-columns', {}, write('table:table-column', { 'table:number-columns-repeated': series.length })),
      write('table:table-header-rows', {}, head),
      write('table:table-rows', {}, ...rows),
    ),
  );
  return write(
    'office:document-content',
    { ...declared('office', 'style', 'text', 'table', 'draw', 'svg', 'fo', 'chart'), 'office:version': '1.3' },
    write(
      'office:automatic-styles',
      {},
      style('chart', write('style:graphic-properties', { 'draw:fill': 'none', 'draw:stroke': 'none' })),
      style('words', letters),
      style('plot', write('style:chart-properties', { 'chart:vertical': 'false' })),
      style('axis', write('style:chart-properties', { 'chart:display-label': 'true' }), letters),
      ...drawn,
    ),
    write('office:body', {}, write('office:chart', {}, chart)),
  );
}
