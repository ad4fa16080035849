import { z } from 'zod';
import { ID_PATTERN } from './ids';
import { MATERIAL_KINDS } from './material-kind';

/** Schemas of what belongs to the shop and is copied into a run: blanks, materials, beds, letterings. */

const mm = z.number().finite();
const sizeMm = mm.positive().max(5000);
const name = z.string().min(1).max(120);
export const idSchema = z.string().regex(ID_PATTERN);
/** Ids of shop things are readable words, since they outlive every run. */
export const shopIdSchema = z.string().regex(/^[a-z][a-z0-9-]{1,39}$/);

export const colourSchema = z.object({ name, hex: z.string().regex(/^#[0-9a-f]{6}$/) });

export const shapeSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('rect'), widthMm: sizeMm, heightMm: sizeMm }),
]);

export const ANCHORS = [
  'topLeft',
  'top',
  'topRight',
  'left',
  'centre',
  'right',
  'bottomLeft',
  'bottom',
  'bottomRight',
] as const;
export type Anchor9 = (typeof ANCHORS)[number];

export const measuredPlaceSchema = z.object({
  outline: shapeSchema,
  /** Clear zones; none can be described yet. */
  clear: z.array(z.never()),
  /** Where the place's top left corner lies, measured from the blank's left and top edge. */
  datum: z.object({ kind: z.literal('edges'), leftMm: mm.min(0).max(5000), topMm: mm.min(0).max(5000) }),
  anchor: z.enum(ANCHORS),
  readingDeg: z.literal(0),
  wrap: z.null(),
});

export const placeRoleSchema = z.object({
  id: idSchema,
  name,
  side: z.enum(['front', 'back', 'left', 'right']),
  twinOf: idSchema.nullable(),
});

export const variantSchema = z.object({
  id: idSchema,
  size: z.string().max(40),
  colour: colourSchema,
  body: shapeSchema,
  places: z.record(idSchema, measuredPlaceSchema),
});

export const blankSchema = z.object({
  name,
  fabric: z.string().max(80),
  places: z.array(placeRoleSchema).min(1),
  variants: z.array(variantSchema).min(1),
});

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

export const layerSchema = z.object({
  id: idSchema,
  slot: z.string().min(1).max(40),
  make: z.object({ kind: z.literal('text') }),
});

export const letteringSchema = z.object({
  name,
  lines: z
    .array(
      z.object({
        /** Hash of the face's file. */
        face: z.string().regex(/^[0-9a-f]{64}$/),
        caseForm: z.enum(CASE_FORMS),
        trackingEm: z.number().min(-0.2).max(1),
        features: z.array(z.string().max(20)),
      }),
    )
    .length(1),
  /** Bottom up. */
  layers: z.array(layerSchema).length(1),
  minLetterHeightMm: mm.min(1).max(500),
});

/** A run's own copy of a shop thing; `fromRev` is null while it comes from the shipped defaults. */
export function copyOf<T extends z.ZodType>(value: T) {
  return z.object({ id: shopIdSchema, fromRev: z.number().int().nullable(), value });
}
