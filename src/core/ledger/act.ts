import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { ITEM_ID_PATTERN, PIECE_ID_PATTERN } from '../spec';

const pieceId = z.string().regex(PIECE_ID_PATTERN);
const itemId = z.string().regex(ITEM_ID_PATTERN);
const id = z.string().regex(/^[a-z][a-z0-9]{9}$/);
const attempt = z.number().int().min(1).max(1000);

/** Why a piece was spoiled; the words are the ledger's own and are shown as they stand. */
export const SPOIL_REASONS = [
  'torn while weeding',
  'wrong size',
  'not reversed',
  'cut on the wrong side',
  'not cut through',
  'crooked',
  'lifted edge',
  'not bonded',
  'scorched or shiny',
  'wrong peel',
  'wrong name',
  'smeared',
  'something else',
] as const;

/** Why something is pressed once more: nothing came off its carrier, or only an edge came along with it. */
export const AGAIN_REASONS = ['notBonded', 'edgeLifts'] as const;

/** As long as a press may take at all. */
const MOST_AGAIN_SECONDS = 900;

/** Layers, and letters of them, that are pressed at one place at once. */
const MOST_AT_PLACE = 400;

/** Left out: the first part of each. */
const parts = z.array(z.number().int().min(1).max(MOST_AT_PLACE)).min(1).max(MOST_AT_PLACE).optional();

const deedSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('cut'), pieceId, attempt, passId: id.nullable() }),
  z.object({ kind: z.literal('weeded'), pieceId, attempt, passId: id.nullable() }),
  /**
   * Pressed, applied, glued: by place, for all layers at once or for some; `attempts` are their cuttings, in the same order. A layer whose
   * letters are pieces of their own stands once for each, with its part from 1.
   */
  z.object({
    kind: z.literal('bonded'),
    itemId,
    placeId: id,
    layerIds: z.array(id).min(1).max(MOST_AT_PLACE),
    attempts: z.array(attempt).min(1).max(MOST_AT_PLACE).optional(),
    parts,
    face: z.enum(['front', 'back']),
  }),
  /** The carrier showed that it does not hold yet: back on, and pressed once more for so many seconds. It is not bonded until that is marked. */
  z.object({
    kind: z.literal('pressedAgain'),
    itemId,
    placeId: id,
    layerIds: z.array(id).min(1).max(MOST_AT_PLACE),
    attempts: z.array(attempt).min(1).max(MOST_AT_PLACE),
    parts,
    why: z.enum(AGAIN_REASONS),
    seconds: z.number().int().min(1).max(MOST_AGAIN_SECONDS),
  }),
  z.object({ kind: z.literal('checked'), itemId }),
  z.object({ kind: z.literal('packed'), itemId }),
  z.object({
    kind: z.literal('spoiled'),
    pieces: z.array(z.object({ pieceId, attempt })).min(1).max(1000),
    /** The blank went with it, not only the film. */
    blankLost: z.boolean(),
    reason: z.string().trim().min(1).max(200),
    note: z.string().max(2000),
  }),
  /** A made pass of which nothing was cut is taken back: its pieces are laid out anew, its number is never used again. */
  z.object({ kind: z.literal('unmade'), passId: id }),
  z.object({ kind: z.literal('undone'), actId: z.string().min(1).max(64) }),
]);

/** What a station sends: the id is made there, so that sending twice is harmless. */
export const newActSchema = z.object({
  id: z.string().regex(/^[A-Za-z0-9_-]{8,64}$/),
  by: z.object({ who: z.string().max(120), station: z.string().min(1).max(64) }),
  /** When it was done, by the station's clock. */
  at: z.iso.datetime({ offset: true }),
  deeds: z.array(deedSchema).min(1).max(20_000),
});

/** An act with what its sender answered beforehand to questions that it may raise; the answers are not recorded. */
export const sentActSchema = newActSchema.extend({
  /** Passes that it needs may be made. */
  mayMake: z.boolean().default(false),
  /** A pass that it unmakes was not cut, though its file was taken. */
  notCut: z.boolean().default(false),
  /** Name of the plan in which those passes were asked about; null: whichever stands. */
  plan: z.string().max(64).nullable().default(null),
});

/** An act as recorded. `seq` is its place in the ledger, `receivedAt` the server's clock. */
export const actSchema = newActSchema.extend({
  seq: z.number().int().min(1),
  receivedAt: z.iso.datetime({ offset: true }),
  /** Passes that its undoing unmade, since they had been made for what it took back and nothing else was done to them. */
  unmade: z.array(id).optional(),
});

export type NewAct = DeepReadonly<z.infer<typeof newActSchema>>;
export type Act = DeepReadonly<z.infer<typeof actSchema>>;
export type AgainReason = (typeof AGAIN_REASONS)[number];
export type Deed = Act['deeds'][number];
