/** The panel of a table: its rows and columns by the cell one is at, its headings, how it looks, its cells as zones. */
import {
  addChart,
  addTableLine,
  type Cell,
  type Change,
  dressed,
  evenTableLines,
  linesOf,
  MOST_LINES,
  moveTableLine,
  type OwnFields,
  removeTableLine,
  setItemFields,
  type TableAxis,
  tableHeadings,
  type TableItem,
} from '@gobrel/core/deck';
import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp, ChartColumn, Equal, Plus, Trash2 } from 'lucide-react';
import { Button, Choose, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { Colours } from '../panel/colours';
import { OutlineGroup } from '../panel/outline-group';
import { Group, SwitchRow } from '../panel/parts';
import { themeAt } from '../panel/theme-at';
import { CellsAsZones } from './cells-as-zones';
import { currentCell } from './current-cell';

interface TableGroupProps {
  readonly editing: Editing;
  readonly item: TableItem;
}

export function TableGroup({ editing, item }: TableGroupProps) {
  const says = messages.tables;
  const pressed = useDesk((desk) => desk.cell);
  const cell = currentCell(item, pressed);
  const set = (fields: Partial<OwnFields<'table'>>) => editing.run(setItemFields(editing.deck, item.id, { ...fields }));
  const theme = themeAt(editing.deck, item.slideId);
  const dressedItem = dressed(editing.deck.theme, item);
  const shown = dressedItem.kind === 'table' ? dressedItem : item;
  return (
    <>
      <Group title={says.at({ row: cell.row + 1, column: cell.column + 1 })}>
        <LinesGroup editing={editing} item={item} cell={cell} axis="row" />
        <LinesGroup editing={editing} item={item} cell={cell} axis="column" />
      </Group>
      <Group title={says.headings}>
        <Choose
          label={says.headings}
          value={item.headings}
          options={tableHeadings.map((value) => ({ value, name: says.headingsAre[value] }))}
          onChange={(headings) => set({ headings })}
        />
      </Group>
      <CellsAsZones editing={editing} item={item} />
      <Button
        className="mb-3 w-full"
        onClick={() => {
          const { changes, chartId } = addChart(editing.deck, item.slideId, 'bars', { meant: item.id, example: [] });
          editing.run(changes);
          select(chartId);
        }}
      >
        <ChartColumn size={18} aria-hidden /> {messages.charts.ofTable}
      </Button>
      {editing.deck.theme.table ? (
        <SwitchRow
          label={says.byTheme}
          on={item.byTheme && item.own.length === 0}
          onChange={(byTheme) => set({ byTheme, own: [] })}
        />
      ) : null}
      <Colours
        theme={theme}
        label={messages.editor.fill}
        value={shown.fill}
        canBeNone
        onChange={(fill) => set({ fill })}
      />
      {item.headings === 'none' ? null : (
        <>
          <Colours
            theme={theme}
            label={says.headingFill}
            value={shown.headingFill}
            canBeNone
            onChange={(headingFill) => set({ headingFill })}
          />
          <Colours
            theme={theme}
            label={says.headingColor}
            value={shown.headingColor}
            onChange={(headingColor) => set({ headingColor })}
          />
        </>
      )}
      <OutlineGroup theme={theme} item={shown} onChange={set} />
    </>
  );
}

const arrows = { row: [ArrowUp, ArrowDown], column: [ArrowLeft, ArrowRight] } as const;

/** What is done to the row, or to the column, that one is in. */
function LinesGroup({
  editing,
  item,
  cell,
  axis,
}: TableGroupProps & { readonly cell: Cell; readonly axis: TableAxis }) {
  const says = messages.tables;
  const { deck, run } = editing;
  const [at, lineId] = axis === 'row' ? [cell.row, cell.rowId] : [cell.column, cell.columnId];
  const count = linesOf(item, axis).length;
  const [Back, On] = arrows[axis];
  // Whoever types in a cell goes on typing.
  const act = (changes: Change[]) => ({
    onMouseDown: (event: React.MouseEvent) => event.preventDefault(),
    onClick: () => run(changes),
  });
  return (
    <div role="group" aria-label={says.lines[axis]} className="mb-2">
      <div className="grid grid-cols-[4rem_minmax(0,1fr)_minmax(0,1fr)] items-center gap-1">
        <span className="text-sm text-soft">{says.lines[axis]}</span>
        {(['before', 'after'] as const).map((side) => (
          <Button
            key={side}
            disabled={count >= MOST_LINES}
            className="gap-1 px-1 text-sm"
            aria-label={says.add[axis][side]}
            {...act(addTableLine(deck, item.id, axis, side === 'before' ? at : at + 1))}
          >
            <Plus size={16} aria-hidden className="flex-none" /> {says.beside[axis][side]}
          </Button>
        ))}
      </div>
      <div className="flex">
        <IconButton
          name={says.move[axis].before}
          disabled={at === 0}
          {...act(moveTableLine(deck, item.id, axis, lineId, -1))}
        >
          <Back size={18} aria-hidden />
        </IconButton>
        <IconButton
          name={says.move[axis].after}
          disabled={at === count - 1}
          {...act(moveTableLine(deck, item.id, axis, lineId, 1))}
        >
          <On size={18} aria-hidden />
        </IconButton>
        <IconButton name={says.even[axis]} {...act(evenTableLines(deck, item.id, axis))}>
          <Equal size={18} aria-hidden className={axis === 'column' ? 'rotate-90' : ''} />
        </IconButton>
        <IconButton
          name={says.remove[axis]}
          disabled={count < 2}
          className="ms-auto"
          {...act(removeTableLine(deck, item.id, axis, lineId))}
        >
          <Trash2 size={18} aria-hidden />
        </IconButton>
      </div>
    </div>
  );
}
