import * as hb from 'harfbuzzjs';
import { type Outcome, fail, ok } from '../outcome';
import { type FaceAlternate, alternatesOf } from './alternates';
import { type GlyphDrawer, glyphDrawer } from './glyph-drawer';
import { type PairKerning, kerningPairs } from './kern-table';
import { type Shaping, type ShapedText, shapeText } from './shaper';
import { type DirectoryProblem, tableDirectory } from './table-directory';

export type { PartFeature, ShapedGlyph, ShapedText } from './shaper';

/** What is asked besides the features of a whole text. */
export type AlsoAsked = Pick<Shaping, 'partFeatures' | 'runsLeft'>;

/** A font file ready for use. Heights are measured on the drawn letters, since several files state them wrongly. */
export interface Face {
  readonly unitsPerEm: number;
  /** Height of H above the baseline, in em. */
  readonly capHeightEm: number;
  /** Height of x above the baseline, in em. */
  readonly xHeightEm: number;
  /** Its file is not here: it has no letter at all. */
  readonly isAbsent?: true;
  /** Characters that it has no glyph for, or none that can be drawn, get glyph 0. */
  shape(text: string, features: readonly string[], trackingEm: number, also?: AlsoAsked): ShapedText;
  /** Sets of other letters that it offers. */
  readonly alternates: readonly FaceAlternate[];
  /** Closed rings of one glyph, curves flattened: font units, y up, `x, y, …`. Cached; do not change them. */
  glyphRings(glyphId: number): readonly Float64Array[];
}

export type FaceProblem =
  | DirectoryProblem
  /** The file opens, but a letter that every size is measured by has no outline. */
  | { readonly kind: 'letterWithoutOutline'; readonly letter: string };

/** Where the axes of a variable face are set, by tag; what is not named stands as its maker left it. */
type Axes = Readonly<Record<string, number>>;

/**
 * Opens a TTF or OTF. The engine refuses nothing and would answer empty outlines for a broken file, so where its tables lie
 * and the outlines of H and x are looked at here.
 */
export function loadFace(bytes: Uint8Array, axes: Axes = {}): Outcome<Face, FaceProblem> {
  const tables = tableDirectory(bytes);
  if (!tables.ok) return tables;
  const face = new hb.Face(new hb.Blob(bytes));
  const font = new hb.Font(face);
  const set = Object.entries(axes).map(([tag, value]) => new hb.Variation(tag, value));
  if (set.length > 0) font.setVariations(set);
  const unitsPerEm = face.upem;
  const draw = glyphDrawer(font, unitsPerEm);
  const capHeight = topOf(draw(font.nominalGlyph(0x48) ?? 0));
  if (capHeight === null) return fail({ kind: 'letterWithoutOutline', letter: 'H' });
  const xHeight = topOf(draw(font.nominalGlyph(0x78) ?? 0));
  if (xHeight === null) return fail({ kind: 'letterWithoutOutline', letter: 'x' });

  const isKernedAnew = face.getTableFeatureTags('GPOS').includes('kern');
  const pairs: PairKerning | null = isKernedAnew ? null : kerningPairs(bytes, tables.value.get('kern'));
  return ok({
    unitsPerEm,
    capHeightEm: capHeight / unitsPerEm,
    xHeightEm: xHeight / unitsPerEm,
    shape: (text, features, trackingEm, also) => {
      const shaping = { features, ...also, trackingUnits: trackingEm * unitsPerEm, pairs };
      return withoutUndrawn(shapeText(font, text, shaping), text, draw);
    },
    alternates: alternatesOf(face),
    glyphRings: (glyphId) => draw(glyphId) ?? [],
  });
}

/** Stands where the file of a face is not here: every character is missing, so that nothing is cut in another face instead. */
export const ABSENT_FACE: Face = {
  unitsPerEm: 1000,
  capHeightEm: 0.7,
  xHeightEm: 0.5,
  isAbsent: true,
  shape: (text) => ({
    glyphs: [...text].map((_, i, all) => ({ glyphId: 0, cluster: all.slice(0, i).join('').length, x: 0, y: 0 })),
    advance: 0,
  }),
  alternates: [],
  glyphRings: () => [],
};

/** What shows where it is cut: a letter, a figure, a sign. */
const INKED = /[\p{L}\p{N}\p{P}\p{S}]/u;

/** A letter that a damaged file draws as nothing, or as what must not be drawn, is one that the face does not have. */
function withoutUndrawn(shaped: ShapedText, text: string, draw: GlyphDrawer): ShapedText {
  const inked = new Set<number>();
  for (const { glyphId, cluster } of shaped.glyphs) if ((draw(glyphId)?.length ?? 0) > 0) inked.add(cluster);
  const isDrawn = ({ glyphId, cluster }: ShapedText['glyphs'][number]) =>
    draw(glyphId) !== null && (inked.has(cluster) || !INKED.test(characterAt(text, cluster)));
  if (shaped.glyphs.every(isDrawn)) return shaped;
  return { ...shaped, glyphs: shaped.glyphs.map((glyph) => (isDrawn(glyph) ? glyph : { ...glyph, glyphId: 0 })) };
}

function characterAt(text: string, at: number): string {
  return String.fromCodePoint(text.codePointAt(at) ?? 0x20);
}

/** Highest y over all points; null without points or when nothing rises above the baseline. */
function topOf(rings: readonly Float64Array[] | null): number | null {
  let top = -Infinity;
  for (const ring of rings ?? []) {
    for (let i = 1; i < ring.length; i += 2) top = Math.max(top, ring[i]!);
  }
  return top > 0 && top < Infinity ? top : null;
}
