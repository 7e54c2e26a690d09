/** How large a new table is, by what it looks like; rows and columns come and go later. */
import { messages } from '../../../shared/messages';

/** Rows and columns to begin with. */
const SIZES = [
  [2, 2],
  [3, 2],
  [3, 3],
  [5, 2],
  [5, 3],
  [5, 5],
] as const;

/** Size of a table's picture, in CSS pixels. */
const PICTURE = { width: 48, height: 36 };

export function TablePicker({ onPick }: { onPick: (rows: number, columns: number) => void }) {
  return (
    <div role="group" aria-label={messages.kinds.table} className="grid grid-cols-3 gap-1">
      {SIZES.map(([rows, columns]) => {
        const name = messages.tables.size({ rows, columns });
        return (
          <button
            key={name}
            type="button"
            aria-label={name}
            title={name}
            onClick={() => onPick(rows, columns)}
            className="flex flex-col items-center gap-1 rounded-md p-2 text-xs font-semibold tabular-nums hover:bg-rule/50"
          >
            <svg width={PICTURE.width + 2} height={PICTURE.height + 2} aria-hidden="true">
              <path
                d={grid(rows, columns)}
                fill="none"
                stroke="currentColor"
                strokeWidth={1.4}
                transform="translate(1 1)"
              />
            </svg>
            {rows} × {columns}
          </button>
        );
      })}
    </div>
  );
}

function grid(rows: number, columns: number): string {
  const { width, height } = PICTURE;
  const across = Array.from({ length: rows + 1 }, (_, row) => `M0 ${(row * height) / rows}H${width}`);
  const down = Array.from({ length: columns + 1 }, (_, column) => `M${(column * width) / columns} 0V${height}`);
  return [...across, ...down].join('');
}
