/** Draws a table: its ground and lines, and the words of its cells. */
import { type Cell, cellsOf, EMPTY_CELL, lettersOf, linesOf, type TableItem, type TextLook } from '@gobrel/core/deck';
import type { CSSProperties } from 'react';
import { paint } from '../paint.js';
import { ThemedTable } from './themed-table.js';
import type { ItemProps } from './item-props.js';
import { outlineStroke } from './outline-stroke.js';
import { TextBox } from './text-box.js';

/** What a cell is for whoever listens to the table. */
const ROLES = { none: 'cell', row: 'rowheader', column: 'columnheader', both: 'columnheader' } as const;

/** A corner without words is the heading of nothing. */
function roleOf({ heads, text }: Cell): string {
  return lettersOf(text).trim() === '' ? 'cell' : ROLES[heads];
}

export function TableView({ item, follow }: ItemProps<TableItem>) {
  const cells = cellsOf(item);
  return (
    <div className="gv-table" role="table" aria-label={item.name || undefined}>
      <TableGround item={item} />
      {linesOf(item, 'row').map((row) => (
        <div key={row.id} role="row">
          {cells
            .filter((cell) => cell.rowId === row.id)
            .map((cell) => (
              <div key={cell.field} role={roleOf(cell)} className="gv-cell" style={cellStyle(cell)}>
                {lettersOf(cell.text) === '' ? null : (
                  <TextBox
                    text={cell.text}
                    look={lookOfCell(item, cell)}
                    follow={follow}
                    width={cell.box.width}
                    height={cell.box.height}
                  />
                )}
              </div>
            ))}
        </div>
      ))}
    </div>
  );
}

/** Where a cell lies in its table, as inline style. */
export function cellStyle({ box }: Cell): CSSProperties {
  return { left: box.x, top: box.y, width: box.width, height: box.height };
}

/** How the words of a cell are set: headings bold, in the colour of their own. */
export function lookOfCell({ look, headingColor }: TableItem, { heads }: Cell): TextLook {
  return heads === 'none' ? look : { ...look, color: headingColor, weight: Math.max(look.weight ?? 0, 700) };
}

/** A table without the words of one cell: those that are being typed. */
export function withoutCell(item: TableItem, { field }: Cell): TableItem {
  return { ...item, [field]: EMPTY_CELL };
}

/** Its lines lie within the frame, as those of shapes do. */
function TableGround({ item }: { item: TableItem }) {
  const { width, height } = item.frame;
  if (item.drawnAs) return <ThemedTable item={item} look={item.drawnAs} />;
  const weight = Math.min(item.outlineWidth, width / 2, height / 2);
  const within = (at: number, length: number) => Math.min(length - weight / 2, Math.max(weight / 2, at));
  const borders = (lines: readonly { readonly from: number }[], length: number) =>
    [...lines.map(({ from }) => from), length].map((at) => within(at, length));
  const level = borders(linesOf(item, 'row'), height).map((y) => `M0 ${y}H${width}`);
  const upright = borders(linesOf(item, 'column'), width).map((x) => `M${x} 0V${height}`);
  return (
    <svg className="gv-outline" width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <g opacity={item.opacity}>
        <rect width={width} height={height} fill={paint(item.fill)} />
        {cellsOf(item).map(({ heads, field, box }) =>
          heads === 'none' ? null : <rect key={field} {...box} fill={paint(item.headingFill)} />,
        )}
        <path d={[...level, ...upright].join('')} fill="none" {...outlineStroke(item, weight)} />
      </g>
    </svg>
  );
}
