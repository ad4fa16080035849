import * as hb from 'harfbuzzjs';
import { type Outcome, fail, ok } from '../outcome';
import { glyphDrawer } from './glyph-drawer';
import { type ShapedText, shapeText } from './shaper';

export type { ShapedGlyph, ShapedText } from './shaper';

/** A font file ready for use. Heights are measured on the drawn letters, since several files state them wrongly. */
export interface Face {
  readonly unitsPerEm: number;
  /** Height of H above the baseline, in em. */
  readonly capHeightEm: number;
  /** Height of x above the baseline, in em. */
  readonly xHeightEm: number;
  shape(text: string, features: readonly string[], trackingEm: number): ShapedText;
  /** Closed rings of one glyph, curves flattened: font units, y up, `x, y, …`. Cached; do not change them. */
  glyphRings(glyphId: number): readonly Float64Array[];
}

export type FaceProblem =
  | { readonly kind: 'notAFont' }
  /** The file opens, but a letter that every size is measured by has no outline. */
  | { readonly kind: 'letterWithoutOutline'; readonly letter: string };

const TRUETYPE = 0x00010000;
const OPENTYPE = 0x4f54544f;

/**
 * Opens a TTF or OTF. The engine refuses nothing and would answer empty outlines for a broken file, so the signature
 * and the outlines of H and x are looked at here.
 */
export function loadFace(bytes: Uint8Array): Outcome<Face, FaceProblem> {
  if (bytes.byteLength < 12) return fail({ kind: 'notAFont' });
  const signature = new DataView(bytes.buffer, bytes.byteOffset).getUint32(0);
  if (signature !== TRUETYPE && signature !== OPENTYPE) return fail({ kind: 'notAFont' });

  const face = new hb.Face(new hb.Blob(bytes));
  const font = new hb.Font(face);
  const unitsPerEm = face.upem;
  const glyphRings = glyphDrawer(font, unitsPerEm);
  const capHeight = topOf(glyphRings(font.nominalGlyph(0x48) ?? 0));
  if (capHeight === null) return fail({ kind: 'letterWithoutOutline', letter: 'H' });
  const xHeight = topOf(glyphRings(font.nominalGlyph(0x78) ?? 0));
  if (xHeight === null) return fail({ kind: 'letterWithoutOutline', letter: 'x' });

  return ok({
    unitsPerEm,
    capHeightEm: capHeight / unitsPerEm,
    xHeightEm: xHeight / unitsPerEm,
    shape: (text, features, trackingEm) => shapeText(font, text, features, trackingEm * unitsPerEm),
    glyphRings,
  });
}

/** Highest y over all points; null without points or when nothing rises above the baseline. */
function topOf(rings: readonly Float64Array[]): number | null {
  let top = -Infinity;
  for (const ring of rings) {
    for (let i = 1; i < ring.length; i += 2) top = Math.max(top, ring[i]!);
  }
  return top > 0 && top < Infinity ? top : null;
}
