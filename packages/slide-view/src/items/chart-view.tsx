/** Draws a chart: the figures of its table, and what they say for whoever cannot see them. */
import { type ChartFigures, type ChartItem, hasFigures } from '@gobrel/core/deck';
import { later } from '../later.js';
import { type ChartWords, useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

/** Comes only where there is a chart: the library that draws it is large. */
export const chartDrawing = later(async () => (await import('./chart-drawing.js')).ChartDrawing);

export function ChartView({ item }: ItemProps<ChartItem>) {
  const { words } = useSurroundings();
  const { figures } = item;
  if (!figures || !hasFigures(figures)) return <div className="gv-chart gv-chart-empty">{words.chart.empty}</div>;
  return (
    <div
      className="gv-chart"
      role="img"
      aria-label={chartInWords(item, figures, words.chart)}
      style={{ fontSize: item.size }}
    >
      {item.title === '' ? null : <span className="gv-chart-title">{item.title}</span>}
      <span className="gv-chart-room">
        <chartDrawing.View item={item} figures={figures} />
      </span>
    </div>
  );
}

/** What a chart says: its title, its form, and each figure as it is written in the table. */
export function chartInWords(
  { title, form }: Pick<ChartItem, 'title' | 'form'>,
  { names, series }: ChartFigures,
  words: ChartWords,
): string {
  const rows = series.map(({ name, said }) => {
    const told = names.flatMap((each, at) => (said[at] ? [`${each} ${said[at]}`] : [])).join(', ');
    return name === '' ? told : `${name}: ${told}`;
  });
  return [title || words.forms[form], ...rows].join('. ');
}
