import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { type Outline, shaOfOutline, writeOutline } from '../geometry';
import type { Piece } from '../pieces';
import { LINE_TOOLS } from '../shop';

/** What a release and a made pass keep of a piece alike. */

export const sha = z.string().regex(/^[0-9a-f]{64}$/);

/** Millimetres to 0.1 µm: equal runs give equal files on every machine. */
const mm = z.number().finite();

/** Where it lies in its place, and where a ruler was to be laid for it; null where that was not kept by an earlier Knurl. */
export const pieceSpotSchema = z
  .object({
    /** Top left corner of the box that its ink covers, in the frame of the place. */
    xMm: mm,
    yMm: mm,
    /** Turned clockwise as it reads. */
    turnDeg: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
    onBlank: z.object({
      leftMm: mm,
      rightMm: mm,
      /** From the datum down to the ink's top, from a hem up to its bottom; on round goods along the side. */
      dropMm: mm,
      datum: z.enum(['edge', 'neckSeam', 'rim', 'handle', 'hem']),
      acrossFrom: z.enum(['sides', 'seenPart']),
    }),
  })
  .nullable();

export const frozenPieceSchema = z.object({
  /** Names entry, use, item, place and layer. */
  pieceId: z.string().min(1).max(200),
  /** As it was cut; the spec may say something else by now. */
  text: z.array(z.string()),
  /** By SHA-256, ink's top left corner at the origin. */
  outline: sha,
  spot: pieceSpotSchema,
  /** What else is done to it before it is cut, in this order; left out: nothing. Outlines of rings without holes, and of straight lines. */
  lines: z
    .array(z.object({ by: z.enum(LINE_TOOLS), layerId: z.string().min(1).max(40), outline: sha }))
    .min(1)
    .optional(),
});

type FrozenOutlines = Pick<DeepReadonly<z.infer<typeof frozenPieceSchema>>, 'outline' | 'lines'>;

/** Outlines of a piece by hash; their texts are put into `texts`. */
export function freezeOutlines(
  { outline, lines }: Pick<Piece, 'outline' | 'lines'>,
  texts: Record<string, string>,
): FrozenOutlines {
  const freeze = (one: Outline) => {
    const sha = shaOfOutline(one);
    texts[sha] = writeOutline(one);
    return sha;
  };
  const frozen = lines.map(({ by, layerId, rings }) => ({ by, layerId, outline: freeze(rings) }));
  return { outline: freeze(outline), ...(frozen.length > 0 ? { lines: frozen } : {}) };
}

export type FrozenSpot = z.infer<typeof pieceSpotSchema>;

export function freezeSpot({ spot }: Pick<Piece, 'spot'>): FrozenSpot {
  if (!spot) return null;
  const { xMm, yMm, turnDeg, onBlank } = spot;
  return {
    xMm: snapped(xMm),
    yMm: snapped(yMm),
    turnDeg,
    onBlank: {
      leftMm: snapped(onBlank.leftMm),
      rightMm: snapped(onBlank.rightMm),
      dropMm: snapped(onBlank.dropMm),
      datum: onBlank.datum,
      acrossFrom: onBlank.acrossFrom,
    },
  };
}

function snapped(value: number): number {
  return Number(value.toFixed(4)) + 0;
}
