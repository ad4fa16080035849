/** What a press goes by: cloths and hard goods that bear heat and take film in one way. */
export const FABRIC_CLASSES = [
  'cotton',
  'linen',
  'polyCotton',
  'polyester',
  'nylon',
  'acrylicPile',
  'wool',
  'leatherette',
  'hardCoated',
  'other',
] as const;
export type FabricClass = (typeof FABRIC_CLASSES)[number];

interface FabricFacts {
  readonly words: string;
  /** Hottest that it usually bears under a press, in degrees Celsius; null: not known, so a trial spot comes first. */
  readonly bearsC: number | null;
  /** Share of polyester in per cent, where nobody said; null: not known. */
  readonly polyesterPct: number | null;
  /** How somebody writes it in free words. */
  readonly written: RegExp;
}

/** General starting points: the label of the blank wins. Mixed cloths are read before what they are mixed of. */
const FACTS: Record<FabricClass, FabricFacts> = {
  acrylicPile: { words: 'acrylic pile', bearsC: 140, polyesterPct: 0, written: /acrylic/i },
  nylon: { words: 'nylon', bearsC: 140, polyesterPct: 0, written: /nylon|polyamide/i },
  leatherette: { words: 'leatherette', bearsC: 140, polyesterPct: 0, written: /leatherette|imitation leather/i },
  polyCotton: {
    words: 'poly-cotton',
    bearsC: 175,
    polyesterPct: 50,
    written: /poly-?cotton|cotton.*polyester|polyester.*cotton/i,
  },
  polyester: { words: 'polyester', bearsC: 165, polyesterPct: 100, written: /polyester/i },
  wool: { words: 'wool or felt', bearsC: 160, polyesterPct: 0, written: /wool|felt/i },
  linen: { words: 'linen', bearsC: 200, polyesterPct: 0, written: /linen/i },
  cotton: { words: 'cotton', bearsC: 200, polyesterPct: 0, written: /cotton|canvas|denim|terry/i },
  hardCoated: {
    words: 'coated hard goods',
    bearsC: 205,
    polyesterPct: null,
    written: /coated (?:steel|aluminium|ceramic|glass|hard)/i,
  },
  other: { words: 'another material', bearsC: null, polyesterPct: null, written: /^(?!)/ },
};

export function fabricFacts(fabric: FabricClass): Omit<FabricFacts, 'written'> {
  return FACTS[fabric];
}

/** What a cloth described in free words is; null where nobody can tell, so that it is asked. */
export function fabricClassOf(written: string): FabricClass | null {
  const found = Object.entries(FACTS).find(([, facts]) => facts.written.test(written));
  return found ? (found[0] as FabricClass) : null;
}

/** Null where nothing usual is known. */
export function usualCeilingC(written: string): number | null {
  const fabric = fabricClassOf(written);
  return fabric === null ? null : FACTS[fabric].bearsC;
}
