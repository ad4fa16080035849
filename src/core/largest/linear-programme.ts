/** `a₀x₀ + … + a₍d₋₁₎x₍d₋₁₎ ≤ b`, as one array of d + 1 numbers. */
export type Row = readonly number[];

/** A row holds when it is missed by no more than this; lengths are millimetres. */
const EPS = 1e-9;

/**
 * The point that goes farthest along `objective` under all rows; null when they leave none. Rows are added one by one: as long
 * as the best point so far keeps a new row nothing is done, otherwise the new best lies on that row, which is a problem of one
 * dimension less (R. Seidel, "Small-dimensional linear programming and convex hulls made easy", 1991). Expected time is in
 * proportion to the number of rows when these come in no order, so they are mixed first, always in the same way.
 *
 * `within` bounds every coordinate from both sides, so that there always is a best point.
 */
export function farthest(objective: readonly number[], rows: readonly Row[], within: number): number[] | null {
  return solve(objective, mixed(rows), within);
}

function solve(objective: readonly number[], rows: readonly Row[], within: number): number[] | null {
  const num = objective.length;
  if (num === 1) return onLine(objective[0]!, rows, within);
  let best = objective.map((value) => (value >= 0 ? within : -within));
  for (let i = 0; i < rows.length; i++) {
    const row = rows[i]!;
    if (valueAt(row, best) <= row[num]! + EPS) continue;
    const onRow = solveOnRow(objective, rows, i, within);
    if (!onRow) return null;
    best = onRow;
  }
  return best;
}

function onLine(objective: number, rows: readonly Row[], within: number): number[] | null {
  let low = -within;
  let high = within;
  for (const [a = 0, b = 0] of rows) {
    if (Math.abs(a) < 1e-12) {
      if (b < -EPS) return null;
    } else if (a > 0) {
      high = Math.min(high, b / a);
    } else {
      low = Math.max(low, b / a);
    }
  }
  if (low > high + EPS) return null;
  return [objective >= 0 ? high : low];
}

/** The best point on row `at` under the rows before it: one coordinate is expressed by the others. */
function solveOnRow(objective: readonly number[], rows: readonly Row[], at: number, within: number): number[] | null {
  const num = objective.length;
  const row = rows[at]!;
  let out = 0;
  for (let k = 1; k < num; k++) if (Math.abs(row[k]!) > Math.abs(row[out]!)) out = k;
  const pivot = row[out]!;
  if (Math.abs(pivot) < 1e-12) return row[num]! < -EPS ? null : solve(objective, rows.slice(0, at), within);
  const kept: Row[] = [];
  for (let i = 0; i < at; i++) kept.push(without(rows[i]!, row, out, pivot, num));
  // The bounds of the coordinate that goes out are rows for the others.
  kept.push(without(unit(out, num, within, 1), row, out, pivot, num));
  kept.push(without(unit(out, num, within, -1), row, out, pivot, num));
  const share = objective[out]! / pivot;
  const reduced = objective.flatMap((value, k) => (k === out ? [] : [value - share * row[k]!]));
  const inner = solve(reduced, kept, within);
  if (!inner) return null;
  let rest = row[num]!;
  let k = 0;
  for (let j = 0; j < num; j++) if (j !== out) rest -= row[j]! * inner[k++]!;
  inner.splice(out, 0, rest / pivot);
  return inner;
}

function without(other: Row, row: Row, out: number, pivot: number, num: number): Row {
  const share = other[out]! / pivot;
  const reduced: number[] = [];
  for (let k = 0; k <= num; k++) if (k !== out) reduced.push(other[k]! - share * row[k]!);
  return reduced;
}

function unit(at: number, num: number, within: number, sign: 1 | -1): Row {
  const row: number[] = [];
  for (let k = 0; k < num; k++) row.push(k === at ? sign : 0);
  row.push(within);
  return row;
}

function valueAt(row: Row, point: readonly number[]): number {
  let sum = 0;
  for (let k = 0; k < point.length; k++) sum += row[k]! * point[k]!;
  return sum;
}

function mixed(rows: readonly Row[]): Row[] {
  const order = [...rows];
  let state = 12_345;
  for (let i = order.length - 1; i > 0; i--) {
    state = (state * 48_271) % 2_147_483_647;
    const j = state % (i + 1);
    const kept = order[i]!;
    order[i] = order[j]!;
    order[j] = kept;
  }
  return order;
}
