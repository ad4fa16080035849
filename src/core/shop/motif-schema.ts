import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { nameSchema as name } from './blank-schema';

/** Schema of a motif: geometry of a drawing, and nothing else of it. */

/** Colours of a motif, and points of all its edges: a finer drawing is none that anybody weeds. */
export const MOST_MOTIF_PARTS = 8;
export const MOST_MOTIF_POINTS = 30_000;

/** The frame of a motif: millionths of its height from its top left corner. */
export const MOTIF_UNITS = 1_000_000;
const MOST_MOTIF_SIDE = 20 * MOTIF_UNITS;

const motifRing = z
  .array(z.number().int().min(-MOST_MOTIF_SIDE).max(MOST_MOTIF_SIDE))
  .min(6)
  .max(2 * MOST_MOTIF_POINTS);

/** How many points all edges of a motif have. */
export function pointsOf({
  parts,
}: {
  readonly parts: readonly { readonly outline: readonly (readonly (readonly number[])[])[] }[];
}): number {
  const rings = parts.flatMap(({ outline }) => outline.flat());
  return rings.reduce((sum, ring) => sum + ring.length / 2, 0);
}

/** A drawn shape in one or more colours, read from a drawing: geometry alone is kept of that. */
export const motifSchema = z.object({
  name,
  /** None of them lies over another: what was hidden is not there. */
  parts: z
    .array(
      z.object({
        /** Its colour in the drawing, by which it is told; what it is cut from, the run says. */
        hex: z.string().regex(/^#[0-9a-f]{6}$/),
        /** Islands of rings of `x0, y0, x1, y1, …`, outer ring first; y down. */
        outline: z.array(z.array(motifRing).min(1).max(MOST_MOTIF_POINTS)).min(1).max(MOST_MOTIF_POINTS),
      }),
    )
    .min(1)
    .max(MOST_MOTIF_PARTS)
    .refine((parts) => pointsOf({ parts }) <= MOST_MOTIF_POINTS, `A motif has at most ${MOST_MOTIF_POINTS} points.`),
});

export type Motif = DeepReadonly<z.infer<typeof motifSchema>>;
export type MotifPart = Motif['parts'][number];
