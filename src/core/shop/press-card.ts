import { z } from 'zod';
import type { DeepReadonly } from '../deep-readonly';
import { nameSchema } from './blank-schema';
import { FABRIC_CLASSES } from './fabric-class';
import { MATERIAL_KINDS } from './material-kind';

/** How heat gets into a blank; each needs seconds of its own. */
export const HEATERS = ['clamshell', 'handPress', 'wand', 'iron'] as const;
export type Heater = (typeof HEATERS)[number];

export const PRESSURES = ['light', 'medium', 'firm'] as const;
export const COVERS = ['nonStick', 'bakingPaper', 'thinCotton', 'uncoatedPaper', 'none'] as const;
export const PEELS = ['hot', 'warm', 'cold'] as const;
export const BACK_SIDES = ['never', 'fifth', 'full', 'asSheetSays'] as const;

const degrees = z.number().int().min(20).max(300);
const seconds = z.number().int().min(0).max(900);

/** A usual range with the value that is taken from it. */
const chosen = (value: typeof degrees) =>
  z
    .object({ least: value, most: value, chosen: value })
    .refine(({ least, most, chosen: at }) => least <= at && at <= most, 'The value lies outside its usual range.');

/** The recipe for a kind of film on a class of fabric with a heater. Degrees Celsius, seconds. */
export const pressCardSchema = z.object({
  name: nameSchema,
  kind: z.enum(MATERIAL_KINDS),
  fabric: z.enum(FABRIC_CLASSES),
  heater: z.enum(HEATERS),
  heatC: chosen(degrees),
  seconds: chosen(seconds),
  pressure: z.enum(PRESSURES),
  /** Flattened and dried before anything is laid down. */
  dryOutSeconds: seconds,
  cover: z.enum(COVERS),
  backSide: z.enum(BACK_SIDES),
  /** All that are allowed; a peel is when the carrier comes off. */
  peels: z.array(z.enum(PEELS)).min(1).max(PEELS.length),
  /** The film itself bears no more, and no longer in all. */
  ceilingC: degrees,
  mostSeconds: seconds,
  /** Why this value was chosen from its range; empty: as usual. */
  reason: z.string().max(400),
  care: z.string().max(400),
});

export type PressCard = DeepReadonly<z.infer<typeof pressCardSchema>>;
export type Peel = PressCard['peels'][number];

type Range = PressCard['heatC'];

/** One value of a range; the others give way, so that the range stays one and what is taken lies inside. */
export function changeRange(range: Range, part: keyof Range, value: number): Range {
  const next: Range = { ...range, [part]: value };
  const { least, most, chosen } = next;
  switch (part) {
    case 'least':
      return { least, most: Math.max(most, least), chosen: Math.max(chosen, least) };
    case 'most':
      return { least: Math.min(least, most), most, chosen: Math.min(chosen, most) };
    case 'chosen':
      return { least: Math.min(least, chosen), most: Math.max(most, chosen), chosen };
  }
}
