import { levelsIn } from './levels';
import { inOrderSeen } from './order-seen';

/** A stretch of a line that runs one way. */
export interface Directed {
  /** In UTF-16 units of the line. */
  readonly start: number;
  readonly end: number;
  readonly runsLeft: boolean;
}

/** Letters of scripts that run to the left, by their blocks. */
const LEFTWARD = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufefc\u{10800}-\u{10fff}\u{1e800}-\u{1efff}]/u;

/** Whether some of a text runs to the left. */
export function runsLeft(text: string): boolean {
  return LEFTWARD.test(text);
}

/**
 * The stretches of a line from left to right as they are seen, broken also where `breaks` say. A line without letters of a script
 * that runs to the left is in the order in which it is typed.
 */
export function directedParts(text: string, breaks: readonly number[] = []): Directed[] {
  const starts = new Set(breaks);
  const levels = runsLeft(text) ? levelsIn(text, 'auto') : new Uint8Array(text.length);
  const parts: { start: number; end: number; level: number }[] = [];
  for (let i = 0; i < text.length; i++) {
    const level = levels[i]!;
    const last = parts.at(-1);
    if (last && last.level === level && !starts.has(i)) last.end = i + 1;
    else parts.push({ start: i, end: i + 1, level });
  }
  const seen = inOrderSeen(
    parts,
    parts.map(({ level }) => level),
  );
  return seen.map(({ start, end, level }) => ({ start, end, runsLeft: level % 2 === 1 }));
}
