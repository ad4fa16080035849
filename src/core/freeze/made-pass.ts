import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { SHAPING_VERSION } from '../faces';
import { CLIPPER_VERSION } from '../geometry';
import { type RandomBytes, makeId } from '../ids';
import type { PlannedPass } from '../sheets';
import { type Bed, pageSchema } from '../shop';
import { um10ToMm } from '../units';
import { freezeOutlines, freezeSpot, frozenPieceSchema } from './frozen-piece';

const id = z.string().regex(/^[a-z][a-z0-9]{9}$/);
/** 0.1 µm. */
const um10 = z.number().int();

const placedSchema = frozenPieceSchema.extend({
  attempt: z.number().int().min(1),
  /** Top left corner of the piece's ink on the bed. */
  x: um10,
  y: um10,
  /** Clockwise to the eye, after the mirroring. */
  turnDeg: z.union([z.literal(0), z.literal(90)]),
});

/** One material laid at a marked spot on the bed. */
const patchSchema = z.object({
  id,
  materialId: z.string().min(1).max(40),
  /** Its material is bonded face down: its pieces are cut as mirror images. */
  reversed: z.boolean(),
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
  /** How its cut file is written: 2 names place and layer of each piece, 3 its tools and where it lies in its place. A file never changes once it may have been taken. */
  cutFile: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  /** The page of its cut file: the bed, or as much of a roll as it takes. */
  bed: pageSchema,
  /** The bed that it was made on; passes of an earlier Knurl do not say. */
  bedId: z.string().max(40).optional(),
  patches: z.array(patchSchema).min(1),
  /** The act that it was made for; left out where a person made it on purpose. */
  forAct: z.string().max(64).optional(),
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
export function pageOf({ name, kind, widthMm, heightMm }: Bed, { patches }: PlannedPass): MadePass['bed'] {
  const lowest = Math.max(...patches.map(({ y, h }) => y + h));
  return { name, widthMm, heightMm: kind === 'roll' ? um10ToMm(lowest) : heightMm };
}

export interface PassHead {
  readonly passId: string;
  /** The next number that was never used in this run. */
  readonly no: number;
  readonly version: string;
  readonly bed: Bed;
  readonly forAct: string | null;
  readonly seed: number;
}

/** Copies a planned pass out of the run for good. */
export function freezePass(
  planned: PlannedPass,
  { passId, no, version, bed, forAct, seed }: PassHead,
  randomBytes: RandomBytes,
): FrozenPass {
  const outlines: Record<string, string> = {};
  const patches = planned.patches.map((patch): Patch => {
    const placed = patch.placed.map(({ piece, attempt, x, y, turnDeg }): Placed => {
      const frozen = freezeOutlines(piece, outlines);
      return { pieceId: piece.id, attempt, text: piece.text, ...frozen, spot: freezeSpot(piece), x, y, turnDeg };
    });
    const { materialId, isReversed, x, y, w, h } = patch;
    return { id: makeId<'patch'>(randomBytes), materialId, reversed: isReversed, stockId: null, x, y, w, h, placed };
  });
  const pass: MadePass = {
    id: passId,
    no,
    cutFile: 3,
    bed: pageOf(bed, planned),
    bedId: planned.bedId,
    patches,
    ...(forAct === null ? {} : { forAct }),
    engine: { knurl: version, shaping: SHAPING_VERSION, polygons: CLIPPER_VERSION },
    how: { packing: 'niche', seed, layouts: planned.layouts },
  };
  return { pass, outlines };
}

/** Every piece of a pass with the patch that it lies on. */
export function* placedIn({ patches }: MadePass): Generator<{ readonly patch: Patch; readonly placed: Placed }> {
  for (const patch of patches) for (const placed of patch.placed) yield { patch, placed };
}
