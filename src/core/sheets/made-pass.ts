import { z } from 'zod';
import { CLIPPER_VERSION, outlineSha, writeOutline } from '../geometry';
import { SHAPING_VERSION } from '../faces';
import { type RandomBytes, makeId } from '../ids';
import { type RunSpec, findBed } from '../spec';
import { pageSchema } from '../shop';
import type { DeepReadonly } from '../deep-readonly';
import { um10ToMm } from '../units';
import type { PlannedPass } from './plan-passes';

const sha = z.string().regex(/^[0-9a-f]{64}$/);
const id = z.string().regex(/^[a-z][a-z0-9]{9}$/);
/** 0.1 µm. */
const um10 = z.number().int();

const placedSchema = z.object({
  pieceId: z.string().min(1).max(200),
  attempt: z.number().int().min(1),
  /** As it was cut; the spec may say something else by now. */
  text: z.array(z.string()),
  outline: sha,
  /** Top left corner of the piece's ink on the bed. */
  x: um10,
  y: um10,
  /** Clockwise to the eye, after the mirroring. */
  turnDeg: z.union([z.literal(0), z.literal(90)]),
  reversed: z.boolean(),
});

const patchSchema = z.object({
  id,
  materialId: z.string().min(1).max(40),
  stockId: z.null(),
  x: um10,
  y: um10,
  w: um10,
  h: um10,
  placed: z.array(placedSchema).min(1),
});

/** A pass that was made: everything its cut file needs, whatever later happens to the run. */
export const madePassSchema = z.object({
  id,
  no: z.number().int().min(1),
  /** The page of its cut file: the bed, or as much of a roll as it takes. */
  bed: pageSchema,
  patches: z.array(patchSchema).min(1),
  /** Versions of what computed it. */
  engine: z.record(z.string(), z.string()),
  how: z.object({ packing: z.string(), seed: z.number().int(), layouts: z.number().int() }),
});

export type MadePass = DeepReadonly<z.infer<typeof madePassSchema>>;
export type Patch = MadePass['patches'][number];
export type Placed = Patch['placed'][number];

export interface FrozenPass {
  readonly pass: MadePass;
  /** Text of every outline by its hash. */
  readonly outlines: Readonly<Record<string, string>>;
}

/** The page of a pass: its bed, or of a roll as much as the pass takes. */
export function pageOf(spec: RunSpec, { patchHeight }: PlannedPass): MadePass['bed'] {
  const { name, kind, widthMm, heightMm } = findBed(spec, spec.layout.bedId);
  return { name, widthMm, heightMm: kind === 'roll' ? um10ToMm(patchHeight) : heightMm };
}

/** Copies a planned pass out of the run for good. `no` is the next number that was never used in this run. */
export function freezePass(
  spec: RunSpec,
  planned: PlannedPass,
  { passId, no, version }: { readonly passId: string; readonly no: number; readonly version: string },
  randomBytes: RandomBytes,
): FrozenPass {
  const outlines: Record<string, string> = {};
  const placed = planned.placed.map(({ piece, attempt, x, y, turnDeg }): Placed => {
    const text = writeOutline(piece.outline);
    const outline = outlineSha(text);
    outlines[outline] = text;
    return { pieceId: piece.id, attempt, text: piece.text, outline, x, y, turnDeg, reversed: planned.isReversed };
  });
  const patch: Patch = {
    id: makeId<'patch'>(randomBytes),
    materialId: planned.materialId,
    stockId: null,
    x: 0,
    y: 0,
    w: planned.patchWidth,
    h: planned.patchHeight,
    placed,
  };
  const pass: MadePass = {
    id: passId,
    no,
    bed: pageOf(spec, planned),
    patches: [patch],
    engine: { knurl: version, shaping: SHAPING_VERSION, polygons: CLIPPER_VERSION },
    how: { packing: 'niche', seed: spec.layout.seed, layouts: planned.layouts },
  };
  return { pass, outlines };
}
