import { assertNever } from '../outcome';
import type { OneSizeRule } from '../resolve';
import type { OwnSize } from '../spec';

/** What a size rule needs to know of one fit. Letter heights are those that the group compares: of capitals, or of x. */
export interface Sizable {
  readonly text: string;
  /** The tallest letters that its place allows. */
  readonly mostMm: number;
  /** Width of its ink over its letter height. */
  readonly widthPerHeight: number;
  /** A size of its own, chosen by hand. */
  readonly own: OwnSize | null;
  /** Out of the set: a stop keeps it from levelling the others, and so does a size of its own. */
  readonly isOut: boolean;
}

/** What one text costs the others of its set. */
export interface TextCost {
  readonly text: string;
  readonly mostMm: number;
  /** What the others could be without it alone. */
  readonly withoutItMm: number;
  /** What they could be without it and all that are smaller still. */
  readonly withoutTheseMm: number;
}

/** How tall a set comes out, and what holds it there. */
export interface SetSize {
  /** The common height of a level set; the ceiling of a banded one. */
  readonly letterMm: number;
  /** The text that keeps the set down; null when the height was chosen by hand. */
  readonly heldBackBy: string | null;
  /** How tall the set could be without that text; null when it is the only text. */
  readonly withoutItMm: number | null;
  /** Every text that holds the others back, worst first: without the first `k` of them the set grows to `withoutTheseMm`. */
  readonly costs: readonly TextCost[];
}

/** What holds a group together; null where every text has its own size (fill, own), and for a set without members. */
export function setSize(rule: OneSizeRule, members: readonly Sizable[]): SetSize | null {
  switch (rule.kind) {
    case 'fill':
    case 'own':
      return null;
    case 'level':
      return rule.heightMm === null
        ? commonSize(members, 1)
        : { letterMm: rule.heightMm, heldBackBy: null, withoutItMm: null, costs: [] };
    case 'banded':
      return commonSize(members, rule.ratio);
    default:
      return assertNever(rule);
  }
}

/** The smallest text decides: a level set is as tall as it, a banded one at most `ratio` times as tall. */
function commonSize(members: readonly Sizable[], ratio: number): SetSize | null {
  const byText = new Map<string, number>();
  for (const { text, mostMm, isOut } of members) {
    if (!isOut) byText.set(text, Math.min(mostMm, byText.get(text) ?? Infinity));
  }
  const rising = [...byText].sort(([, a], [, b]) => a - b);
  const least = rising[0];
  if (!least) return null;
  const tallest = rising.at(-1)![1];
  const heightFrom = (index: number) => Math.min(ratio * rising[index]![1], tallest);
  const costs: TextCost[] = [];
  for (let i = 0; i + 1 < rising.length && heightFrom(i) < tallest; i++) {
    const [text, mostMm] = rising[i]!;
    costs.push({
      text,
      mostMm,
      withoutItMm: i === 0 ? heightFrom(1) : heightFrom(0),
      withoutTheseMm: heightFrom(i + 1),
    });
  }
  return {
    letterMm: ratio * least[1],
    heldBackBy: least[0],
    withoutItMm: rising.length > 1 ? heightFrom(1) : null,
    costs,
  };
}

/** The letter height of one text under its rule, and what it was asked for where its place holds less. */
export interface SizedText {
  readonly letterMm: number;
  /** The set, or a choice by hand, keeps it below what its place allows. */
  readonly isHeld: boolean;
  /** The size chosen by hand that the place does not hold. */
  readonly missed: OwnSize | null;
  /** Its place has no spot at the size that it should have, and one at a smaller. */
  readonly isBetween?: boolean;
}

export function sizeText({ mostMm, widthPerHeight, own }: Sizable, rule: OneSizeRule, set: SetSize | null): SizedText {
  const size = own ?? (rule.kind === 'own' ? rule.size : null);
  if (size) {
    const wanted = size.by === 'height' ? size.mm : widthPerHeight > 0 ? size.mm / widthPerHeight : 0;
    return {
      letterMm: Math.min(mostMm, wanted),
      isHeld: wanted < mostMm,
      missed: wanted > mostMm + 1e-9 ? size : null,
    };
  }
  if (!set || set.letterMm >= mostMm) return { letterMm: mostMm, isHeld: false, missed: null };
  return { letterMm: set.letterMm, isHeld: true, missed: null };
}
