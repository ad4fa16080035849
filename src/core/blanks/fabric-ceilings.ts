/**
 * Hottest that cloths and hard goods usually bear under a press, in degrees Celsius. General starting points: the label of the
 * blank wins. What is not here is unknown, and a trial spot comes first.
 */
const CEILINGS: readonly { readonly words: RegExp; readonly bearsC: number }[] = [
  { words: /acrylic/i, bearsC: 140 },
  { words: /nylon|polyamide/i, bearsC: 140 },
  { words: /leatherette|imitation leather/i, bearsC: 140 },
  { words: /poly-?cotton|cotton.*polyester|polyester.*cotton/i, bearsC: 175 },
  { words: /polyester/i, bearsC: 165 },
  { words: /wool|felt/i, bearsC: 160 },
  { words: /cotton|linen/i, bearsC: 200 },
  { words: /coated (?:steel|aluminium|ceramic|glass|hard)/i, bearsC: 205 },
];

/** Null where nothing usual is known. */
export function usualCeilingC(fabric: string): number | null {
  return CEILINGS.find(({ words }) => words.test(fabric))?.bearsC ?? null;
}
