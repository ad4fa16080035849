import type { MonogramShape } from './shop';

/** Which part of a text a finding speaks of; what is not named is all of it. */
export interface FindingAt {
  readonly layerId?: string;
  /** Line of the wording from 0, and run of that line from 0. */
  readonly line?: number;
  readonly run?: number;
}

/**
 * Anything the program wants the maker to know about one fit. A *stop* keeps the piece out of a pass, a *check* wants
 * a look, a *note* asks nothing. Findings hold facts; the sentences live with the screen that shows them. Whose it is, says the
 * fit that it belongs to.
 */
export type Finding = FindingFacts & { readonly at?: FindingAt };

type FindingFacts =
  | { readonly kind: 'nothingToDraw'; readonly severity: 'stop' }
  | { readonly kind: 'textTooLong'; readonly severity: 'stop'; readonly most: number }
  /** Control characters and halves of characters, by number: nothing can be cut for them. */
  | { readonly kind: 'unprintable'; readonly severity: 'stop'; readonly codes: readonly number[] }
  /** `coveredBy` are hashes of shipped faces that have the whole text; empty when none has. */
  | {
      readonly kind: 'characterMissing';
      readonly severity: 'stop';
      readonly characters: readonly string[];
      readonly coveredBy: readonly string[];
    }
  /** Its face, by name, was brought in elsewhere: without its file nothing is cut in it. */
  | { readonly kind: 'faceAbsent'; readonly severity: 'stop'; readonly faceNames: readonly string[] }
  | { readonly kind: 'tooSmall'; readonly severity: 'stop'; readonly capHeightMm: number; readonly leastMm: number }
  /** Finer than the material takes. `passesAtMm` is the letter height at which it would pass; null when none near does. */
  | {
      readonly kind: 'thinStroke' | 'smallHole';
      readonly severity: 'check';
      readonly widthMm: number;
      readonly leastMm: number;
      readonly passesAtMm: number | null;
    }
  /** `closes`: it narrows to a point between joined letters; what tears there hangs on the wide end. */
  | {
      readonly kind: 'narrowGap';
      readonly severity: 'check' | 'note';
      readonly widthMm: number;
      readonly leastMm: number;
      readonly closes: boolean;
      readonly passesAtMm: number | null;
    }
  /**
   * A border that leaves holes of its letters closed, or fills them since they would be too small. `passesAtMm` is the letter height, and
   * `passesReachMm` the distance, from which all of them stay open; null where none does.
   */
  | {
      readonly kind: 'borderCloses';
      readonly severity: 'check';
      readonly numClosed: number;
      readonly numHoles: number;
      readonly reachMm: number;
      readonly passesAtMm: number | null;
      readonly passesReachMm: number | null;
    }
  /**
   * A border that makes one of parts which stand apart. `apartAtMm` is the letter height, and `apartUnderMm` the distance, from which
   * all of them have one of their own; null where none does.
   */
  | {
      readonly kind: 'borderJoins';
      readonly severity: 'note';
      readonly numParts: number;
      readonly numLeft: number;
      readonly reachMm: number;
      readonly apartUnderMm: number;
      readonly apartAtMm: number | null;
    }
  /** Parts of a layer that are finer everywhere than its material takes. */
  | {
      readonly kind: 'crumbs';
      readonly severity: 'check';
      readonly numCrumbs: number;
      readonly numParts: number;
      readonly leastMm: number;
    }
  /** Neighbours of a face whose letters stand apart that touch, or nearly do: it looks like a mistake and tears in weeding. */
  | {
      readonly kind: 'lettersNear';
      readonly severity: 'check';
      readonly letters: readonly [string, string];
      readonly gapMm: number;
      readonly leastMm: number;
    }
  /** Neighbours of a script that join otherwise and do not touch here: off the film they come one by one. Each pair once. */
  | { readonly kind: 'lettersUnjoined'; readonly severity: 'note'; readonly pairs: readonly string[] }
  /** Figures whose tops this face draws lower than its capitals, and those that hang below the line, in a text with a year or a date. */
  | {
      readonly kind: 'lowFigures';
      readonly severity: 'check';
      readonly figures: readonly string[];
      readonly hanging: readonly string[];
    }
  /** A film and what it lies on, the blank or another film, are hard to tell apart (`alike`), or two strong colours of one hue that are not the same (`clash`). */
  | {
      readonly kind: 'lowContrast';
      readonly severity: 'check';
      readonly why: 'alike' | 'clash';
      readonly film: string;
      /** The blank's colour, or that of the film below. */
      readonly blank: string;
      /** Perceptual distance, 0 the same, 100 black on white. */
      readonly difference: number;
    }
  /** A film over one that nothing holds on: puff, flock, glitter, foil. */
  | { readonly kind: 'filmOver'; readonly severity: 'check'; readonly film: string; readonly below: string }
  /** Letters that are pieces of their own lie over each other where they join. */
  | { readonly kind: 'lettersOver'; readonly severity: 'check'; readonly numOver: number; readonly numLetters: number }
  /** A letter that has no shape of its own, since it is drawn in one with another: it cannot be a piece of its own. */
  | { readonly kind: 'letterInAnother'; readonly severity: 'stop'; readonly letters: readonly string[] }
  /** A film that does not suit what it is pressed on: degrees Celsius, per cent of polyester, or lightness from 0 to 100. */
  | {
      readonly kind: 'filmUnsuited';
      readonly severity: 'check';
      readonly film: string;
      readonly why: 'tooHot' | 'littlePolyester' | 'dark';
      readonly has: number;
      readonly least: number;
    }
  /** No pass of the run's bed holds it. `passesAtMm` is the letter height at which it would, null where that is not what its size is by; `otherBed` would hold it as it is. */
  | {
      readonly kind: 'largerThanBed';
      readonly severity: 'check';
      readonly widthMm: number;
      readonly heightMm: number;
      readonly roomWidthMm: number;
      readonly roomHeightMm: number;
      readonly passesAtMm: number | null;
      readonly otherBed: string | null;
    }
  /** The list says a quantity that is no number of pieces; one is made until somebody chooses. */
  | { readonly kind: 'unreadQuantity'; readonly severity: 'check'; readonly said: string }
  /** A monogram that its custom cannot make from this name. */
  | {
      readonly kind: 'monogramUnmade';
      readonly severity: 'stop';
      readonly lacks: 'noGiven' | 'noFurther' | 'noFamily' | 'noSecond' | 'twoFamilies';
    }
  /** A date that is not there, that could be two, or is none. */
  | {
      readonly kind: 'dateUnread';
      readonly severity: 'stop';
      readonly why: 'noDate' | 'ambiguous' | 'impossible' | 'backwards' | 'unread' | 'noYear';
      readonly said: string;
    }
  /** The wording asks for something that this entry does not have; the rest is cut without it. */
  | { readonly kind: 'partMissing'; readonly severity: 'check'; readonly part: string }
  /** It was ticked on the proof, and reads otherwise now. */
  | { readonly kind: 'changedSinceProof'; readonly severity: 'check'; readonly was: string }
  /** The list asks for a size or colour that the blank does not come in; `said` is empty where the list is. */
  | {
      readonly kind: 'variantMissing';
      readonly severity: 'stop';
      readonly part: 'size' | 'colour' | 'both';
      readonly said: string;
      readonly has: readonly string[];
    }
  /** Its place reaches beyond what is seen of the blank. */
  | {
      readonly kind: 'placePast';
      readonly severity: 'check' | 'note';
      readonly past: 'fold' | 'hem' | 'edge' | 'angle';
      readonly side: 'left' | 'right' | 'top' | 'bottom' | 'both';
      readonly byMm: number;
    }
  /** The list asks for a film by a word that nothing is named for. */
  | {
      readonly kind: 'filmMissing';
      readonly severity: 'stop';
      /** The colour that it is cut in. */
      readonly slot: string;
      readonly field: string;
      readonly said: string;
    }
  /** The measures of its place leave nothing to letter; what is wrong with them is said where they are typed. */
  | { readonly kind: 'placeUnusable'; readonly severity: 'stop' }
  | { readonly kind: 'belowSet'; readonly severity: 'check'; readonly capHeightMm: number; readonly setMm: number }
  /** The size chosen by hand is more than its place holds. */
  | {
      readonly kind: 'belowOwn';
      readonly severity: 'check';
      readonly by: 'height' | 'width';
      readonly mm: number;
      readonly askedMm: number;
    }
  | { readonly kind: 'extenderCosts'; readonly severity: 'note'; readonly costMm: number }
  /** Off the middle of its place it could be larger by so much, and would lie so far from it. */
  | {
      readonly kind: 'largerOffMiddle';
      readonly severity: 'note';
      readonly largerPct: number;
      readonly offMm: number;
    }
  /** It lies off the middle: there it would be smaller by more than is given up for the middle; or somebody chose so. */
  | {
      readonly kind: 'offMiddle';
      readonly severity: 'check' | 'note';
      readonly acrossMm: number;
      readonly downMm: number;
      /** How much smaller it would be in the middle; at least so much where `isMore`, since nobody looks further down. */
      readonly smallerPct: number;
      readonly isMore: boolean;
    }
  /** A monogram of so many letters does not make the shape that its lettering asks for: they stand in a row. */
  | {
      readonly kind: 'monogramUnformed';
      readonly severity: 'check';
      readonly numLetters: number;
      readonly shape: MonogramShape;
    }
  /** The form of a monogram makes its thick strokes so many times as thick against its thin ones as the letters are drawn. */
  | {
      readonly kind: 'strokesUneven';
      readonly severity: 'check';
      readonly shape: MonogramShape;
      readonly times: number;
      readonly most: number;
    }
  /** Bent so much that its letters are nearer to each other on one side than on the other by a share that is seen. */
  | {
      readonly kind: 'bendCrowds';
      readonly severity: 'check';
      readonly side: 'feet' | 'heads';
      readonly crowdedPct: number;
      readonly radiusMm: number;
      /** From this radius on it is not seen. */
      readonly leastRadiusMm: number;
    }
  /** With this clear zone in the loop of a letter it could be larger. */
  | {
      readonly kind: 'loopClosed';
      readonly severity: 'note';
      readonly zone: string;
      readonly costMm: number;
      readonly largerPct: number;
    };

export type Severity = Finding['severity'];

const RANK: Record<Severity, number> = { stop: 2, check: 1, note: 0 };

/** The most serious severity among findings; null when there are none. */
export function worstSeverity(findings: readonly Finding[]): Severity | null {
  let worst: Severity | null = null;
  for (const { severity } of findings) {
    if (worst === null || RANK[severity] > RANK[worst]) worst = severity;
  }
  return worst;
}

export function hasStop(findings: readonly Finding[]): boolean {
  return worstSeverity(findings) === 'stop';
}

/** The first that keeps it from being cut; null when it may be. */
export function stopOf(findings: readonly Finding[]): Finding | null {
  return findings.find(({ severity }) => severity === 'stop') ?? null;
}

/** Stops that may be kept with a reason: something can be made, only not as well as it should be. */
const KEEPABLE: ReadonlySet<Finding['kind']> = new Set(['tooSmall']);

/** Whether a person may let it stand: checks by a tick, some stops with a written reason. */
export function mayLetStand({ kind, severity }: Finding): boolean {
  return severity === 'check' || (severity === 'stop' && KEEPABLE.has(kind));
}

/**
 * What a finding says, in one word by which it is known again. Lengths count to 0.1 mm, so that a hair of change is none; of which
 * part it speaks is known from where it is kept.
 */
export function saidBy({ at: _, ...facts }: Finding): string {
  return JSON.stringify(facts, (_key, value: unknown) =>
    typeof value === 'number' ? Number(value.toFixed(1)) : value,
  ).slice(0, 400);
}

/** Told apart from the other findings of its fit: several layers, or lines, may say the same. */
export function findingKey({ kind, at }: Finding): string {
  return [kind, at?.layerId, at?.line, at?.run].filter((part) => part !== undefined).join('-');
}
