/**
 * Points sorted into square cells, so that those near a spot are found without looking at all. One is filled again and again: fresh
 * memory is in no cache yet, and to touch it costs more than the sorting.
 */
export class PointGrid {
  minX = 0;
  minY = 0;
  cell = 1;
  columns = 1;
  rows = 1;
  /** Where each cell's points start in `order`; one more number than cells. What stands beyond is left from before. */
  starts = new Int32Array(0);
  order = new Int32Array(0);
  /** The points in that order: those of a cell lie side by side. */
  sortedX = new Float64Array(0);
  sortedY = new Float64Array(0);
  #cellOf = new Int32Array(0);

  /** Holds these points, and none from before. */
  fill(x: Float64Array, y: Float64Array, cell: number): this {
    this.#bound(x, y, cell);
    this.#sort(x, y);
    return this;
  }

  #bound(x: Float64Array, y: Float64Array, cell: number): void {
    // Without points it is one empty cell.
    let [minX, minY, maxX, maxY] = x.length > 0 ? [Infinity, Infinity, -Infinity, -Infinity] : [0, 0, 0, 0];
    for (let i = 0; i < x.length; i++) {
      if (x[i]! < minX) minX = x[i]!;
      if (y[i]! < minY) minY = y[i]!;
      if (x[i]! > maxX) maxX = x[i]!;
      if (y[i]! > maxY) maxY = y[i]!;
    }
    this.minX = minX;
    this.minY = minY;
    this.cell = cell;
    this.columns = Math.floor((maxX - minX) / cell) + 1;
    this.rows = Math.floor((maxY - minY) / cell) + 1;
    if (this.order.length < x.length) {
      this.order = new Int32Array(2 * x.length);
      this.sortedX = new Float64Array(2 * x.length);
      this.sortedY = new Float64Array(2 * x.length);
      this.#cellOf = new Int32Array(2 * x.length);
    }
    const numCells = this.columns * this.rows;
    if (this.starts.length <= numCells) this.starts = new Int32Array(2 * numCells + 1);
    else this.starts.fill(0, 0, numCells + 1);
  }

  #sort(x: Float64Array, y: Float64Array): void {
    const { minX, minY, cell, columns, rows, starts, order, sortedX, sortedY } = this;
    const cellOf = this.#cellOf;
    for (let i = 0; i < x.length; i++) {
      const at = Math.floor((y[i]! - minY) / cell) * columns + Math.floor((x[i]! - minX) / cell);
      cellOf[i] = at;
      starts[at]!++;
    }
    // Each cell's end first; it becomes its start as its points are put before it, the last one first.
    for (let c = 1; c <= columns * rows; c++) starts[c]! += starts[c - 1]!;
    for (let i = x.length - 1; i >= 0; i--) {
      const k = --starts[cellOf[i]!]!;
      order[k] = i;
      sortedX[k] = x[i]!;
      sortedY[k] = y[i]!;
    }
  }
}
