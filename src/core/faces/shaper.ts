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

/** A feature that is asked for a part of a text, in UTF-16 units of it. */
export interface PartFeature {
  readonly feature: string;
  readonly start: number;
  readonly end: number;
}

/** How a text is to be shaped besides its face. */
export interface Shaping {
  readonly features: readonly string[];
  readonly partFeatures?: readonly PartFeature[] | undefined;
  /** Left out: as its letters tell. */
  readonly runsLeft?: boolean | undefined;
  /** Added after every glyph that moves the pen, in font units, so that combining marks stay on their letters. */
  readonly trackingUnits: number;
  /** Pairs that the engine knows nothing of; null: it knows all. */
  readonly pairs: PairKerning | null;
}

/** Text of one direction to positioned glyphs, from left to right as they are seen. Glyph 0 marks a character that the face does not have. */
export function shapeText(font: hb.Font, text: string, shaping: Shaping): ShapedText {
  const { features, partFeatures = [], runsLeft, trackingUnits, pairs } = shaping;
  buffer.clearContents();
  buffer.addText(text);
  buffer.guessSegmentProperties();
  if (runsLeft !== undefined) buffer.setDirection(runsLeft ? hb.Direction.RTL : hb.Direction.LTR);
  hb.shape(font, buffer, [
    ...features.flatMap((name) => hb.Feature.fromString(name) ?? []),
    ...partFeatures.flatMap(({ feature, start, end }) => partFeature(feature, start, end) ?? []),
  ]);
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

/** Its fields are kept: a range from 0 has no spelling of its own. */
function partFeature(name: string, start: number, end: number): hb.Feature | null {
  const asked = hb.Feature.fromString(name);
  return asked ? new hb.Feature(asked.tag, asked.value, start, end) : null;
}
