import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import {
  MOST_LINES,
  MOST_MOTIF_PARTS,
  MOST_RUNS,
  bedSchema,
  blankSchema,
  colourSlotSchema,
  copyOf,
  edgeToolSchema,
  faceKeySchema,
  idSchema,
  letteringSchema,
  materialSchema,
  motifSchema,
  nameSchema,
  pressCardSchema,
  shopIdSchema,
} from '../shop';
import { lookedSchema, overrideSchema, remediesSchema, sizeGroupSchema } from './fit-schema';

export { MOST_CLASSES, REMEDIES, WIDTH_SHARES } from './fit-schema';
export { LETTER_LIMITS, MOST_OWN_LETTERS } from './letter-schema';

const fieldName = z.string().min(1).max(60);

export const entrySchema = z.object({
  id: idSchema,
  /** The line as it came; kept whatever happens to the fields. */
  raw: z.string(),
  /** `text` is what is cut; the others are the list's own columns. */
  fields: z.record(fieldName, z.string()),
  quantity: z.number().int().min(0).max(10_000),
  withdrawn: z.boolean(),
});

/** Which letters of a text are single: its first, its last, or the first of each of its words. */
export const SINGLE_LETTERS = ['first', 'last', 'ofWords'] as const;

const wordingSchema = z.object({
  lines: z
    .array(
      z.object({
        runs: z
          .array(
            z.object({
              template: z.string().max(400),
              /** The colour slot that its letters are cut from. */
              slot: colourSlotSchema,
              /** Another face than its line's style has; null: that one. */
              face: faceKeySchema.nullable(),
              /** How that is called where it did not ship. */
              faceName: nameSchema.optional(),
              /** Single letters of it in a colour slot of their own; left out: none. */
              letter: z.object({ which: z.enum(SINGLE_LETTERS), slot: colourSlotSchema }).optional(),
            }),
          )
          .min(1)
          .max(MOST_RUNS),
      }),
    )
    .min(1)
    .max(MOST_LINES),
  /** `letterPerBlank`: every letter gets a blank of its own. */
  spread: z.enum(['together', 'letterPerBlank']),
  /** Of one spread text: blanks that carry a motif instead of a letter, and whether a space is a blank left empty. */
  motifBlanks: z.number().int().min(0).max(100),
  spacesAreBlanks: z.boolean(),
});

/** Where a motif stands to its text: `both` sides of it, the one on the right reversed; `alone`: there is no text. */
export const MOTIF_SPOTS = [
  'before',
  'after',
  'both',
  'above',
  'below',
  'topLeft',
  'topRight',
  'bottomLeft',
  'bottomRight',
  'behind',
  'around',
  'alone',
] as const;

const motifUseSchema = z.object({
  motifId: shopIdSchema,
  spot: z.enum(MOTIF_SPOTS),
  /** Its height, of that of the text's capitals; around a text: how much of the room within it the text fills. */
  share: z.number().min(0.1).max(12),
  /** Its height whatever the text's is; left out: it goes by `share`. Neither around a text nor alone. */
  heightMm: z.number().min(1).max(2000).optional(),
  /** Between it and the text, of the height of capitals. */
  gapShare: z.number().min(0).max(3),
  /** Parts that are cut, each in a colour slot; a part that is not named is left out. */
  layers: z
    .array(
      z.object({
        id: idSchema,
        part: z
          .number()
          .int()
          .min(0)
          .max(MOST_MOTIF_PARTS - 1),
        slot: colourSlotSchema,
        /** Left out: it is cut. */
        tool: edgeToolSchema.optional(),
      }),
    )
    .min(1)
    .max(MOST_MOTIF_PARTS),
});

const placeUseSchema = z.object({
  placeId: idSchema,
  /** Null: the place stays empty for now. */
  wording: wordingSchema.nullable(),
  letteringId: shopIdSchema,
  sizeGroupId: idSchema,
  /** Which material each colour slot is cut from. */
  materials: z.record(colourSlotSchema, shopIdSchema),
  /** Colour slots whose material goes by a column of the list: what its values mean. Whose cell is empty gets what `materials` says. */
  films: z
    .record(
      colourSlotSchema,
      z.object({
        field: fieldName,
        named: z.array(z.object({ value: z.string().min(1).max(400), materialId: shopIdSchema })).max(2000),
      }),
    )
    .optional(),
  /** A shape beside the text, or instead of it. */
  motif: motifUseSchema.optional(),
});

const whoSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('all') }),
  z.object({ kind: z.literal('byColumn'), field: fieldName, values: z.array(z.string().max(400)).max(2000) }),
  z.object({ kind: z.literal('chosen'), entryIds: z.array(idSchema).max(20_000) }),
]);

const blankUseSchema = z.object({
  id: idSchema,
  blankId: shopIdSchema,
  /** One size and colour for all, or what these columns of the list say; null: that is the same for all. */
  variant: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('fixed'), variantId: idSchema }),
    z.object({ kind: z.literal('byColumn'), sizeField: fieldName.nullable(), colourField: fieldName.nullable() }),
  ]),
  each: z.number().int().min(1).max(100),
  /** Who gets it: a rule, so that newcomers of a newer list get what it says. Several blanks may take the same value. */
  who: whoSchema,
  places: z.array(placeUseSchema).min(1),
});

/** How the list is understood, and what a person settled about it. */
const listSchema = z.object({
  /** The column by which a newer list is matched; null: by the name. */
  keyColumn: fieldName.nullable(),
  /** Which of two small numbers is the day; null until somebody said so. */
  dateOrder: z.enum(['dmy', 'mdy']).nullable(),
  /** Two-digit years up to it belong to 2000. */
  datePivot: z.number().int().min(0).max(99),
  /** Questions that were answered with "as it is", by entry and kind; each holds what it was answered for. */
  settled: z.record(z.string().max(60), z.string()),
});

const monogramSchema = z.object({
  form: z.enum(['three', 'largeCentre', 'two', 'one', 'couple']),
  doubled: z.enum(['first', 'last', 'both']),
  particles: z.enum(['drop', 'keep']),
  noFurther: z.enum(['two', 'ask']),
  single: z.enum(['family', 'given']),
});

/** A text that somebody looked at and found right. */
const tickSchema = z.object({
  /** As it read then. */
  lines: z.array(z.string()).min(1),
  /** How it looked then: faces, case and spacing, in one word that only says whether it is the same. */
  look: z.string().max(2000),
  who: z.string().max(80),
  at: z.iso.datetime(),
});

const layoutWishSchema = z.object({
  bedId: shopIdSchema,
  /** Materials that are cut on a bed of their own. */
  beds: z.record(shopIdSchema, shopIdSchema).optional(),
  /** Clear film between two pieces. */
  spacingMm: z.number().min(0).max(100),
  /** Clear film between a piece and the bed's edge. */
  edgeMm: z.number().min(0).max(100),
  /** Pieces may be turned by a quarter where that saves film. */
  mayTurn: z.boolean(),
  /** Entries that stay out of the passes until they are put back. */
  heldBack: z.array(idSchema).max(20_000),
  /** Start of the chance in the search for a layout: the same seed gives the same passes. */
  seed: z.number().int().min(0).max(2_147_483_647),
});

/** Getting the blanks together: spares for what spoils, and what is done of the preparation, as `use-step`. */
const prepareSchema = z.object({
  spoilagePct: z.number().min(0).max(50),
  /** Spares are counted for all sizes and colours of a blank together; each by itself when left out. */
  sharesSpares: z.boolean().optional(),
  done: z.array(z.string().max(60)).max(1000),
});

/** Each is as large as a page of text, and the whole run is saved with every change. */
export const MOST_RUN_MOTIFS = 12;

/** Older specs are brought up to it by `upgradeSpec` before they are parsed. */
export const SPEC_VERSION = 16;

/** The whole of a run that a person decides. Everything else is computed from it, the faces and the ledger. */
export const runSpecSchema = z.object({
  format: z.literal('knurl-run'),
  formatVersion: z.literal(SPEC_VERSION),
  title: z.string().trim().min(1).max(200),
  dueOn: z.iso.date().nullable(),
  language: z.string().min(2).max(35),
  entries: z.array(entrySchema).max(20_000),
  uses: z.array(blankUseSchema).min(1),
  sizeGroups: z.array(sizeGroupSchema).min(1),
  list: listSchema,
  monogram: monogramSchema,
  /** At most one of each kind for an entry at a place. */
  overrides: z.array(overrideSchema).max(100_000),
  /** Findings that were let stand, by `entry-use-place-kind`, with the layer behind it where a text has several. */
  looked: z.record(z.string().max(80), lookedSchema),
  remedies: remediesSchema,
  /** The proof: ticked texts by `entry-use-place`. */
  proof: z.record(z.string().max(40), tickSchema),
  layout: layoutWishSchema,
  prepare: prepareSchema,
  shop: z.object({
    blanks: z.array(copyOf(blankSchema)).min(1),
    materials: z.array(copyOf(materialSchema)).min(1),
    beds: z.array(copyOf(bedSchema)).min(1),
    letterings: z.array(copyOf(letteringSchema)).min(1),
    cards: z.array(copyOf(pressCardSchema)).max(2000),
    /** Those that are used. */
    motifs: z.array(copyOf(motifSchema)).max(MOST_RUN_MOTIFS),
  }),
});

export type RunSpec = DeepReadonly<z.infer<typeof runSpecSchema>>;
export type Entry = RunSpec['entries'][number];
export type BlankUse = RunSpec['uses'][number];
export type PlaceUse = BlankUse['places'][number];
export type SizeGroup = RunSpec['sizeGroups'][number];
export type SizeRule = SizeGroup['rule'];
export type OwnSize = Extract<SizeRule, { kind: 'own' }>['size'];
export type Remedies = RunSpec['remedies'];
export type RemedyKind = Remedies['order'][number];
export type Looked = RunSpec['looked'][string];
export type LayoutWish = RunSpec['layout'];
export type Wording = NonNullable<PlaceUse['wording']>;
export type WordingRun = Wording['lines'][number]['runs'][number];
export type SingleLetters = NonNullable<WordingRun['letter']>['which'];
export type ListReading = RunSpec['list'];
export type Override = RunSpec['overrides'][number];
/** A letter of one text that is set otherwise than its line. */
export type OwnLetter = Extract<Override['set'], { kind: 'letters' }>['letters'][number];
export type ToNext = NonNullable<OwnLetter['toNext']>;
export type MotifUse = NonNullable<PlaceUse['motif']>;
export type MotifSpot = MotifUse['spot'];
export type ProofTick = RunSpec['proof'][string];
