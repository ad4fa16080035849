import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { ID_PATTERN } from '../ids';

/** Schemas of a measured place: its outline, what it keeps clear of, where it lies and how it is seen. Millimetres. */

export const mm = z.number().finite();
export const sizeMm = mm.positive().max(5000);
const offsetMm = mm.min(-5000).max(5000);

export const rectSchema = z.object({ kind: z.literal('rect'), widthMm: sizeMm, heightMm: sizeMm });

/** More corners than that are a tracing of noise. */
export const MOST_CORNERS = 120;

/** Frame of a shape: the top left corner of its bounding box at the origin, y down. */
export const shapeSchema = z.discriminatedUnion('kind', [
  rectSchema,
  z.object({ kind: z.literal('roundedRect'), widthMm: sizeMm, heightMm: sizeMm, radiusMm: mm.min(0).max(2500) }),
  z.object({ kind: z.literal('ellipse'), widthMm: sizeMm, heightMm: sizeMm }),
  /** Symmetrical about an upright axis; `outerAt` says on which side its longer edge lies. */
  z.object({
    kind: z.literal('ringPart'),
    innerRadiusMm: mm.min(0).max(50_000),
    outerRadiusMm: mm.positive().max(50_000),
    sweepDeg: mm.positive().max(360),
    outerAt: z.enum(['top', 'bottom']),
  }),
  z.object({ kind: z.literal('taper'), topWidthMm: sizeMm, bottomWidthMm: sizeMm, heightMm: sizeMm }),
  z.object({
    kind: z.literal('polygon'),
    /** In order round the place; measured from any corner. */
    corners: z
      .array(z.tuple([offsetMm, offsetMm]))
      .min(3)
      .max(MOST_CORNERS),
  }),
]);

/** A part of a place that lettering keeps away from; it lies at its shape's top left corner in the frame of the place. */
export const clearZoneSchema = z.object({
  /** Of its own within the place, so that two people's changes of different zones are put together unasked. */
  id: z.string().regex(ID_PATTERN),
  name: z.string().max(60),
  /** It may lie in the loop of a letter, where cloth stays bare. */
  mayLieInLoop: z.boolean(),
  shape: shapeSchema,
  leftMm: offsetMm,
  topMm: offsetMm,
});

export const DATUM_KINDS = ['edge', 'neckSeam', 'rim', 'handle', 'hem'] as const;

/** Where a place lies: its left side from the blank's left edge, its drop from a line that a ruler finds on the item. */
export const datumSchema = z.object({
  kind: z.enum(DATUM_KINDS),
  /** Height of that line below the blank's top edge; the edge itself is zero. */
  lineMm: mm.min(0).max(5000),
  /** From the line down to the place's top; from a hem up to its bottom. */
  dropMm: mm.min(0).max(5000),
  leftMm: mm.min(0).max(5000),
});

/** How the item is seen in use, when that is not flat. */
export const wrapSchema = z.discriminatedUnion('kind', [
  /** Folded as it hangs: only one of so many parts is seen. */
  z.object({
    kind: z.literal('folded'),
    acrossParts: z.number().int().min(1).max(6),
    downParts: z.number().int().min(1).max(6),
  }),
  /** Filled, it rounds off: only what faces the viewer within `seenDeg` is read well. */
  z.object({
    kind: z.literal('filled'),
    gussetMm: mm.min(0).max(2000),
    depthMm: mm.positive().max(2000),
    seenDeg: mm.min(5).max(85),
  }),
  z.object({ kind: z.literal('stretched'), acrossPct: mm.min(0).max(200), downPct: mm.min(0).max(200) }),
  z.object({ kind: z.literal('curved'), radiusMm: mm.positive().max(5000), seenDeg: mm.min(5).max(85) }),
  /** Round goods, tapered or not: two diameters and the upright height; the drop is measured along the side. */
  z.object({
    kind: z.literal('round'),
    topMm: mm.positive().max(2000),
    bottomMm: mm.positive().max(2000),
    heightMm: sizeMm,
    /** Share of the circumference that is seen from the front. */
    seenShare: mm.min(0.05).max(1),
  }),
]);

const gapMm = mm.min(0).max(5000);
const handleGapsSchema = z.object({
  leftGapMm: gapMm,
  leftHandleMm: gapMm,
  rightHandleMm: gapMm,
  rightGapMm: gapMm,
});

/**
 * A place that is held to a middle. What was measured to centre it between handles: from each edge to its handle, at one height or
 * two; without handles it is held to the middle of the body.
 */
export const centringSchema = z
  .object({
    levels: z.array(handleGapsSchema).max(2),
    take: z.enum(['body', 'handles']),
    toleranceMm: mm.min(0).max(50),
  })
  .refine(({ levels, take }) => take === 'body' || levels.length > 0, 'No handle was measured that could be taken.');

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
  clear: z.array(clearZoneSchema).max(40),
  datum: datumSchema,
  anchor: z.enum(ANCHORS),
  /** Distance that ink keeps from the sides it is held at. */
  anchorGapMm: mm.min(0).max(2000),
  /** Turned clockwise from upright as the item is looked at. */
  readingDeg: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
  wrap: wrapSchema.nullable(),
  /** When set, it says where the middle of the place lies; the datum's left side is not asked then. */
  centring: centringSchema.nullable(),
});

export type MeasuredPlace = DeepReadonly<z.infer<typeof measuredPlaceSchema>>;
export type Shape = DeepReadonly<z.infer<typeof shapeSchema>>;
export type ClearZone = DeepReadonly<z.infer<typeof clearZoneSchema>>;
export type Wrap = DeepReadonly<z.infer<typeof wrapSchema>>;
export type Centring = DeepReadonly<z.infer<typeof centringSchema>>;
export type Datum = MeasuredPlace['datum'];
