import { z } from 'zod';
import { SHAPING_VERSION } from '../faces';
import type { Fit } from '../fit';
import { CLIPPER_VERSION, outlineSha, writeOutline } from '../geometry';
import { piecesOfFits } from '../pieces';
import type { DeepReadonly } from '../deep-readonly';
import { type FitRef, type RunSpec, slotKeyOf } from '../spec';
import { proofStateOf } from '../wording';

const releasedPieceSchema = z.object({
  pieceId: z.string().min(1).max(200),
  text: z.array(z.string()),
  materialId: z.string().min(1).max(40),
  /** By SHA-256, ink's top left corner at the origin. */
  outline: z.string().regex(/^[0-9a-f]{64}$/),
  capHeightMm: z.number().min(0),
  /** How its text stood on the proof. */
  proof: z.enum(['open', 'ticked', 'changed']),
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

/** Copies every piece that may be cut out of the run for good. Fits with a stop stay out. */
export function freezeRelease(
  spec: RunSpec,
  fits: readonly Fit[],
  head: Pick<Release, 'id' | 'no' | 'at' | 'by'> & { readonly version: string },
): FrozenRelease {
  const { version, ...rest } = head;
  const outlines: Record<string, string> = {};
  const byItemPlace = new Map(fits.map((fit) => [keyOf(fit.slot.ref), fit]));
  const pieces = piecesOfFits(spec, fits).map(({ id: pieceId, slot, text, materialId, outline }): ReleasedPiece => {
    const body = writeOutline(outline);
    const sha = outlineSha(body);
    outlines[sha] = body;
    const capHeightMm = Number((byItemPlace.get(keyOf(slot.ref))?.capHeightMm ?? 0).toFixed(3));
    const proof = proofStateOf(spec, slot.ref, slot.place.letteringId, slot.words).kind;
    return { pieceId, text, materialId, outline: sha, capHeightMm, proof };
  });
  const engine = { knurl: version, shaping: SHAPING_VERSION, polygons: CLIPPER_VERSION };
  return { release: { ...rest, engine, pieces }, outlines };
}

function keyOf(ref: FitRef): string {
  return `${slotKeyOf(ref)}-${ref.ordinal}`;
}
