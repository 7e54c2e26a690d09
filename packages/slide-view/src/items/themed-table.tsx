/** Draws the ground and the lines of a table as its theme has tables. */
import { cellsOf, linesOf, shapePath, type TableItem, type TableLook } from '@gobrel/core/deck';
import { paint } from '../paint.js';
import { outlineStroke } from './outline-stroke.js';

/** Between cells that stand apart: half of the gap, and the radius of their corners, in slide units. */
const APART = { half: 4, corner: 22 };
/** Lines of a table in print: over it, under its heads, at its foot, and hairlines, in slide units. */
const PRINT = { over: 7, heads: 3, foot: 3, hair: 1 };

export function ThemedTable({ item, look }: { item: TableItem; look: TableLook }) {
  const { width, height } = item.frame;
  return (
    <svg className="gv-outline" width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <g opacity={item.opacity}>
        {look.rules === 'gaps' ? <Apart item={item} /> : <Grounds item={item} stripe={look.stripe} />}
        {look.rules === 'press' ? <InPrint item={item} line={item.outline} /> : <Lines item={item} look={look} />}
      </g>
    </svg>
  );
}

/** One ground under all, one under every second row, one under heads. */
function Grounds({ item, stripe }: { item: TableItem; stripe: string }) {
  const { width, height } = item.frame;
  const cells = cellsOf(item);
  const rows = linesOf(item, 'row');
  return (
    <>
      <rect width={width} height={height} fill={paint(item.fill)} />
      {stripe === 'transparent'
        ? null
        : rows.map(({ id, from, length }, at) =>
            at % 2 === 1 ? null : <rect key={id} y={from} width={width} height={length} fill={paint(stripe)} />,
          )}
      {cells.map(({ heads, field, box }) =>
        heads === 'none' ? null : <rect key={field} {...box} fill={paint(item.headingFill)} />,
      )}
    </>
  );
}

/** Every cell a card by itself. */
function Apart({ item }: { item: TableItem }) {
  const { half, corner } = APART;
  return cellsOf(item).map(({ heads, field, box }) => (
    <path
      key={field}
      d={shapePath('rectangle', box.width - 2 * half, box.height - 2 * half, corner)}
      transform={`translate(${box.x + half} ${box.y + half})`}
      fill={paint(heads === 'none' ? item.fill : item.headingFill)}
    />
  ));
}

function Lines({ item, look }: { item: TableItem; look: TableLook }) {
  const { width, height } = item.frame;
  const weight = Math.min(item.outlineWidth, width / 2, height / 2);
  const within = (at: number, length: number) => Math.min(length - weight / 2, Math.max(weight / 2, at));
  const rows = linesOf(item, 'row').map(({ from }) => from);
  const columns = linesOf(item, 'column').map(({ from }) => from);
  const across = (places: readonly number[]) => places.map((y) => `M0 ${within(y, height)}H${width}`).join('');
  const down = (places: readonly number[]) => places.map((x) => `M${within(x, width)} 0V${height}`).join('');
  const drawn = {
    grid: () => across([...rows, height]) + down([...columns, width]),
    rows: () => across(rows.slice(1)),
    none: () => '',
    gaps: () => '',
    press: () => '',
  }[look.rules]();
  return drawn === '' ? null : <path d={drawn} fill="none" {...outlineStroke(item, weight)} />;
}

function InPrint({ item, line }: { item: TableItem; line: string }) {
  const { width, height } = item.frame;
  const [first, ...others] = linesOf(item, 'row');
  const hasHeads = item.headings === 'row' || item.headings === 'both';
  const rules = [
    { y: 0, thick: PRINT.over },
    ...others.map(({ from }) => ({
      y: from,
      thick: hasHeads && first !== undefined && from === first.from + first.length ? PRINT.heads : PRINT.hair,
    })),
    { y: height - PRINT.foot, thick: PRINT.foot },
  ];
  return rules.map(({ y, thick }) => <rect key={y} y={y} width={width} height={thick} fill={paint(line)} />);
}
