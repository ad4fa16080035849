import type { Island, Ring } from '../../geometry';
import { MM } from './shapes';

/** Everything turned and moved, as whole numbers again. */
export function turnedBy(degrees: number, byMm: number, islands: readonly Island[]): Island[] {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  const turn = (of: Ring) =>
    Int32Array.from(of, (_, k) => {
      const [x, y] = [of[k - (k % 2)]!, of[k - (k % 2) + 1]!];
      return Math.round(byMm * MM + (k % 2 === 0 ? x * cos - y * sin : x * sin + y * cos));
    });
  return islands.map(({ outer, holes }) => ({ outer: turn(outer), holes: holes.map(turn) }));
}
