/** Charts as Recharts draws them, in the theme's colours; what a colour says is said by a form or a word too. */
import type { ChartFigures, ChartItem } from '@gobrel/core/deck';
import type { ReactElement } from 'react';
import {
  Bar,
  BarChart,
  CartesianGrid,
  LabelList,
  Legend,
  Line,
  LineChart,
  Pie,
  PieChart,
  Scatter,
  ScatterChart,
  type SymbolType,
  XAxis,
  YAxis,
} from 'recharts';

export interface ChartDrawingProps {
  readonly item: ChartItem;
  readonly figures: ChartFigures;
}

/** A row of the figures: its name, and a figure by the place of its series. */
type Row = { readonly name: string } & Readonly<Record<`s${number}`, number | null>>;

/** The colours of the theme that figures are drawn in, in turn. */
const COLOURS = ['accent', 'second', 'third', 'soft', 'words', 'accent'].map((name) => `var(--gv-${name})`);
/** Each series has dots of a form of its own. */
const FORMS: readonly SymbolType[] = ['circle', 'square', 'triangle', 'diamond', 'cross', 'star'];
const DASHES = ['', '10 6', '3 5', '14 5 3 5', '6 3', '2 2'];

export function ChartDrawing(props: ChartDrawingProps) {
  switch (props.item.form) {
    case 'bars':
      return <Bars {...props} />;
    case 'lines':
      return <Lines {...props} />;
    case 'parts':
      return <Parts {...props} />;
    case 'dots':
      return <Dots {...props} />;
  }
}

function rowsOf({ names, series }: ChartFigures): Row[] {
  return names.map((name, at) =>
    Object.assign({ name }, ...series.map(({ figures }, place) => ({ [`s${place}`]: figures[at] ?? null }))),
  );
}

/** How large all of it is: the frame, less the title. */
function measures({ frame, size, title }: ChartItem) {
  return { width: frame.width, height: Math.max(40, frame.height - (title === '' ? 0 : size * 1.7)) };
}

/** What charts with axes share. */
function axes({ size }: ChartItem, numeric = false): ReactElement[] {
  const tick = { fill: 'var(--gv-words)', fontSize: size * 0.85 };
  return [
    <CartesianGrid key="grid" stroke="var(--gv-soft)" strokeOpacity={0.35} vertical={numeric} />,
    <XAxis
      key="x"
      dataKey={numeric ? 'x' : 'name'}
      type={numeric ? 'number' : 'category'}
      tick={tick}
      stroke="var(--gv-soft)"
      height={size * 1.8}
      tickMargin={size * 0.25}
      interval={numeric ? 'preserveEnd' : 0}
      domain={numeric ? ['auto', 'auto'] : undefined}
    />,
    <YAxis
      key="y"
      dataKey={numeric ? 'y' : undefined}
      tick={tick}
      stroke="var(--gv-soft)"
      width="auto"
      tickMargin={size * 0.2}
    />,
  ];
}

function legend({ size }: ChartItem, { series }: ChartFigures): ReactElement | null {
  return series.length > 1 ? (
    <Legend
      key="legend"
      iconSize={size * 0.8}
      wrapperStyle={{ fontSize: size * 0.85, color: 'var(--gv-words)' }}
      formatter={(name) => <span className="gv-chart-legend">{name}</span>}
    />
  ) : null;
}

function figure({ size }: ChartItem): ReactElement {
  return <LabelList position="top" fill="var(--gv-words)" fontSize={size * 0.8} />;
}

const still = { isAnimationActive: false } as const;
const ROOM = { top: 12, right: 12, bottom: 4, left: 4 };

function Bars({ item, figures }: ChartDrawingProps) {
  return (
    <BarChart
      accessibilityLayer={false}
      {...measures(item)}
      data={rowsOf(figures)}
      margin={{ ...ROOM, top: item.size * 1.2 }}
    >
      {axes(item)}
      {legend(item, figures)}
      {figures.series.map(({ name }, at) => (
        <Bar key={at} {...still} dataKey={`s${at}`} name={name} fill={COLOURS[at] ?? ''} maxBarSize={item.size * 4}>
          {item.isSaid ? figure(item) : null}
        </Bar>
      ))}
    </BarChart>
  );
}

function Lines({ item, figures }: ChartDrawingProps) {
  return (
    <LineChart
      accessibilityLayer={false}
      {...measures(item)}
      data={rowsOf(figures)}
      margin={{ ...ROOM, top: item.size * 1.2, right: item.size * 1.4 }}
    >
      {axes(item)}
      {legend(item, figures)}
      {figures.series.map(({ name }, at) => (
        <Line
          key={at}
          {...still}
          dataKey={`s${at}`}
          name={name}
          stroke={COLOURS[at] ?? ''}
          strokeWidth={item.size / 6}
          strokeDasharray={DASHES[at] ?? ''}
          dot={{ r: item.size / 4, fill: COLOURS[at] ?? '', strokeDasharray: '' }}
          legendType="plainline"
        >
          {item.isSaid ? figure(item) : null}
        </Line>
      ))}
    </LineChart>
  );
}

/** Parts of a whole: the first series, each part with its name beside it. */
function Parts({ item, figures }: ChartDrawingProps) {
  const [first] = figures.series;
  const said = new Map(figures.names.map((name, at) => [name, first?.said[at] ?? '']));
  const parts = figures.names.flatMap((name, at) => {
    const value = first?.figures[at] ?? null;
    return value !== null && value > 0
      ? [{ name, value, fill: COLOURS[at % COLOURS.length] ?? '', fillOpacity: at < COLOURS.length - 1 ? 1 : 0.6 }]
      : [];
  });
  const { width, height } = measures(item);
  return (
    <PieChart accessibilityLayer={false} width={width} height={height}>
      <Pie
        {...still}
        data={parts}
        dataKey="value"
        nameKey="name"
        startAngle={90}
        endAngle={-270}
        outerRadius={Math.max(20, Math.min(width / 2 - item.size * 5, height / 2 - item.size * 1.6))}
        stroke="var(--gv-ground)"
        strokeWidth={3}
        labelLine={{ stroke: 'var(--gv-soft)' }}
        label={({ x, y, textAnchor, name }) => (
          <text
            x={x}
            y={y}
            textAnchor={textAnchor}
            dominantBaseline="central"
            fill="var(--gv-words)"
            fontSize={item.size * 0.85}
          >
            {[name, item.isSaid ? said.get(String(name)) : ''].filter(Boolean).join(' ')}
          </text>
        )}
      />
    </PieChart>
  );
}

/** Dots: by the numbers of the first column, or above its names where it has none. */
function Dots({ item, figures }: ChartDrawingProps) {
  const places = figures.names.map((name) => Number(name.replace(',', '.')));
  const isNumeric = figures.names.every((name, at) => name !== '' && Number.isFinite(places[at]));
  return (
    <ScatterChart accessibilityLayer={false} {...measures(item)} margin={{ ...ROOM, right: item.size }}>
      {axes(item, isNumeric)}
      {legend(item, figures)}
      {figures.series.map(({ name, figures: values }, at) => (
        <Scatter
          key={at}
          {...still}
          name={name}
          data={values.flatMap((y, row) => (y === null ? [] : [{ x: places[row], name: figures.names[row], y }]))}
          dataKey="y"
          fill={COLOURS[at] ?? ''}
          shape={FORMS[at] ?? 'circle'}
          legendType={FORMS[at] ?? 'circle'}
        >
          {item.isSaid ? figure(item) : null}
        </Scatter>
      ))}
    </ScatterChart>
  );
}
