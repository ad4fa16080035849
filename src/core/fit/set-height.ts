import { assertNever } from '../outcome';
import type { SizeRule } from '../run';

/** What a size rule needs to know of one fit. */
export interface Sizable {
  readonly text: string;
  /** The tallest capitals that its place allows. */
  readonly mostCapMm: number;
  /** Out of the set: a stop finding keeps it from levelling the others. */
  readonly isOut: boolean;
}

/** How tall a level set comes out, and what one text costs the others. */
export interface SetHeight {
  readonly capHeightMm: number;
  /** The text that keeps the set down; null when the height was chosen by hand. */
  readonly heldBackBy: string | null;
  /** How tall the set could be without that text; null when it is the only text. */
  readonly withoutItMm: number | null;
}

/** The common cap height of a group; null under *fill*, where there is none, and for a set without members. */
export function setHeight(rule: SizeRule, members: readonly Sizable[]): SetHeight | null {
  switch (rule.kind) {
    case 'fill':
      return null;
    case 'level':
      return rule.heightMm === null ? tallestCommon(members) : chosen(rule.heightMm);
    default:
      return assertNever(rule);
  }
}

function chosen(capHeightMm: number): SetHeight {
  return { capHeightMm, heldBackBy: null, withoutItMm: null };
}

function tallestCommon(members: readonly Sizable[]): SetHeight | null {
  const inSet = members.filter(({ isOut }) => !isOut);
  const least = leastOf(inSet);
  if (!least) return null;
  const next = leastOf(inSet.filter(({ text }) => text !== least.text));
  return { capHeightMm: least.mostCapMm, heldBackBy: least.text, withoutItMm: next?.mostCapMm ?? null };
}

function leastOf(members: readonly Sizable[]): Sizable | null {
  let least: Sizable | null = null;
  for (const member of members) if (!least || member.mostCapMm < least.mostCapMm) least = member;
  return least;
}
