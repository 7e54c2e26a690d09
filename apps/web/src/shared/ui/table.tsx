/** A ruled table. */
import type { ReactNode } from 'react';

interface TableProps<T> {
  readonly caption: string;
  readonly columns: readonly {
    readonly id: string;
    readonly name: string;
    readonly cell: (row: T) => ReactNode;
    readonly narrow?: boolean;
  }[];
  readonly rows: readonly T[];
  readonly rowKey: (row: T) => string;
  readonly rowClass?: (row: T) => string;
}

export function Table<T>({ caption, columns, rows, rowKey, rowClass }: TableProps<T>) {
  return (
    <table className="w-full border-collapse text-start">
      <caption className="spoken">{caption}</caption>
      <thead>
        <tr className="border-b border-rule text-sm text-soft">
          {columns.map((column) => (
            <th key={column.id} scope="col" className={`px-2 py-2 font-semibold ${column.narrow ? 'text-center' : ''}`}>
              {column.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={rowKey(row)} className={`border-b border-rule ${rowClass?.(row) ?? ''}`}>
            {columns.map((column, index) =>
              index === 0 ? (
                <th key={column.id} scope="row" className="px-2 py-0.5 font-semibold">
                  {column.cell(row)}
                </th>
              ) : (
                <td key={column.id} className={`px-2 py-0.5 ${column.narrow ? 'text-center' : ''}`}>
                  {column.cell(row)}
                </td>
              ),
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
