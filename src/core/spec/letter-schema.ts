import { z } from 'zod';
import { MOST_LINES, faceKeySchema, nameSchema } from '../shop';

/** Schema of single letters of one text that are set otherwise than their line. Everything here grows with the letters. */

/** How far a letter may be moved, turned and resized before it is another drawing. */
export const LETTER_LIMITS = { shiftShare: 1, turnDeg: 45, leastSize: 0.5, mostSize: 2 } as const;
export const MOST_OWN_LETTERS = 60;

const shiftShare = z.number().min(-LETTER_LIMITS.shiftShare).max(LETTER_LIMITS.shiftShare);

/** How a letter stands to the one that is read after it. */
const toNextSchema = z.discriminatedUnion('kind', [
  /** Clear room between their outlines, of the height of capitals. */
  z.object({ kind: z.literal('gap'), share: z.number().min(0).max(1) }),
  /** Drawn together until they are one piece. */
  z.object({ kind: z.literal('joined') }),
  /** Left where they stand, with a short stroke of the face's own weight from one to the other. */
  z.object({ kind: z.literal('bridged') }),
]);

export const ownLetterSchema = z.object({
  /** Which line of the wording, and which letter of it as it is worded, from 0, counted as a reader does and with spaces. */
  line: z
    .number()
    .int()
    .min(0)
    .max(MOST_LINES - 1),
  no: z.number().int().min(0).max(399),
  /** The letter that was meant: where the line reads otherwise now, it is set like its line. */
  character: z.string().min(1).max(40),
  /** Another face; left out: its line's. */
  face: faceKeySchema.optional(),
  faceName: nameSchema.optional(),
  /** Asked of its face besides what its line asks. */
  features: z.array(z.string().max(20)).max(20).optional(),
  /** Moved to the right and up, of the height of capitals; its neighbours stay. */
  right: shiftShare.optional(),
  up: shiftShare.optional(),
  /** Clockwise, about its middle. */
  turnDeg: z.number().min(-LETTER_LIMITS.turnDeg).max(LETTER_LIMITS.turnDeg).optional(),
  /** Of its own size, from the baseline. */
  size: z.number().min(LETTER_LIMITS.leastSize).max(LETTER_LIMITS.mostSize).optional(),
  toNext: toNextSchema.optional(),
});
