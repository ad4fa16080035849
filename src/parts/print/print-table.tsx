import type { ReactNode } from 'react';

export interface PrintColumn<T> {
  readonly head: string;
  readonly cell: (row: T, index: number) => ReactNode;
  readonly isFigure?: boolean;
}

interface PrintTableProps<T> {
  readonly label: string;
  readonly columns: readonly PrintColumn<T>[];
  readonly rows: readonly T[];
  readonly idOf: (row: T) => string;
}

/** A list as it is printed: all of it, its head on every sheet, no row broken over two. */
export function PrintTable<T>({ label, columns, rows, idOf }: PrintTableProps<T>) {
  return (
    <table aria-label={label} className="w-full text-left text-sm" data-testid="printed">
      <thead className="table-header-group">
        <tr className="border-b border-ink">
          {columns.map(({ head, isFigure }) => (
            <th key={head} scope="col" className={`heading-small px-1.5 py-1 ${isFigure ? 'text-right' : ''}`}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, i) => (
          <tr key={idOf(row)} className="break-inside-avoid border-b border-rule">
            {columns.map(({ head, cell, isFigure }) => (
              <td key={head} className={`px-1.5 py-1 ${isFigure ? 'measure text-right' : 'break-words'}`}>
                {cell(row, i)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
