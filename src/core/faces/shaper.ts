import * as hb from 'harfbuzzjs';

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

/**
 * Left-to-right text to positioned glyphs. `trackingUnits` (font units) is added after every glyph that moves the pen,
 * so that combining marks stay on their letters. Glyph 0 marks a character that the face does not have.
 */
export function shapeText(font: hb.Font, text: string, features: readonly string[], trackingUnits: number): ShapedText {
  buffer.clearContents();
  buffer.addText(text);
  buffer.guessSegmentProperties();
  hb.shape(
    font,
    buffer,
    features.flatMap((name) => hb.Feature.fromString(name) ?? []),
  );
  const infos = buffer.getGlyphInfos();
  let penX = 0;
  const glyphs = buffer.getGlyphPositions().map((position, i) => {
    const info = infos[i]!;
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
