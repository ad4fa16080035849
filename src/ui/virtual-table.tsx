'use client';

import { createColumnHelper, tableFeatures, useTable } from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { type ReactNode, memo, useLayoutEffect, useMemo, useRef, useState } from 'react';

/** A column of a table: what stands over it, how wide it is, and what stands in it. */
export interface TableColumn<T> {
  readonly id: string;
  readonly head: ReactNode;
  /** For `grid-template-columns`. */
  readonly width: string;
  /** Where there is less for all of them, each row is folded over several lines. */
  readonly leastPx: number;
  readonly cell: (row: T) => ReactNode;
  readonly className?: string;
}

interface VirtualTableProps<T extends object> {
  readonly label: string;
  /** Stay the same array as long as nothing about them changes: rows are drawn again with them. */
  readonly columns: readonly TableColumn<T>[];
  readonly rows: readonly T[];
  readonly idOf: (row: T) => string;
  readonly rowPx: number;
  readonly rowClass?: (row: T) => string;
  /** The keyboard is in a row. */
  readonly onCurrent?: (row: T) => void;
}

const features = tableFeatures({});
const AHEAD = 16;

/** A table of which only the rows near the window are drawn, however long it is; rows are as high as what stands in them. */
export function VirtualTable<T extends object>(props: VirtualTableProps<T>) {
  const { label, columns, rows, idOf, rowPx, rowClass, onCurrent } = props;
  const defs = useMemo(() => {
    const helper = createColumnHelper<typeof features, T>();
    return columns.map(({ id, head, cell }) =>
      helper.display({ id, header: () => head, cell: ({ row }) => cell(row.original) }),
    );
  }, [columns]);
  const table = useTable({ features, columns: defs, data: rows as T[], getRowId: idOf });
  const body = useRef<HTMLDivElement>(null);
  const [topPx, setTopPx] = useState(0);
  // What stands above comes and goes with what is found.
  useLayoutEffect(() => setTopPx(body.current?.offsetTop ?? 0), [rows]);
  const model = table.getRowModel().rows;
  const seen = useWindowVirtualizer({
    count: model.length,
    estimateSize: () => rowPx,
    overscan: AHEAD,
    scrollMargin: topPx,
    getItemKey: (index) => model[index]!.id,
  });
  const leastPx = columns.reduce((sum, column) => sum + column.leastPx, 0);
  const { table: element, isNarrower } = useNarrower(leastPx);
  const gridTemplate = isNarrower ? FOLDED : columns.map(({ width }) => width).join(' ');
  return (
    <div ref={element} role="table" aria-label={label} aria-rowcount={rows.length + 1} className="bg-paper">
      {table.getHeaderGroups().map(({ id, headers }) => (
        <div
          key={id}
          role="row"
          aria-rowindex={1}
          className={isNarrower ? 'sr-only' : 'grid items-end border-b border-ink'}
          style={{ gridTemplateColumns: gridTemplate }}
        >
          {headers.map((header) => (
            <span role="columnheader" key={header.id} className="heading-small px-2 py-2">
              <table.FlexRender header={header} />
            </span>
          ))}
        </div>
      ))}
      <div ref={body} role="rowgroup" className="relative" style={{ height: seen.getTotalSize() }}>
        {seen.getVirtualItems().map(({ index, key, start }) => (
          <div
            key={key}
            ref={seen.measureElement}
            data-index={index}
            role="presentation"
            className="absolute inset-x-0 top-0"
            style={{ transform: `translateY(${start - topPx}px)` }}
          >
            <DrawnRow
              row={model[index]!.original}
              index={index}
              columns={columns as readonly TableColumn<object>[]}
              gridTemplate={gridTemplate}
              isFolded={isNarrower}
              className={rowClass?.(model[index]!.original) ?? ''}
              onCurrent={onCurrent as ((row: object) => void) | undefined}
            />
          </div>
        ))}
      </div>
    </div>
  );
}

/** As many cells beside each other as there is room for. */
const FOLDED = 'repeat(auto-fill,minmax(150px,1fr))';

/** Whether a table has less room than its columns need. */
function useNarrower(leastPx: number) {
  const table = useRef<HTMLDivElement>(null);
  const [widthPx, setWidthPx] = useState(Infinity);
  useLayoutEffect(() => {
    const element = table.current;
    if (!element) return undefined;
    const measured = new ResizeObserver(() => setWidthPx(element.clientWidth));
    measured.observe(element);
    return () => measured.disconnect();
  }, []);
  return { table, isNarrower: widthPx < leastPx };
}

interface DrawnRowProps {
  readonly row: object;
  readonly index: number;
  readonly columns: readonly TableColumn<object>[];
  readonly gridTemplate: string;
  readonly isFolded: boolean;
  readonly className: string;
  readonly onCurrent: ((row: object) => void) | undefined;
}

/** Drawn again when what stands in it is another, and not whenever the table is. */
const DrawnRow = memo(
  function DrawnRow({ row, index, columns, gridTemplate, isFolded, className, onCurrent }: DrawnRowProps) {
    return (
      <div
        role="row"
        aria-rowindex={index + 2}
        onFocus={() => onCurrent?.(row)}
        className={`grid min-h-8 items-start border-b border-rule ${className}`}
        style={{ gridTemplateColumns: gridTemplate }}
      >
        {columns.map((column, i) => (
          <span role="cell" key={column.id} className={column.className ?? 'min-w-0'}>
            {isFolded && i > 0 && typeof column.head === 'string' && (
              <span className="heading-small block" aria-hidden>
                {column.head}
              </span>
            )}
            {column.cell(row)}
          </span>
        ))}
      </div>
    );
  },
  (before, after) =>
    before.index === after.index &&
    before.columns === after.columns &&
    before.gridTemplate === after.gridTemplate &&
    before.className === after.className &&
    before.onCurrent === after.onCurrent &&
    hasSameParts(before.row, after.row),
);

function hasSameParts(a: object, b: object): boolean {
  const [left, right] = [Object.entries(a), Object.entries(b)];
  const other = new Map<string, unknown>(right);
  return left.length === right.length && left.every(([key, value]) => other.get(key) === value);
}
