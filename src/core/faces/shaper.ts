import * as hb from 'harfbuzzjs';
import type { PairKerning } from './kern-table';

/**
 * One buffer for all shaping, emptied between texts: the engine's memory is not collected, and a buffer per text
 * would leak. Safe because shaping never waits in the middle.
 */
const buffer = new hb.Buffer();

export const SHAPING_VERSION = hb.versionString();

export interface ShapedGlyph {
  readonly glyphId: number;
  /** Index into the text of the first UTF-16 unit that this glyph stands for. */
  readonly cluster: number;
  /** Pen position plus offset, in font units, y up. */
  readonly x: number;
  readonly y: number;
}

export interface ShapedText {
  readonly glyphs: readonly ShapedGlyph[];
  /** How far the pen has moved, in font units. */
  readonly advance: number;
}

/** How a text is to be shaped besides its face. */
export interface Shaping {
  readonly features: readonly string[];
  /** Added after every glyph that moves the pen, in font units, so that combining marks stay on their letters. */
  readonly trackingUnits: number;
  /** Pairs that the engine knows nothing of; null: it knows all. */
  readonly pairs: PairKerning | null;
}

/** Left-to-right text to positioned glyphs. Glyph 0 marks a character that the face does not have. */
export function shapeText(font: hb.Font, text: string, { features, trackingUnits, pairs }: Shaping): ShapedText {
  buffer.clearContents();
  buffer.addText(text);
  buffer.guessSegmentProperties();
  hb.shape(
    font,
    buffer,
    features.flatMap((name) => hb.Feature.fromString(name) ?? []),
  );
  const infos = buffer.getGlyphInfos();
  const kerned = features.includes('-kern') ? null : pairs;
  let penX = 0;
  let before: number | null = null;
  const glyphs = buffer.getGlyphPositions().map((position, i) => {
    const info = infos[i]!;
    // A mark stands on its letter, and parts it from none.
    if (position.xAdvance !== 0) {
      if (kerned && before !== null) penX += kerned(before, info.codepoint);
      before = info.codepoint;
    }
    const glyph = {
      glyphId: info.codepoint,
      cluster: info.cluster,
      x: penX + position.xOffset,
      y: position.yOffset,
    };
    penX += position.xAdvance === 0 ? 0 : position.xAdvance + trackingUnits;
    return glyph;
  });
  return { glyphs, advance: penX };
}
