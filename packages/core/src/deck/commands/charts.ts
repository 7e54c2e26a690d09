/** Placing charts: beside the table that they follow. */
import type { Frame } from '../../geometry/index.js';
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { ChartForm, TableItem } from '../model/item.js';
import { itemsOf } from '../model/items-in-order.js';
import { addItem, centredFrame } from './items.js';
import { addTable, tableOfWords } from './tables.js';

/** What is placed with a chart where a slide has no table yet: words and figures by rows. */
export type ExampleTable = readonly (readonly string[])[];

/** What was placed. */
export interface PlacedChart {
  readonly changes: readonly Change[];
  readonly chartId: ItemId;
  /** The table it follows. */
  readonly tableId: ItemId;
}

/** The room between a table and its chart, in slide units. */
const BESIDE = 24;
/** A chart is at least so large where there is room beside its table. */
const LEAST = { width: 360, height: 240 };

/** The tables of a slide that are seen. */
export function tablesOn(deck: Deck, slideId: SlideId): readonly TableItem[] {
  return itemsOf(deck, slideId).filter((item): item is TableItem => item.kind === 'table');
}

/**
 * Changes that place a chart: of the table that is meant, of the first one of the slide, or of an example that comes along.
 * @param meant a table that is selected, or `null`
 */
export function addChart(
  deck: Deck,
  slideId: SlideId,
  form: ChartForm,
  { meant, example }: { readonly meant: ItemId | null; readonly example: ExampleTable },
): PlacedChart {
  const tables = tablesOn(deck, slideId);
  const found = tables.find(({ id }) => id === meant) ?? tables[0];
  const chartId = newId();
  if (found) {
    const frame = roomBeside(deck, found.frame);
    const fields = { table: found.id, form };
    return {
      changes: addItem(deck, { id: chartId, slideId, kind: 'chart', frame, fields }),
      chartId,
      tableId: found.id,
    };
  }
  const tableId = newId();
  const { width, height } = sizeOf(deck);
  const table = addTable(deck, tableId, slideId, tableOfWords(example));
  const frame: Frame = { x: width * 0.06, y: height * 0.3, width: width * 0.28, height: height * 0.4, rotation: 0 };
  const placed: Change[] = [...table, { type: 'set-item', id: tableId, fields: { frame } }];
  const next = applyChanges(deck, placed);
  const fields = { table: tableId, form };
  const chart = addItem(next, { id: chartId, slideId, kind: 'chart', frame: roomBeside(next, frame), fields });
  return { changes: [...placed, ...chart], chartId, tableId };
}

/** The larger room at a side of a table; the middle of the slide where none is large enough. */
function roomBeside(deck: Deck, table: Frame): Frame {
  const slide = sizeOf(deck);
  const right = { x: table.x + table.width + BESIDE, width: slide.width - table.x - table.width - 2 * BESIDE };
  const left = { x: BESIDE, width: table.x - 2 * BESIDE };
  const side = right.width >= left.width ? right : left;
  if (side.width >= LEAST.width) {
    const width = Math.min(side.width, slide.width * 0.6);
    const height = Math.min(slide.height * 0.7, width * 0.75);
    const y = Math.max(BESIDE, Math.min(slide.height - height - BESIDE, table.y + table.height / 2 - height / 2));
    return { x: side.x, y, width, height, rotation: 0 };
  }
  const below = { y: table.y + table.height + BESIDE, height: slide.height - table.y - table.height - 2 * BESIDE };
  const above = { y: BESIDE, height: table.y - 2 * BESIDE };
  const end = below.height >= above.height ? below : above;
  if (end.height >= LEAST.height) {
    const width = Math.min(slide.width - 2 * BESIDE, Math.max(table.width, LEAST.width));
    return {
      x: Math.max(BESIDE, Math.min(slide.width - width - BESIDE, table.x)),
      y: end.y,
      width,
      height: end.height,
      rotation: 0,
    };
  }
  return centredFrame(deck, { width: 640, height: 360 });
}
