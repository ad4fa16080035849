import { type Outline, joinRings, outlineFromNumbers, outlineRings, outlineSha } from '../geometry';
import type { Motif } from '../shop';

/** Specks of a motif, in its frame of a million units of height. */
const LEAST_AREA = 600 ** 2;

const shapes = new WeakMap<Motif, readonly Outline[]>();

/** The outline of each part, in the motif's frame; whatever a file said, what rings wind round is material. */
export function motifShapes(motif: Motif): readonly Outline[] {
  const found =
    shapes.get(motif) ??
    motif.parts.map(({ outline }) => joinRings(outlineRings(outlineFromNumbers(outline)), LEAST_AREA));
  shapes.set(motif, found);
  return found;
}

const shas = new WeakMap<Motif, string>();

/** Equal for motifs that are drawn alike. */
export function motifSha(motif: Motif): string {
  const found = shas.get(motif) ?? outlineSha(JSON.stringify(motif.parts.map(({ outline }) => outline)));
  shas.set(motif, found);
  return found;
}
