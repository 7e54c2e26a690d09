/** Charts as Recharts draws them, in the theme's colours; what a colour says is said by a form or a word too. */
import type { ChartFigures, ChartItem } from '@gobrel/core/deck';
import type { ReactElement } from 'react';
import {
  Bar,
  BarChart,
  CartesianGrid,
  LabelList,
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

/** How high the legend is, in letter sizes. */
const LEGEND = 1.7;
/** The colours of the theme that figures are drawn in, in turn. */
const COLOURS = ['accent', 'second', 'third', 'soft', 'words', 'accent'].map((name) => `var(--gv-${name})`);
/** Each series has dots of a form of its own. */
const FORMS: readonly SymbolType[] = ['circle', 'square', 'triangle', 'diamond', 'cross', 'star'];
/** The same forms, in 32 by 16. */
const OUTLINES = [
  'M10 8a6 6 0 1 1 12 0a6 6 0 1 1 -12 0Z',
  'M10 2H22V14H10Z',
  'M16 1L23 14H9Z',
  'M16 0L23 8L16 16L9 8Z',
  'M14 1H18V6H23V10H18V15H14V10H9V6H14Z',
  'M16 0L18 6H24L19 10L21 16L16 12L11 16L13 10L8 6H14Z',
];
const DASHES = ['', '10 6', '3 5', '14 5 3 5', '6 3', '2 2'];

export function ChartDrawing(props: ChartDrawingProps) {
  return (
    <>
      <Drawn {...props} />
      <Legend {...props} />
    </>
  );
}

function Drawn(props: ChartDrawingProps) {
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
function measures({ frame, size, title, form }: ChartItem, { series }: ChartFigures) {
  const around = (title === '' ? 0 : size * 1.7) + (hasLegend(form, series.length) ? size * LEGEND : 0);
  return { width: frame.width, height: Math.max(40, frame.height - around) };
}

/** The room that the figures beside an axis take, in letter sizes: measured by their letters, as slides are scaled. */
function roomForFigures({ series }: ChartFigures): number {
  const all = series.flatMap(({ figures }) => figures.flatMap((each) => each ?? []));
  const whole = Math.ceil(Math.max(1, ...all.map(Math.abs)) * 1.2);
  const isFine = whole < 10 && all.some((each) => !Number.isInteger(each));
  const letters = String(whole).length + (isFine ? 2 : 0) + (all.some((each) => each < 0) ? 1 : 0);
  return 0.8 + letters * 0.55;
}

/** What charts with axes share. */
function axes({ size, form }: ChartItem, figures: ChartFigures, numeric = false): ReactElement[] {
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
      // Each series of dots brings the names along once more.
      allowDuplicatedCategory={form !== 'dots'}
      domain={numeric ? ['auto', 'auto'] : undefined}
    />,
    <YAxis
      key="y"
      dataKey={numeric ? 'y' : undefined}
      tick={tick}
      stroke="var(--gv-soft)"
      width={roomForFigures(figures) * size}
      tickMargin={size * 0.2}
    />,
  ];
}

/** What each series is drawn as, below the drawing: laid out by us, as slides are scaled and the library would measure that. */
function Legend({ item: { form, size }, figures: { series } }: ChartDrawingProps) {
  if (!hasLegend(form, series.length)) return null;
  return (
    <span className="gv-chart-legend" style={{ height: size * LEGEND, fontSize: size * 0.85 }}>
      {series.map(({ name }, at) => (
        <span key={at}>
          <svg width={size * 1.6} height={size * 0.8} viewBox="0 0 32 16" aria-hidden="true">
            {form === 'lines' ? (
              <path
                d="M0 8H32"
                fill="none"
                stroke={COLOURS[at]}
                strokeWidth={4}
                strokeDasharray={DASHES[at] === '' ? undefined : DASHES[at]}
              />
            ) : null}
            <path d={form === 'bars' ? 'M8 0H24V16H8Z' : OUTLINES[at]} fill={COLOURS[at]} />
          </svg>
          {name}
        </span>
      ))}
    </span>
  );
}

/** Parts have their names beside them; a single series has nothing to be told from. */
function hasLegend(form: ChartItem['form'], count: number): boolean {
  return form !== 'parts' && count > 1;
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
      {...measures(item, figures)}
      data={rowsOf(figures)}
      margin={{ ...ROOM, top: item.size * 1.2 }}
    >
      {axes(item, figures)}
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
      {...measures(item, figures)}
      data={rowsOf(figures)}
      margin={{ ...ROOM, top: item.size * 1.2, right: item.size * 1.4 }}
    >
      {axes(item, figures)}
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
  const { width, height } = measures(item, figures);
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
    <ScatterChart accessibilityLayer={false} {...measures(item, figures)} margin={{ ...ROOM, right: item.size }}>
      {axes(item, figures, isNumeric)}
      {figures.series.map(({ name, figures: values }, at) => (
        <Scatter
          key={at}
          {...still}
          name={name}
          data={values.flatMap((y, row) => (y === null ? [] : [{ x: places[row], name: figures.names[row], y }]))}
          dataKey="y"
          fill={COLOURS[at] ?? ''}
          shape={FORMS[at] ?? 'circle'}
        >
          {item.isSaid ? figure(item) : null}
        </Scatter>
      ))}
    </ScatterChart>
  );
}
