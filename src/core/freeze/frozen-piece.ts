import { z } from 'zod';
import type { Piece } from '../pieces';

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
});

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
