import { z } from 'zod';

/** Schemas of how the lines of a lettering stand together, and how they run. Everything here grows with the letters. */

/** What stands between two lines. */
export const BETWEEN_LINES = ['nothing', 'rule', 'dot', 'lozenge'] as const;

/** Left out of a lettering: lines stand on evenly spaced baselines, as they are typed. */
export const stackSchema = z.object({
  /** Clear room from line to line, of the height of the capitals of the first. */
  gapShare: z.number().min(0).max(3),
  /** `equal`: each line as wide as the widest. */
  widths: z.enum(['own', 'equal']),
  between: z.enum(BETWEEN_LINES),
});

export const MONOGRAM_SHAPES = ['circle', 'lozenge', 'square', 'shield', 'twoOverOne', 'bar', 'interlaced'] as const;

/** Around all of a monogram. */
export const FRAMES = ['ring', 'doubleRing', 'scalloped', 'lozenge', 'shield', 'wreath'] as const;

export const OTHER_LINES = ['round', 'within'] as const;

/** How the letters of a monogram stand. Left out of a lettering: in a row, as any letters. */
export const monogramSettingSchema = z.object({
  /** Null: in a row. Letters that are too many or too few for a shape stand in a row as well, and a check says so. */
  shape: z.enum(MONOGRAM_SHAPES).nullable(),
  /** Clear room between letters, and to the frame, of the height of capitals. */
  gapShare: z.number().min(0.01).max(0.5),
  frame: z.enum(FRAMES).nullable(),
  /** Where lines besides it stand: round it, or in a gap across its letters. Left out: above and below, as they are typed. */
  others: z.enum(OTHER_LINES).optional(),
});

/** `arch`: the middle is highest. */
export const BEND_WAYS = ['arch', 'dip'] as const;

/** Left out of a lettering: lines run straight. */
export const bendSchema = z.object({
  way: z.enum(BEND_WAYS),
  curve: z.discriminatedUnion('by', [
    /** How much higher the middle stands than the ends, of the width: each text on a circle of its own. */
    z.object({ by: z.literal('rise'), share: z.number().min(0.01).max(0.5) }),
    /** Of the circle through the middle of the letters, in heights of capitals: one circle for a set of one size. */
    z.object({ by: z.literal('radius'), capitals: z.number().min(1.5).max(200) }),
    /** On a circle of which the text takes this much, whatever its length: at 360 all of it, with a space where it ends. */
    z.object({ by: z.literal('around'), degrees: z.number().min(60).max(360) }),
    /** As its place is curved, whichever way: level on goods that taper. Straight in a place that is not. */
    z.object({ by: z.literal('place') }),
  ]),
  /** `turned`: each letter keeps its shape. Letters that join are always bent. */
  letters: z.enum(['bent', 'turned']),
});
