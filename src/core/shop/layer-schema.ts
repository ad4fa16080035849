import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { idSchema } from './blank-schema';
import { finestMm } from './finest';
import { mm } from './place-schema';

/** Schemas of the layers of a lettering: what each is made of, and which tool goes along its edges. */

/** A name of a colour that a lettering has: `main`, `second` … Which material it is cut from, each place says. */
export const colourSlotSchema = z.string().min(1).max(40);

/** How far a layer reaches from the letters. */
const reachSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('mm'), mm: mm.min(0.1).max(50) }),
  /** A share of the height of capitals, which it grows with. */
  z.object({ by: z.literal('height'), share: z.number().min(0.005).max(1) }),
]);

/** `box`: a rectangle around all letters; `rounded`: the same with round corners; `grown`: the letters grown until they are one body. */
export const BODIES = ['box', 'rounded', 'grown'] as const;

/** `place`: as large as the whole place, whatever its letters are; its distance is what they keep off its edge. */
export const BACKINGS = [...BODIES, 'place'] as const;

/** For a string or a ring: beside the text or above it. The body is so much longer there that the hole keeps off its edge and the text. */
const stringHoleSchema = z.object({
  side: z.enum(['left', 'top']),
  diameterMm: mm.min(1).max(50),
  edgeMm: mm.min(1).max(50),
});

export const FOLDS = ['left', 'top'] as const;

/** Holes to sew through, pierced along the edge of a body. */
const sewingSchema = z.object({
  insetMm: mm.min(0.5).max(50),
  pitchMm: mm.min(1).max(100),
  diameterMm: mm.min(0.3).max(10),
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
    body: z.enum(BACKINGS),
    distance: reachSchema,
    hole: stringHoleSchema.nullable(),
    /** Of a whole place: as large once more beyond this side, with a line scored between the two halves. */
    fold: z.enum(FOLDS).optional(),
    sewing: sewingSchema.optional(),
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

/** What a machine does along a line besides cutting it, in the order in which it is done. */
export const LINE_TOOLS = ['draw', 'mark', 'score', 'pierce'] as const;
export type LineTool = (typeof LINE_TOOLS)[number];

/** A line along the edges of a layer that is no cut: drawn with a pen, or marked into what lies below. */
export const EDGE_TOOLS = ['draw', 'mark'] as const;
export const edgeToolSchema = z.object({ by: z.enum(EDGE_TOOLS), lineMm: mm.min(0.1).max(5) });

export const layerSchema = z.object({
  id: idSchema,
  slot: colourSlotSchema,
  make: layerMakeSchema,
  under: underSchema.optional(),
  /** Left out: it is cut. */
  tool: edgeToolSchema.optional(),
  /** Of letters that are cut: each is a piece of its own. Left out: they come off the bed together. */
  isApart: z.literal(true).optional(),
});

/** Whether something is cut for letters of this colour: a plate is for those of every colour. */
export function hasLayerFor(layers: readonly Pick<Layer, 'slot' | 'make'>[], colourSlot: string): boolean {
  return layers.some(({ slot, make }) => make.kind === 'plate' || (make.kind === 'text' && slot === colourSlot));
}

/** Told from its shape, since the schema asks before there is a type. */
interface CarryingLike {
  readonly make: { readonly kind: string };
  readonly under?: unknown;
  readonly tool?: unknown;
}

/** Whether something can be drawn on it or marked into it: it is cut, and whole below its letters. */
export function carriesLines({ make: { kind }, under, tool }: CarryingLike): boolean {
  return !tool && !under && (kind === 'border' || kind === 'castEdge' || kind === 'backing');
}

/** The layer that a line of this one is drawn on: the nearest below. Undefined where there is none. */
export function carrierIn<L extends CarryingLike>(layers: readonly L[], index: number): L | undefined {
  return layers.slice(0, index).findLast(carriesLines);
}

export type Layer = DeepReadonly<z.infer<typeof layerSchema>>;
export type LayerMake = Layer['make'];
export type LayerUnder = NonNullable<Layer['under']>;
export type Reach = BorderMake['distance'];
export type StringHole = DeepReadonly<z.infer<typeof stringHoleSchema>>;
export type Body = (typeof BODIES)[number];
export type Backing = (typeof BACKINGS)[number];
export type Fold = (typeof FOLDS)[number];
export type Sewing = DeepReadonly<z.infer<typeof sewingSchema>>;
export type EdgeTool = NonNullable<Layer['tool']>;
export type BorderMake = Extract<LayerMake, { kind: 'border' }>;
