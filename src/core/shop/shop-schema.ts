import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { colourSchema, nameSchema as name } from './blank-schema';
import { faceKeySchema } from './face-key';
import { finestMm } from './finest';
import { carrierIn, layerSchema } from './layer-schema';
import { MATERIAL_KINDS } from './material-kind';
import { mm, sizeMm } from './place-schema';
import { BETWEEN_LINES, bendSchema, monogramSettingSchema, stackSchema } from './setting-schema';

/** Schemas of what else belongs to the shop and is copied into a run: materials, beds, letterings. */

/** Ids of shop things are readable words, since they outlive every run. */
export const shopIdSchema = z.string().regex(/^[a-z][a-z0-9-]{1,39}$/);

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
  /** Whatever of this colour is there: which film that is, is said before it is cut. Left out: it is a film. */
  open: z.literal(true).optional(),
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

export const MOST_LAYERS = 8;
export const MOST_LINES = 6;
export const MOST_RUNS = 12;

export const letteringSchema = z.object({
  name,
  /** Line n of a wording takes style n; the last one repeats. */
  lines: z
    .array(
      z.object({
        /** Hash of the face's file, with its axes where it varies. */
        face: faceKeySchema,
        /** How a face is called that does not ship; left out for those that do. */
        faceName: name.optional(),
        caseForm: z.enum(CASE_FORMS),
        trackingEm: z.number().min(-0.2).max(1),
        features: z.array(z.string().max(20)),
        /** Size of its letters, of those of the lettering; left out: the same. */
        sizeShare: z.number().min(0.1).max(5).optional(),
        /** Clear room that neighbouring letters have at least, of the height of capitals; joined letters stay. Left out: as its face spaces them. */
        leastGapShare: z.number().min(0.01).max(0.5).optional(),
        /** Clear room above it in a stack, of the height of the capitals of the first line; left out: as between all lines. */
        gapAboveShare: z.number().min(0).max(3).optional(),
        /** What stands above it in a stack; left out: as between all lines. */
        above: z.enum(BETWEEN_LINES).optional(),
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
    )
    .refine(
      (layers) => layers.every(({ tool }, i) => !tool || carrierIn(layers, i)),
      'What is drawn or marked lies on a border, a cast edge or a backing that is cut whole.',
    ),
  minLetterHeightMm: mm.min(1).max(500),
  stack: stackSchema.optional(),
  monogram: monogramSettingSchema.optional(),
  bend: bendSchema.optional(),
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
/** How a line of it stands beside the others: its size, and what it has above it in a stack. */
export type LineStand = Pick<LetterStyle, 'sizeShare' | 'gapAboveShare' | 'above'>;
/** How the lines of a lettering stand and run. */
export type LetteringForm = Pick<Lettering, 'stack' | 'monogram' | 'bend'>;
export type Stack = NonNullable<Lettering['stack']>;
export type MonogramSetting = NonNullable<Lettering['monogram']>;
export type Bend = NonNullable<Lettering['bend']>;
export type MonogramShape = NonNullable<MonogramSetting['shape']>;
export type Frame = NonNullable<MonogramSetting['frame']>;
