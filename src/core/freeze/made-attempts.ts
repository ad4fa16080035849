import { type MadePass, placedIn } from './made-pass';

/** One cutting of one piece, as a key. */
export function attemptKey(pieceId: string, attempt: number): string {
  return `${pieceId}#${attempt}`;
}

const known = new WeakMap<readonly MadePass[], ReadonlyMap<string, number>>();

/** Which cuttings lie in made passes, with the pass's number. Of two passes with the same cutting the later counts. */
export function madeAttempts(passes: readonly MadePass[]): ReadonlyMap<string, number> {
  const kept = known.get(passes);
  if (kept) return kept;
  const made = new Map<string, number>();
  for (const pass of passes) {
    for (const { placed } of placedIn(pass)) made.set(attemptKey(placed.pieceId, placed.attempt), pass.no);
  }
  known.set(passes, made);
  return made;
}
