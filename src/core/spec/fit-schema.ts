import { z } from 'zod';
import { MOST_LINES, bendSchema, idSchema, shopIdSchema } from '../shop';
import { MOST_OWN_LETTERS, ownLetterSchema } from './letter-schema';

/** Schemas of how letters are sized and set: rules of a group, exceptions of one text, what was looked at, remedies. */

const letterMm = z.number().finite().positive().max(1000);

/** Widest share of its own width that a lettering may be drawn at, and narrowest. */
export const WIDTH_SHARES = { least: 0.5, most: 2 } as const;

/** A size chosen by hand: of the letters, or of the whole text from left to right. */
const ownSizeSchema = z.object({ by: z.enum(['height', 'width']), mm: letterMm.max(2000) });

/** Classes whose height is said; others are level by themselves. */
export const MOST_CLASSES = 60;

export const sizeRuleSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('fill') }),
  /** `heightMm` is the letter height of the set; null lets the set be as tall as its longest text allows. */
  z.object({ kind: z.literal('level'), heightMm: letterMm.nullable() }),
  /** As large as each place allows, and the tallest at most `ratio` times the smallest. */
  z.object({ kind: z.literal('banded'), ratio: z.number().min(1).max(10) }),
  z.object({ kind: z.literal('own'), size: ownSizeSchema }),
  /** Level within each class that a column of the list tells: infants, children, adults. Null: as tall as its longest text allows. */
  z.object({
    kind: z.literal('classes'),
    field: z.string().min(1).max(60),
    heights: z.array(z.object({ value: z.string().max(400), heightMm: letterMm.nullable() })).max(MOST_CLASSES),
  }),
]);

export const sizeGroupSchema = z.object({
  id: idSchema,
  rule: sizeRuleSchema,
  /** Which letters are compared: capitals, or small letters without ascender. */
  letter: z.enum(['cap', 'x']),
  /** How ink lies where its place is larger: its box in the middle, its weight in the middle, or one baseline for all. */
  lie: z.enum(['ink', 'optical', 'baseline']),
});

/** An exception for one entry at one place; one of each kind. */
export const overrideSchema = z.object({
  id: idSchema,
  at: z.object({ entryId: idSchema, useId: idSchema, placeId: idSchema }),
  set: z.discriminatedUnion('kind', [
    /** Lines as they are cut, instead of the place's wording; null: this one stays empty for now. */
    z.object({ kind: z.literal('wording'), lines: z.array(z.string().max(400)).min(1).max(MOST_LINES).nullable() }),
    z.object({ kind: z.literal('lettering'), letteringId: shopIdSchema }),
    /** What its letters are cut from, whatever their colour slot; a border keeps its own film. */
    z.object({ kind: z.literal('material'), materialId: shopIdSchema }),
    z.object({ kind: z.literal('tracking'), trackingEm: z.number().min(-0.2).max(1) }),
    /** Drawn narrower or wider than it is by nature; strokes are measured as they come out. */
    z.object({ kind: z.literal('width'), share: z.number().min(WIDTH_SHARES.least).max(WIDTH_SHARES.most) }),
    /** Borders at this share of their distance. */
    z.object({ kind: z.literal('border'), share: z.number().min(0.05).max(1) }),
    z.object({ kind: z.literal('size'), size: ownSizeSchema }),
    /** Bent otherwise than its set; null: straight. */
    z.object({ kind: z.literal('bend'), bend: bendSchema.nullable() }),
    /** Single letters of it that are set otherwise than their line. */
    z.object({ kind: z.literal('letters'), letters: z.array(ownLetterSchema).min(1).max(MOST_OWN_LETTERS) }),
    /** Where it is largest, also off the middle of its place. */
    z.object({ kind: z.literal('lie'), at: z.literal('largest') }),
  ]),
});

/** A finding that somebody looked at and let stand. */
export const lookedSchema = z.object({
  /** What it said then; when it says something else it is open again. */
  said: z.string().max(400),
  /** Why a stop is kept; empty for a check. */
  reason: z.string().max(400),
});

export const REMEDIES = ['tighten', 'condense', 'twoLines', 'narrowerFace', 'offMiddle', 'shorten'] as const;

export const remediesSchema = z.object({
  /** Which remedy is offered first. */
  order: z
    .array(z.enum(REMEDIES))
    .length(REMEDIES.length)
    .refine((order) => new Set(order).size === REMEDIES.length, 'each remedy once'),
  /** How far letters may be condensed and stretched, as shares of their own width. */
  condenseTo: z.number().min(WIDTH_SHARES.least).max(1),
  stretchTo: z.number().min(1).max(WIDTH_SHARES.most),
});
