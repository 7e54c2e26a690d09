/** The map as a table: every slide, where it leads and what is counted of it; sorted, and saved as CSV. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { linksFrom, onwardByOrder, slideLedTo } from '@gobrel/core/routes';
import { ArrowDownWideNarrow, ArrowUpNarrowWide, Download } from 'lucide-react';
import Papa from 'papaparse';
import { useState } from 'react';
import { Button } from '../../../shared/ui';
import { destinationIn, inOrder, messages, percent, slideName } from '../../../shared/messages';
import { saveText } from '../../../shared/downloads';
import type { DeckFigures } from '../routes-worker/use-route-figures';

interface FiguresTableProps {
  readonly deck: Deck;
  readonly figures: DeckFigures | null;
  readonly current: SlideId;
  readonly onGo: (slideId: SlideId) => void;
  readonly onOpen: (slideId: SlideId) => void;
}

/** One slide; a number is `null` where there is none. */
interface Row {
  readonly id: SlideId;
  readonly place: number;
  readonly name: string;
  readonly trouble: string;
  readonly leads: string;
  readonly distance: number | null;
  /** Routes to an ending, as it is written. */
  readonly routes: string;
  /** The same to sort by. */
  readonly routesOrder: number | null;
  readonly seen: number | null;
  readonly visits: number | null;
}

const columns = ['slide', 'trouble', 'leads', 'distance', 'routes', 'seen', 'visits'] as const;
type Column = (typeof columns)[number];

/** What a row is sorted by. */
const sortedBy: Readonly<Record<Column, (row: Row) => number | string | null>> = {
  slide: (row) => row.place,
  trouble: (row) => row.trouble || null,
  leads: (row) => row.leads || null,
  distance: (row) => row.distance,
  routes: (row) => row.routesOrder,
  seen: (row) => row.seen,
  visits: (row) => row.visits,
};

export function FiguresTable({ deck, figures, current, onGo, onOpen }: FiguresTableProps) {
  const [order, setOrder] = useState<{ readonly column: Column; readonly falling: boolean }>({
    column: 'slide',
    falling: false,
  });
  const rows = sorted(rowsOf(deck, figures), order.column, order.falling);
  return (
    <div className="min-h-0 flex-1 overflow-auto p-3">
      <Button look="plain" className="mb-2" onClick={() => saveAsCsv(deck.title, rows)}>
        <Download size={18} aria-hidden /> {messages.routes.download}
      </Button>
      <table className="w-full border-collapse text-start text-sm">
        <caption className="spoken">{messages.routes.table}</caption>
        <thead>
          <tr className="border-b border-rule text-soft">
            {columns.map((column) => (
              <th
                key={column}
                scope="col"
                aria-sort={order.column !== column ? 'none' : order.falling ? 'descending' : 'ascending'}
                className="px-1 py-0 font-semibold"
              >
                <button
                  type="button"
                  aria-label={messages.routes.sortBy({ column: messages.routes.columns[column] })}
                  className="inline-flex min-h-11 items-center gap-1 px-1"
                  onClick={() => setOrder({ column, falling: order.column === column && !order.falling })}
                >
                  {messages.routes.columns[column]}
                  {order.column !== column ? null : order.falling ? (
                    <ArrowDownWideNarrow size={15} aria-hidden />
                  ) : (
                    <ArrowUpNarrowWide size={15} aria-hidden />
                  )}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id} className={`border-b border-rule ${row.id === current ? 'bg-dusk-wash' : ''}`}>
              <th scope="row" className="px-2 font-semibold">
                <button
                  type="button"
                  aria-current={row.id === current}
                  className="min-h-11 text-start hover:underline"
                  onClick={() => onGo(row.id)}
                  onDoubleClick={() => onOpen(row.id)}
                >
                  {row.place} {row.name}
                </button>
              </th>
              <td className="px-2 text-berry">{row.trouble}</td>
              <td className="px-2">{row.leads}</td>
              <td className="px-2 tabular-nums">{row.distance ?? ''}</td>
              <td className="px-2 tabular-nums">{row.routes}</td>
              <td className="px-2 tabular-nums">{row.seen === null ? '' : percent(row.seen)}</td>
              <td className="px-2 tabular-nums">{visitsAsWritten(row.visits)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function rowsOf(deck: Deck, figures: DeckFigures | null): readonly Row[] {
  return slidesInOrder(deck).map((slide, index) => {
    const own = figures?.slides.get(slide.id) ?? null;
    const routes = own?.ending?.routes ?? null;
    const counted = (value: number | undefined) => (value === undefined || Number.isNaN(value) ? null : value);
    return {
      id: slide.id,
      place: index + 1,
      name: slideName(deck, slide.id),
      trouble: (own?.troubles ?? []).map((trouble) => messages.routes.troubles[trouble]).join('; '),
      leads: leadsOf(deck, slide.id),
      distance: own?.distance ?? null,
      routes: routes === null ? '' : routes === 'endless' ? messages.routes.endless : routes.toString(),
      routesOrder: routes === null ? null : routes === 'endless' ? Infinity : Number(routes),
      seen: counted(own?.seen),
      visits: counted(own?.visits),
    };
  });
}

function leadsOf(deck: Deck, slideId: SlideId): string {
  const links = linksFrom(deck, slideId).map(({ carrier, destination }) => {
    const target = slideLedTo(deck, slideId, destination);
    const to = target === null ? destinationIn(deck, destination) : slideName(deck, target);
    return carrier ? `${carrier} → ${to}` : to;
  });
  const next = onwardByOrder(deck, slideId);
  return [...links, ...(next ? [`${messages.editor.byOrder} → ${slideName(deck, next.id)}`] : [])].join('; ');
}

/** Rows by a column; those with nothing there come last, whichever way it goes. */
function sorted(rows: readonly Row[], column: Column, falling: boolean): readonly Row[] {
  const valueOf = sortedBy[column];
  return [...rows].sort((one, other) => {
    const [a, b] = [valueOf(one), valueOf(other)];
    if (a === null || b === null) return a === b ? one.place - other.place : a === null ? 1 : -1;
    const way = typeof a === 'number' && typeof b === 'number' ? a - b : inOrder(String(a), String(b));
    return (falling ? -way : way) || one.place - other.place;
  });
}

function visitsAsWritten(visits: number | null): string {
  if (visits === null) return '';
  return visits === Infinity ? messages.routes.endless : visits.toFixed(2);
}

function saveAsCsv(title: string, rows: readonly Row[]): void {
  const { columns: names } = messages.routes;
  const csv = Papa.unparse({
    fields: columns.map((column) => names[column]),
    data: rows.map((row) => [
      `${row.place} ${row.name}`,
      row.trouble,
      row.leads,
      row.distance ?? '',
      row.routes,
      row.seen ?? '',
      visitsAsWritten(row.visits),
    ]),
  });
  saveText(`\ufeff${csv}`, 'text/csv', messages.routes.fileName({ title }));
}
