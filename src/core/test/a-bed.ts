import type { PackOptions } from '../sheets';

/** A bed of 0.3 by 0.4 mm with its gaps, in 0.1 µm: small, so that boxes of a few thousand fill several. */
export function aBed(part: Partial<PackOptions> = {}): PackOptions {
  const plain = { bedWidth: 3000, bedHeight: 4000, spacing: 60, edge: 50, mayTurn: true, seed: 1, layouts: 8 };
  return { ...plain, ...part };
}
