import { ABSENT_FACE, type Face, loadFace } from '@/core/faces';
import { placedLetters } from '@/core/artwork';
import { readFaceFile } from '@/services/face-file/read-face-file';
import type { GoodFace } from './spoilt-faces';

/** What became of a font file: why it was refused, or what it draws. */
export type Tried =
  | { readonly kind: 'refused'; readonly why: string }
  /** Letters by what they are drawn as; of a character that it does not have nothing is in it. */
  | { readonly kind: 'taken'; readonly drawn: ReadonlyMap<string, string> };

const TEXT = 'HxnÅgQuil1927&';

/** Reads a file as the shop does, and draws letters of what was taken as a run would. */
export async function tryFace({ name, bytes }: GoodFace): Promise<Tried> {
  const read = await readFaceFile(bytes, name);
  if (!read.ok) return { kind: 'refused', why: read.problem.kind };
  const face = loadFace(read.value.bytes);
  return { kind: 'taken', drawn: drawnBy(face.ok ? face.value : ABSENT_FACE) };
}

/** Numbers that are none, or beyond four em, are an error. */
function drawnBy(face: Face): ReadonlyMap<string, string> {
  const drawn = new Map<string, string>();
  const most = 4 * 1_000_000 * 2;
  for (const text of TEXT) {
    const run = { text, colourSlot: '', face: '', trackingEm: 0, features: [], isTall: false };
    for (const { character, rings } of placedLetters({ no: 0, runs: [run] }, () => face)) {
      const numbers = rings.flatMap((ring) => [...ring]);
      if (numbers.some((value) => Math.abs(value) > most)) throw new Error(`${character} leaves every bound`);
      if (numbers.length > 0) drawn.set(character, numbers.join(' '));
    }
  }
  return drawn;
}

/** Letters that a spoilt file draws otherwise than the good one; those that it lacks count as none. */
export function drawnOtherwise(spoilt: ReadonlyMap<string, string>, good: ReadonlyMap<string, string>): string[] {
  return [...spoilt].flatMap(([character, outline]) => (good.get(character) === outline ? [] : [character]));
}
