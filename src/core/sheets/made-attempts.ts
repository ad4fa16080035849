import type { MadePass } from './made-pass';

/** One cutting of one piece, as a key. */
export function attemptKey(pieceId: string, attempt: number): string {
  return `${pieceId}#${attempt}`;
}

/** Which cuttings lie in made passes, with the pass's number. Of two passes with the same cutting the later counts. */
export function madeAttempts(passes: readonly MadePass[]): ReadonlyMap<string, number> {
  const made = new Map<string, number>();
  for (const { no, patches } of passes) {
    for (const { pieceId, attempt } of patches.flatMap(({ placed }) => placed)) {
      made.set(attemptKey(pieceId, attempt), no);
    }
  }
  return made;
}
