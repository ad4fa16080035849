import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { colourSchema, idSchema, nameSchema as name } from './blank-schema';
import { MATERIAL_KINDS } from './material-kind';
import { mm, sizeMm } from './place-schema';

/** Schemas of what else belongs to the shop and is copied into a run: materials, beds, letterings. */

/** Ids of shop things are readable words, since they outlive every run. */
export const shopIdSchema = z.string().regex(/^[a-z][a-z0-9-]{1,39}$/);

const finestMm = mm.min(0).max(20);

export const materialSchema = z.object({
  name,
  kind: z.enum(MATERIAL_KINDS),
  colour: colourSchema,
  /** Thinnest stroke, narrowest gap and smallest hole that it takes; zero asks for nothing. */
  finest: z.object({ strokeMm: finestMm, gapMm: finestMm, holeMm: finestMm }),
});

/** The page of a cut file: what a cutter can reach, as it is loaded. */
export const pageSchema = z.object({ name, widthMm: sizeMm.min(20), heightMm: sizeMm.min(20) });

/** A bed, or a roll that runs through without one: then `heightMm` is the longest that one loading may take. */
export const bedSchema = pageSchema.extend({ kind: z.enum(['bed', 'roll']) });

export const CASE_FORMS = ['asTyped', 'capitals', 'title'] as const;
export type CaseForm = (typeof CASE_FORMS)[number];

/** A name of a colour that a lettering has: `main`, `second` … Which material it is cut from, each place says. */
export const colourSlotSchema = z.string().min(1).max(40);

export const faceShaSchema = z.string().regex(/^[0-9a-f]{64}$/);

/** How a layer comes to be; each kind is a maker in the room artwork. */
export const layerMakeSchema = z.discriminatedUnion('kind', [
  /** The letters of its colour slot, joined. */
  z.object({ kind: z.literal('text') }),
]);

export const layerSchema = z.object({ id: idSchema, slot: colourSlotSchema, make: layerMakeSchema });

export const MOST_LAYERS = 8;
export const MOST_LINES = 6;
export const MOST_RUNS = 12;

export const letteringSchema = z.object({
  name,
  /** Line n of a wording takes style n; the last one repeats. */
  lines: z
    .array(
      z.object({
        /** Hash of the face's file. */
        face: faceShaSchema,
        caseForm: z.enum(CASE_FORMS),
        trackingEm: z.number().min(-0.2).max(1),
        features: z.array(z.string().max(20)),
      }),
    )
    .min(1)
    .max(MOST_LINES),
  /** Bottom up. */
  layers: z.array(layerSchema).min(1).max(MOST_LAYERS),
  minLetterHeightMm: mm.min(1).max(500),
});

/** A run's own copy of a shop thing; `fromRev` is null while it comes from the shipped defaults. */
export function copyOf<T extends z.ZodType>(value: T) {
  return z.object({ id: shopIdSchema, fromRev: z.number().int().nullable(), value });
}

export interface Copy<T> {
  readonly id: string;
  readonly fromRev: number | null;
  readonly value: T;
}

export type Material = DeepReadonly<z.infer<typeof materialSchema>>;
export type Bed = DeepReadonly<z.infer<typeof bedSchema>>;
export type Lettering = DeepReadonly<z.infer<typeof letteringSchema>>;
export type LetterStyle = Lettering['lines'][number];
export type Layer = Lettering['layers'][number];
