import { EM_UNITS } from '../faces';
import type { Outline, Ring } from '../geometry';
import type { Sewing } from '../shop';
import { discOutline } from './disc-outline';
import { grownBy } from './grown-by';
import type { MadeLine } from './letters';

/** Holes at even steps along the edge of a body, so far within it: as many as the pitch comes nearest to. */
export function sewingLines(
  { islands }: Outline,
  { insetMm, pitchMm, diameterMm }: Sewing,
  emMm: number,
): readonly MadeLine[] {
  if (emMm <= 0) return [];
  const units = EM_UNITS / emMm;
  const whole = { islands: islands.map(({ outer }) => ({ outer, holes: [] })) };
  const seam = grownBy(whole, -insetMm / emMm, emMm);
  return seam.islands.flatMap(({ outer }) =>
    pointsAlong(outer, pitchMm * units).flatMap(([x, y]) =>
      discOutline(x, y, (diameterMm / 2) * units).islands.map((disc): MadeLine => ({ by: 'pierce', ring: disc.outer })),
    ),
  );
}

/** Points at even steps round a ring, the first at its first corner. */
function pointsAlong(ring: Ring, pitch: number): (readonly [number, number])[] {
  const sides = Array.from({ length: ring.length / 2 }, (_, i) => {
    const [x, y] = [ring[2 * i]!, ring[2 * i + 1]!];
    const next = (2 * i + 2) % ring.length;
    const [dx, dy] = [ring[next]! - x, ring[next + 1]! - y];
    return { x, y, dx, dy, length: Math.hypot(dx, dy) };
  });
  const around = sides.reduce((sum, { length }) => sum + length, 0);
  const step = around / Math.max(3, Math.round(around / pitch));
  const points: (readonly [number, number])[] = [];
  let before = 0;
  for (const { x, y, dx, dy, length } of sides) {
    for (let at = points.length * step; at < before + length - 1e-6; at = points.length * step) {
      const share = (at - before) / length;
      points.push([x + dx * share, y + dy * share]);
    }
    before += length;
  }
  return points;
}
