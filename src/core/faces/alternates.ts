import type * as hb from 'harfbuzzjs';
import type { ShapedText } from './shaper';

/** Other letters that a face has for some of its own, by the feature that asks for them. */
export interface FaceAlternate {
  readonly feature: string;
  /** As its maker calls it; null where the file says nothing. */
  readonly name: string | null;
}

/** What is chosen by eye. What a script needs, or is on in any case, is not among it. */
const CHOSEN = /^(ss(0[1-9]|1\d|20)|cv\d\d|salt|swsh|cswh|titl|hist|dlig|lnum|onum|smcp|c2sc|unic|zero)$/;
const MOST_ALTERNATES = 60;
const MOST_NAME = 60;

/** Every set of other letters that the file offers, each once, in the order of their features. */
export function alternatesOf(face: hb.Face): readonly FaceAlternate[] {
  const found = new Map<string, string | null>();
  for (const [index, feature] of face.getTableFeatureTags('GSUB').entries()) {
    if (!CHOSEN.test(feature) || found.get(feature)) continue;
    found.set(feature, nameOf(face, index));
  }
  return [...found]
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .slice(0, MOST_ALTERNATES)
    .map(([feature, name]) => ({ feature, name }));
}

function nameOf(face: hb.Face, index: number): string | null {
  const id = face.getFeatureNameIds('GSUB', index)?.uiLabelNameId;
  const name = id === undefined ? '' : face.getName(id, 'en').replaceAll(/\p{C}/gu, '').trim();
  return name === '' ? null : name.slice(0, MOST_NAME);
}

/** Whether two shapings would be cut otherwise. */
export function isOtherwise(a: ShapedText, b: ShapedText): boolean {
  if (a.glyphs.length !== b.glyphs.length) return true;
  return a.glyphs.some(({ glyphId }, i) => glyphId !== b.glyphs[i]!.glyphId);
}
