import { type PackBox, type PackOptions, type Packing, packBoxes } from './pack-boxes';

/** A plan has one packing for each material, and a run is planned as it was and as it is. */
const MOST_KEPT = 24;

const kept = new Map<string, Packing>();

/** How many packings were searched so far: what is known need not be searched again. */
export const packings = { count: 0 };

/** The same as `packBoxes`; what was asked for lately is answered without searching. */
export function keptPackBoxes(boxes: readonly PackBox[], numFirst: number, options: PackOptions): Packing {
  const { bedWidth, bedHeight, spacing, edge, mayTurn, seed, layouts } = options;
  const head = [numFirst, bedWidth, bedHeight, spacing, edge, mayTurn, seed, layouts].join(' ');
  const key = `${head} ${boxes.map(({ width, height }) => `${width} ${height}`).join(' ')}`;
  const known = kept.get(key);
  kept.delete(key);
  if (!known) packings.count++;
  const packing = known ?? packBoxes(boxes, numFirst, options);
  kept.set(key, packing);
  const oldest = kept.size > MOST_KEPT ? kept.keys().next().value : undefined;
  if (oldest !== undefined) kept.delete(oldest);
  return packing;
}
