/** Points sorted into square cells, so that those near a spot are found without looking at all. */
export interface PointGrid {
  readonly minX: number;
  readonly minY: number;
  readonly cell: number;
  readonly columns: number;
  readonly rows: number;
  /** Where each cell's points start in `order`; one more number than cells. */
  readonly starts: Int32Array;
  readonly order: Int32Array;
  /** The points in that order: those of a cell lie side by side. */
  readonly sortedX: Float64Array;
  readonly sortedY: Float64Array;
}

export function pointGrid(x: Float64Array, y: Float64Array, cell: number): PointGrid {
  // Without points it is one empty cell.
  let [minX, minY, maxX, maxY] = x.length > 0 ? [Infinity, Infinity, -Infinity, -Infinity] : [0, 0, 0, 0];
  for (let i = 0; i < x.length; i++) {
    minX = Math.min(minX, x[i]!);
    minY = Math.min(minY, y[i]!);
    maxX = Math.max(maxX, x[i]!);
    maxY = Math.max(maxY, y[i]!);
  }
  const columns = Math.floor((maxX - minX) / cell) + 1;
  const rows = Math.floor((maxY - minY) / cell) + 1;
  const cellOf = new Int32Array(x.length);
  const starts = new Int32Array(columns * rows + 1);
  for (let i = 0; i < x.length; i++) {
    cellOf[i] = Math.floor((y[i]! - minY) / cell) * columns + Math.floor((x[i]! - minX) / cell);
    starts[cellOf[i]! + 1]!++;
  }
  for (let c = 0; c < columns * rows; c++) starts[c + 1]! += starts[c]!;
  const order = new Int32Array(x.length);
  const filled = starts.slice();
  for (let i = 0; i < x.length; i++) order[filled[cellOf[i]!]!++] = i;
  const sortedX = new Float64Array(x.length);
  const sortedY = new Float64Array(x.length);
  for (let k = 0; k < order.length; k++) {
    sortedX[k] = x[order[k]!]!;
    sortedY[k] = y[order[k]!]!;
  }
  return { minX, minY, cell, columns, rows, starts, order, sortedX, sortedY };
}
