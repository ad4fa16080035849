import type { Island, Outline, Ring } from '../../geometry';
import { lookAtOutline, narrowestGaps, smallestHole, thinnestStroke } from '..';

/** Shapes in hundredths of a millimetre, so that every one is made of whole numbers. */
export const MM = 100;
export const STEP = 0.15 * MM;

export function ring(points: readonly (readonly [number, number])[]): Ring {
  return Int32Array.from(points.flatMap(([x, y]) => [Math.round(x * MM), Math.round(y * MM)]));
}

export const rect = (x: number, y: number, w: number, h: number): Ring =>
  ring([
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ]);
export const reversed = (of: Ring): Ring => {
  const points = Array.from({ length: of.length / 2 }, (_, i) => [of[2 * i]!, of[2 * i + 1]!]).reverse();
  return Int32Array.from(points.flat());
};
export function circle(x: number, y: number, r: number): Ring {
  return ring(
    Array.from({ length: 240 }, (_, i) => {
      const angle = (i / 240) * 2 * Math.PI;
      return [x + r * Math.cos(angle), y + r * Math.sin(angle)] as const;
    }),
  );
}
export const island = (outer: Ring, ...holes: Ring[]): Island => ({ outer, holes: holes.map(reversed) });

export function measured(...islands: Island[]) {
  const limit = { least: 1.5 * MM, leastRun: 0.8 * MM };
  const outline: Outline = { islands };
  const look = lookAtOutline(outline, STEP, 6 * MM, 6 * MM);
  const inMm = (spot: { width: number } | null) => (spot ? spot.width / MM : null);
  const { passage, notch } = narrowestGaps(look, limit);
  return {
    stroke: inMm(thinnestStroke(look, limit)),
    gap: inMm(passage),
    notch: inMm(notch),
    hole: inMm(smallestHole(look, { ...limit, least: 3 * MM })),
  };
}

/** A plate of 30 × 12 mm, cut into from above. */
export const cutInto = (...points: readonly (readonly [number, number])[]) =>
  ring([[0, 0], [30, 0], [30, 12], ...points, [0, 12]]);
