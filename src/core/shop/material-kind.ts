import type { Process } from './process';

export const MATERIAL_KINDS = [
  'standardFilm',
  'stretchFilm',
  'metallicFilm',
  'holographicFilm',
  'glitterFilm',
  'flockFilm',
  'patternedFilm',
  'puffFilm',
  'lowMeltFilm',
  'inkSheet',
  'adhesiveFilm',
  'card',
  'leather',
  'readyMade',
] as const;
export type MaterialKind = (typeof MATERIAL_KINDS)[number];

/** The finest that a material can be cut, weeded and hold; widths in mm, zero where nothing is cut. */
export interface FinestCut {
  readonly strokeMm: number;
  readonly gapMm: number;
  readonly holeMm: number;
}

/** How it looks from a step away: what a swatch shows. */
export type Finish = 'plain' | 'glitter' | 'flock' | 'metal' | 'pattern';

interface KindFacts {
  readonly words: string;
  readonly process: Process;
  /** How it lies on the cutting bed. */
  readonly lies: string;
  /** What has to be known before the first cut; null when nothing is special. */
  readonly hint: string | null;
  /** Usual starting points; the maker's sheet and the maker's own trials win over them. */
  readonly finest: FinestCut;
}

const CARRIER_DOWN = 'carrier down, film up';
const WHICH_SIDE = 'the shiny side is usually the carrier: lift a corner with the point, only the film lifts';

const fine = (strokeMm: number, gapMm: number, holeMm: number): FinestCut => ({ strokeMm, gapMm, holeMm });

const FACTS: Record<MaterialKind, KindFacts> = {
  standardFilm: {
    words: 'heat-transfer film',
    process: 'film',
    lies: CARRIER_DOWN,
    hint: WHICH_SIDE,
    finest: fine(1, 0.8, 1),
  },
  stretchFilm: {
    words: 'stretch film',
    process: 'film',
    lies: CARRIER_DOWN,
    hint: WHICH_SIDE,
    finest: fine(1, 0.8, 1),
  },
  metallicFilm: {
    words: 'metallic film',
    process: 'film',
    lies: CARRIER_DOWN,
    hint: WHICH_SIDE,
    finest: fine(1.2, 1, 1.2),
  },
  holographicFilm: {
    words: 'holographic film',
    process: 'film',
    lies: CARRIER_DOWN,
    hint: WHICH_SIDE,
    finest: fine(1.2, 1, 1.2),
  },
  glitterFilm: {
    words: 'glitter film',
    process: 'film',
    lies: CARRIER_DOWN,
    hint: WHICH_SIDE,
    finest: fine(1.8, 1.5, 1.8),
  },
  flockFilm: { words: 'flock film', process: 'film', lies: CARRIER_DOWN, hint: WHICH_SIDE, finest: fine(2, 1.5, 2) },
  patternedFilm: {
    words: 'patterned film',
    process: 'film',
    lies: 'picture side down, carrier down',
    hint: 'the picture side goes to the bed; check one corner before the whole sheet',
    finest: fine(1.2, 1, 1.2),
  },
  puffFilm: {
    words: 'puff film',
    process: 'film',
    lies: CARRIER_DOWN,
    hint: 'its carrier may be the dull side; it grips the bed poorly, so tape its edges; nothing goes over it',
    finest: fine(2.5, 2.5, 3),
  },
  lowMeltFilm: {
    words: 'low-melt film',
    process: 'film',
    lies: CARRIER_DOWN,
    hint: 'for nylon, leatherette and whatever bears little heat; it softens at heat that other films need',
    finest: fine(1, 0.8, 1),
  },
  inkSheet: {
    words: 'transfer-ink sheet',
    process: 'ink',
    lies: 'liner down, ink up',
    hint: 'for light polyester or coated blanks only; keep it dry and bagged until it is cut',
    finest: fine(1.5, 1.2, 1.5),
  },
  adhesiveFilm: {
    words: 'adhesive film',
    process: 'adhesiveFilm',
    lies: 'liner down, colour up',
    hint: 'for hard, clean, dry surfaces; goes over with transfer tape',
    finest: fine(0.8, 0.6, 0.8),
  },
  card: { words: 'card or paper', process: 'card', lies: 'face up', hint: null, finest: fine(1, 1, 1) },
  leather: {
    words: 'leather or leatherette',
    process: 'tag',
    lies: 'face up',
    hint: null,
    finest: fine(1.5, 1.2, 1.5),
  },
  readyMade: {
    words: 'ready-made transfer',
    process: 'bought',
    lies: 'as supplied',
    hint: 'the cutter does not cut it: cut it apart by hand and press it like film',
    finest: fine(0, 0, 0),
  },
};

const FINISHES: Partial<Record<MaterialKind, Finish>> = {
  metallicFilm: 'metal',
  holographicFilm: 'metal',
  glitterFilm: 'glitter',
  flockFilm: 'flock',
  patternedFilm: 'pattern',
};

/** What nothing holds on once it is pressed: swollen, rough, or slick as foil. */
const NOTHING_OVER: ReadonlySet<MaterialKind> = new Set([
  'puffFilm',
  'flockFilm',
  'glitterFilm',
  'metallicFilm',
  'holographicFilm',
]);

/** Whether another film may be pressed over it. */
export function bearsFilm(kind: MaterialKind): boolean {
  return !NOTHING_OVER.has(kind);
}

export function finishOf(kind: MaterialKind): Finish {
  return FINISHES[kind] ?? 'plain';
}

/** The one table of what follows from a kind of material. */
export function kindFacts(kind: MaterialKind): KindFacts {
  return FACTS[kind];
}

export function processOf({ kind }: { readonly kind: MaterialKind }): Process {
  return FACTS[kind].process;
}
