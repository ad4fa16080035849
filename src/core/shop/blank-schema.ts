import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { ID_PATTERN } from '../ids';
import { FABRIC_CLASSES } from './fabric-class';
import { measuredPlaceSchema, mm, rectSchema } from './place-schema';

/** Schemas of a blank: what it is made of, how it is bought, its sizes and colours with their measured places. */

export const nameSchema = z.string().min(1).max(120);
export const idSchema = z.string().regex(ID_PATTERN);

export const colourSchema = z.object({ name: nameSchema, hex: z.string().regex(/^#[0-9a-f]{6}$/) });

/** What suggestions go by: the cut of the thing, not its cloth. */
export const BLANK_KINDS = [
  'garment',
  'bag',
  'pouch',
  'towel',
  'sock',
  'headwear',
  'flag',
  'bottle',
  'cup',
  'case',
  'book',
  'tag',
  'card',
  'board',
  'other',
] as const;

export const USES = ['worn', 'washed', 'scuffed', 'food', 'decorative'] as const;
export const TEXTURES = ['smooth', 'woven', 'ribbed', 'pile', 'grained'] as const;
export const STRETCHES = ['none', 'some', 'much'] as const;
export const PREPARATIONS = ['preWash', 'labelsOff', 'tuckTags', 'peelStickers', 'clean', 'beforeFilling'] as const;

export const placeRoleSchema = z.object({
  id: idSchema,
  name: nameSchema,
  side: z.enum(['front', 'back', 'left', 'right']),
  /** The other one of a pair: measured as its mirror image when it has no measures of its own. */
  twinOf: idSchema.nullable(),
});

const countSchema = z.number().int().min(0).max(1_000_000);

export const variantSchema = z.object({
  id: idSchema,
  size: z.string().max(40),
  colour: colourSchema,
  /** As it lies flat. */
  body: rectSchema,
  /** `marked` are marks that some blanks carry already, one for each such blank; they count among those on hand. */
  stock: z.object({
    onHand: countSchema,
    seconds: countSchema,
    marked: z.array(z.string().min(1).max(20)).max(500),
  }),
  places: z.record(idSchema, measuredPlaceSchema),
});

/** A picture kept by the hash of its bytes. `mmPerPx` is null until two points of a known distance were shown. */
export const photoSchema = z.object({
  sha: z.string().regex(/^[0-9a-f]{64}$/),
  widthPx: z.number().int().min(1).max(4000),
  heightPx: z.number().int().min(1).max(4000),
  mmPerPx: mm.positive().max(100).nullable(),
  /** Where the top left corner of the blank's body lies on it, perhaps outside; left out until it was shown. */
  originPx: z.object({ xPx: z.number().min(-8000).max(8000), yPx: z.number().min(-8000).max(8000) }).optional(),
});

export const blankSchema = z.object({
  name: nameSchema,
  kind: z.enum(BLANK_KINDS),
  uses: z.array(z.enum(USES)).max(USES.length),
  fabric: z.string().max(80),
  /** What a press goes by; null: not said yet, so it is asked before anything is pressed. */
  fabricClass: z.enum(FABRIC_CLASSES).nullable(),
  /** Share of polyester in per cent; null where it is not known or makes no sense. */
  polyesterPct: mm.min(0).max(100).nullable(),
  texture: z.enum(TEXTURES),
  thicknessMm: mm.min(0).max(500),
  stretch: z.enum(STRETCHES),
  /** Hottest that it bears in degrees Celsius, as its label says; null: not known, so a trial spot comes first. */
  bearsC: mm.min(20).max(300).nullable(),
  pack: z.object({
    count: z.number().int().min(1).max(10_000),
    /** In hundredths of the currency. */
    priceCents: z.number().int().min(0).max(100_000_000).nullable(),
    currency: z.string().regex(/^[A-Z]{3}$/),
  }),
  preparation: z.array(z.enum(PREPARATIONS)).max(PREPARATIONS.length),
  photo: photoSchema.nullable(),
  places: z.array(placeRoleSchema).min(1).max(20),
  variants: z.array(variantSchema).min(1).max(200),
});

export type Blank = DeepReadonly<z.infer<typeof blankSchema>>;
export type Variant = DeepReadonly<z.infer<typeof variantSchema>>;
export type PlaceRole = Blank['places'][number];
export type BlankKind = Blank['kind'];
export type Preparation = Blank['preparation'][number];
export type Photo = NonNullable<Blank['photo']>;
