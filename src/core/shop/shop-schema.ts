import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { colourSchema, idSchema, nameSchema as name } from './blank-schema';
import { MATERIAL_KINDS } from './material-kind';
import { mm, sizeMm } from './place-schema';

/** Schemas of what else belongs to the shop and is copied into a run: materials, beds, letterings. */

/** Ids of shop things are readable words, since they outlive every run. */
export const shopIdSchema = z.string().regex(/^[a-z][a-z0-9-]{1,39}$/);

const finestMm = mm.min(0).max(20);

/** As it is sold: a roll, or sheets. */
export const boughtSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('roll'), widthMm: sizeMm.min(10), lengthMm: mm.min(10).max(1_000_000) }),
  z.object({
    kind: z.literal('sheets'),
    widthMm: sizeMm.min(10),
    heightMm: sizeMm.min(10),
    count: z.number().int().min(1).max(10_000),
  }),
]);

export const materialSchema = z.object({
  name,
  kind: z.enum(MATERIAL_KINDS),
  colour: colourSchema,
  /** Which way its pattern runs on the roll or sheet; left out: it has none that could lie askew. */
  pattern: z.enum(['along', 'across']).optional(),
  /** Thinnest stroke, narrowest gap and smallest hole that it takes; zero asks for nothing. */
  finest: z.object({ strokeMm: finestMm, gapMm: finestMm, holeMm: finestMm }),
  /** Null: nobody has said. */
  bought: boughtSchema.nullable(),
  /** In hundredths of the currency, for what is bought at once. */
  priceCents: z.number().int().min(0).max(100_000_000).nullable(),
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** The blade's setting in the maker's own words. */
  blade: z.string().max(80),
  note: z.string().max(400),
});

/** The page of a cut file: what a cutter can reach, as it is loaded. */
export const pageSchema = z.object({ name, widthMm: sizeMm.min(20), heightMm: sizeMm.min(20) });

/** A bed, or a roll that runs through without one: then `heightMm` is the longest that one loading may take. */
export const bedSchema = pageSchema.extend({
  kind: z.enum(['bed', 'roll']),
  /** What the blade cannot reach along every edge. */
  marginMm: z.number().min(0).max(200).optional(),
  /** The shortest film that may be loaded. */
  leastMm: z.number().min(0).max(5000).optional(),
  /** A leftover: it serves one pass. */
  once: z.boolean().optional(),
});

export const CASE_FORMS = ['asTyped', 'capitals', 'title'] as const;
export type CaseForm = (typeof CASE_FORMS)[number];

/** A name of a colour that a lettering has: `main`, `second` … Which material it is cut from, each place says. */
export const colourSlotSchema = z.string().min(1).max(40);

export const faceShaSchema = z.string().regex(/^[0-9a-f]{64}$/);

/** How far a layer reaches from the letters. */
const reachSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('mm'), mm: mm.min(0.1).max(50) }),
  /** A share of the height of capitals, which it grows with. */
  z.object({ by: z.literal('height'), share: z.number().min(0.005).max(1) }),
]);

/** `box`: a rectangle around all letters; `rounded`: the same with round corners; `grown`: the letters grown until they are one body. */
export const BODIES = ['box', 'rounded', 'grown'] as const;

/** For a string or a ring: beside the text or above it. The body is so much longer there that the hole keeps off its edge and the text. */
const stringHoleSchema = z.object({
  side: z.enum(['left', 'top']),
  diameterMm: mm.min(1).max(50),
  edgeMm: mm.min(1).max(50),
});

/** How a layer comes to be; each kind is a maker in the room artwork. All of them start from the letters, never from each other. */
export const layerMakeSchema = z.discriminatedUnion('kind', [
  /** The letters of its colour slot, joined. */
  z.object({ kind: z.literal('text') }),
  /** All letters, grown by a distance: it lies under them and shows around them. */
  z.object({
    kind: z.literal('border'),
    distance: reachSchema,
    /** Holes and gaps that no disc of this diameter fits into are filled; zero fills none. */
    fillsUnderMm: finestMm,
  }),
  /** All letters, drawn in by a distance: it lies on them. A line along that edge where one is asked for. */
  z.object({ kind: z.literal('inside'), distance: reachSchema, lineMm: mm.min(0.1).max(20).nullable() }),
  /** All that the letters pass over while they are moved: it lies under them and shows to one side. */
  z.object({
    kind: z.literal('castEdge'),
    distance: reachSchema,
    /** Which way they are moved, clockwise from the right. */
    towardDeg: z.number().min(0).max(360),
  }),
  /** A body under all letters. */
  z.object({
    kind: z.literal('backing'),
    body: z.enum(BODIES),
    distance: reachSchema,
    hole: stringHoleSchema.nullable(),
  }),
  /** The same with the letters taken out. */
  z.object({
    kind: z.literal('plate'),
    body: z.enum(BODIES),
    distance: reachSchema,
    hole: stringHoleSchema.nullable(),
  }),
]);

/** What becomes of a layer below others: all of it stays where nothing is said. */
const underSchema = z.discriminatedUnion('kind', [
  /** It is taken out where others lie on it, but for a rim of this width below their edges. */
  z.object({ kind: z.literal('trap'), mm: mm.min(0.1).max(20) }),
  /** It is taken out where others lie, and so much farther all around: they lie in one plane. */
  z.object({ kind: z.literal('inlay'), mm: mm.min(0).max(5) }),
]);

export const layerSchema = z.object({
  id: idSchema,
  slot: colourSlotSchema,
  make: layerMakeSchema,
  under: underSchema.optional(),
});

/** Whether something is cut for letters of this colour: a plate is for those of every colour. */
export function hasLayerFor(layers: readonly Pick<Layer, 'slot' | 'make'>[], colourSlot: string): boolean {
  return layers.some(({ slot, make }) => make.kind === 'plate' || (make.kind === 'text' && slot === colourSlot));
}

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
  layers: z
    .array(layerSchema)
    .min(1)
    .max(MOST_LAYERS)
    .refine(
      (layers) => layers.some(({ make }) => make.kind === 'text' || make.kind === 'plate'),
      'At least one layer is of text, or a plate that it is taken out of.',
    ),
  minLetterHeightMm: mm.min(1).max(500),
});

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
export type Bought = NonNullable<Material['bought']>;
export type Bed = DeepReadonly<z.infer<typeof bedSchema>>;
export type Lettering = DeepReadonly<z.infer<typeof letteringSchema>>;
export type LetterStyle = Lettering['lines'][number];
export type Layer = Lettering['layers'][number];
export type LayerMake = Layer['make'];
export type Motif = DeepReadonly<z.infer<typeof motifSchema>>;
export type MotifPart = Motif['parts'][number];
export type LayerUnder = NonNullable<Layer['under']>;
export type Reach = BorderMake['distance'];
export type StringHole = DeepReadonly<z.infer<typeof stringHoleSchema>>;
export type Body = (typeof BODIES)[number];
export type BorderMake = Extract<LayerMake, { kind: 'border' }>;
