/** The borders between rows and columns of a table, to be dragged or moved by arrow keys; and the cell one is at. */
import { linesOf, moveTableBorder, type TableAxis, type TableItem } from '@gobrel/core/deck';
import { turnPoint } from '@gobrel/core/geometry';
import { type DraggedBy, usePointerDrag } from '@gobrel/slide-view';
import { type KeyboardEvent, useState } from 'react';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { currentCell } from './current-cell';

interface TableBordersProps {
  readonly editing: Editing;
  readonly item: TableItem;
  /** CSS pixels a slide unit. */
  readonly scale: number;
}

/** Steps of the arrow keys, in slide units; with Shift the fine one. */
const STEP = { coarse: 8, fine: 1 };

export function TableBorders({ editing, item, scale }: TableBordersProps) {
  const pressed = useDesk((desk) => (desk.cell?.itemId === item.id ? desk.cell : null));
  const { x, y, width, height, rotation } = item.frame;
  const cell = pressed ? currentCell(item, pressed) : null;
  const placed = { left: x * scale, top: y * scale, width: width * scale, height: height * scale };
  return (
    <div className="pointer-events-none absolute" style={{ ...placed, transform: `rotate(${rotation}deg)` }}>
      {cell ? (
        <span
          aria-hidden
          className="absolute border-2 border-dusk outline-2 -outline-offset-4 outline-card"
          style={{
            left: cell.box.x * scale,
            top: cell.box.y * scale,
            width: cell.box.width * scale,
            height: cell.box.height * scale,
          }}
        />
      ) : null}
      {(['row', 'column'] as const).flatMap((axis) =>
        linesOf(item, axis)
          .slice(0, -1)
          .map((line, at) => (
            <Border
              key={`${axis} ${line.id}`}
              editing={editing}
              item={item}
              scale={scale}
              axis={axis}
              at={at}
              lineId={line.id}
            />
          )),
      )}
    </div>
  );
}

interface BorderProps extends TableBordersProps {
  readonly axis: TableAxis;
  /** Which one, counted from 0. */
  readonly at: number;
  readonly lineId: string;
}

/** A border, held where the first row or column meets it; it follows the pointer, and is set when it is let go. */
function Border({ editing, item, scale, axis, at, lineId }: BorderProps) {
  /** How far it has been dragged, in slide units; `null` while it is not. */
  const [dragged, setDragged] = useState<number | null>(null);
  const [first] = linesOf(item, axis === 'row' ? 'column' : 'row');
  const line = linesOf(item, axis)[at];
  const isRow = axis === 'row';
  const move = (by: number) => editing.run(moveTableBorder(editing.deck, item.id, axis, lineId, by));
  /** How far the pointer has gone across the border, in slide units. */
  const across = (by: DraggedBy) => {
    const unturned = turnPoint(by, { x: 0, y: 0 }, -item.frame.rotation);
    return (isRow ? unturned.y : unturned.x) / scale;
  };
  const onPointerDown = usePointerDrag<HTMLElement, true>({
    begin: (press) => {
      press.stopPropagation();
      return true;
    },
    move: (_at, by) => setDragged(across(by)),
    drop: (_at, by) => {
      move(across(by));
      setDragged(null);
    },
    breakOff: () => setDragged(null),
  });
  if (!line || !first) return null;
  const onKeyDown = (event: KeyboardEvent) => {
    const way = { ArrowUp: -1, ArrowDown: 1, ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (way === undefined || ['ArrowUp', 'ArrowDown'].includes(event.key) !== isRow) return;
    move(way * (event.shiftKey ? STEP.fine : STEP.coarse));
    event.preventDefault();
  };
  const along = (line.from + line.length + (dragged ?? 0)) * scale;
  const middle = (first.length / 2) * scale;
  return (
    <>
      {dragged === null ? null : (
        <span
          aria-hidden
          className={`absolute border-dusk ${isRow ? 'inset-x-0 border-t-2' : 'inset-y-0 border-s-2'}`}
          style={isRow ? { top: along } : { left: along }}
        />
      )}
      <span
        role="separator"
        tabIndex={0}
        aria-label={messages.tables.border[axis]({ at: at + 1 })}
        aria-orientation={isRow ? 'horizontal' : 'vertical'}
        aria-valuenow={Math.round(line.length)}
        className={`pointer-events-auto absolute flex -translate-x-1/2 -translate-y-1/2 touch-none items-center justify-center ${isRow ? 'h-4 w-8 cursor-row-resize' : 'h-8 w-4 cursor-col-resize'} pointer-coarse:size-11`}
        style={isRow ? { top: along, left: middle } : { left: along, top: middle }}
        onKeyDown={onKeyDown}
        onPointerDown={onPointerDown}
      >
        <span className={`rounded-full border-2 border-card bg-dusk ${isRow ? 'h-2 w-6' : 'h-6 w-2'}`} />
      </span>
    </>
  );
}
