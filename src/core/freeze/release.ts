import { z } from 'zod';
import type { CheckedFit } from '../checks';
import { asksOf } from '../figures';
import type { DeepReadonly } from '../deep-readonly';
import { SHAPING_VERSION } from '../faces';
import { CLIPPER_VERSION } from '../geometry';
import { type Piece, piecesOfFits } from '../pieces';
import { freezeOutlines, freezeSpot, frozenPieceSchema } from './frozen-piece';

const releasedPieceSchema = frozenPieceSchema.extend({
  materialId: z.string().min(1).max(40),
  capHeightMm: z.number().min(0),
  /** How its text stood on the proof. */
  proof: z.enum(['open', 'ticked', 'changed']),
  /** Kinds of the checks that were open on it, measures among them; null where an earlier Knurl did not keep that. */
  open: z.array(z.string().max(40)).nullable(),
});

/** What was let through to be cut: whatever later happens to the run, these outlines are cut until it is released again. */
export const releaseSchema = z.object({
  id: z.string().regex(/^[a-z][a-z0-9]{9}$/),
  no: z.number().int().min(1),
  at: z.iso.datetime(),
  by: z.object({ who: z.string().max(80), station: z.string().max(40) }),
  engine: z.record(z.string(), z.string()),
  pieces: z.array(releasedPieceSchema),
});

export type Release = DeepReadonly<z.infer<typeof releaseSchema>>;
export type ReleasedPiece = Release['pieces'][number];

export interface FrozenRelease {
  readonly release: Release;
  /** Text of every outline by its hash. */
  readonly outlines: Readonly<Record<string, string>>;
}

/** Copies every piece that may be cut out of the run for good. Fits with a stop stay out. The fits are measured. */
export function freezeRelease(
  fits: readonly CheckedFit[],
  head: Pick<Release, 'id' | 'no' | 'at' | 'by'> & { readonly version: string },
): FrozenRelease {
  const { version, ...rest } = head;
  const outlines: Record<string, string> = {};
  const pieces = fits.flatMap((checked) =>
    piecesOfFits([checked]).map((piece): ReleasedPiece => {
      return { ...releasedPiece(checked, piece), ...freezeOutlines(piece, outlines) };
    }),
  );
  const engine = { knurl: version, shaping: SHAPING_VERSION, polygons: CLIPPER_VERSION };
  return { release: { ...rest, engine, pieces }, outlines };
}

function releasedPiece(checked: CheckedFit, piece: Piece): Omit<ReleasedPiece, 'outline' | 'lines'> {
  const { fit } = checked;
  return {
    pieceId: piece.id,
    text: piece.text,
    materialId: piece.materialId,
    spot: freezeSpot(piece),
    capHeightMm: Number(fit.capHeightMm.toFixed(3)),
    proof: fit.slot.proof.kind,
    open: asksOf(checked).map(({ kind }) => kind),
  };
}
