import { EM_UNITS } from '../faces';
import { type Box, EMPTY_OUTLINE, type Outline, boxOfRings, mapOutline, outlineRings } from '../geometry';
import type { ArtJob } from './art-job';
import { type FaceOf, type MissingCharacter, layLine, movedRing } from './lay-line';
import { makerOf } from './makers';

/** One layer drawn, not yet sized: millionths of an em, y down, baseline of the first line at y = 0, pen start at x = 0. */
export interface LayerArt {
  readonly outline: Outline;
  /** Around the drawn ink, never around advances. Null when there is no ink. */
  readonly inkBox: Box | null;
}

/** A text drawn in all its layers, all in one frame. */
export interface Artwork extends LayerArt {
  /** Bottom up, as many as its lettering has, also those without ink. `outline` is the ink of all of them. */
  readonly layers: readonly LayerArt[];
  readonly capHeightEm: number;
  readonly xHeightEm: number;
  /** Baseline of the last line, below that of the first. */
  readonly lastBaselineEm: number;
  /** Characters without a glyph in their face, each once a run. They are left out of the outline. */
  readonly missing: readonly (MissingCharacter & { readonly line: number })[];
}

/** From baseline to baseline. */
const LINE_PITCH_EM = 1.2;

/** Sets lines one below the other with their ink centred, and makes each layer of it. */
export function drawArtwork(job: ArtJob, faceOf: FaceOf): Artwork {
  const { capHeightEm, xHeightEm } = faceOf(job.leadFace);
  const laid = job.lines.map((line) => ({ line, ...layLine(line, faceOf) }));
  const letters = new Map<string, Int32Array[]>();
  laid.forEach(({ line, glyphs }, i) => {
    const [dx, dy] =
      laid.length === 1
        ? [0, 0]
        : shiftOf(
            glyphs.flatMap(({ rings }) => rings),
            i,
          );
    for (const { run, rings } of glyphs) {
      const { colourSlot } = line.runs[run]!;
      const own = letters.get(colourSlot) ?? [];
      for (const ring of rings) own.push(dx === 0 && dy === 0 ? ring : movedRing(ring, dx, dy));
      letters.set(colourSlot, own);
    }
  });
  const layers = job.layers.map((layer) => layerArt(makerOf(layer.make).make(layer, letters), job.widthShare));
  return {
    ...allInk(layers),
    layers,
    capHeightEm,
    xHeightEm,
    lastBaselineEm: Math.max(0, job.lines.length - 1) * LINE_PITCH_EM,
    missing: laid.flatMap(({ line, missing }) => eachOnce(missing).map((one) => ({ ...one, line: line.no }))),
  };
}

function shiftOf(rings: readonly Int32Array[], lineIndex: number): readonly [number, number] {
  const box = boxOfRings(rings);
  const middle = box ? Math.round((box.minX + box.maxX) / 2) : 0;
  return [-middle, Math.round(lineIndex * LINE_PITCH_EM * EM_UNITS)];
}

/** Drawn narrower or wider by a share; heights stay, strokes across change with the width. */
function layerArt(drawn: Outline, widthShare: number): LayerArt {
  const outline = widthShare === 1 ? drawn : mapOutline(drawn, widthShare, 1, 0, 0);
  return { outline, inkBox: boxOfRings(outlineRings(outline)) };
}

/** The layers lie over each other: together they are what has to stay in its place. */
function allInk(layers: readonly LayerArt[]): LayerArt {
  const inked = layers.filter(({ inkBox }) => inkBox !== null);
  if (inked.length <= 1) return inked.at(0) ?? { outline: EMPTY_OUTLINE, inkBox: null };
  const outline: Outline = { islands: inked.flatMap((layer) => layer.outline.islands) };
  return { outline, inkBox: boxOfRings(outlineRings(outline)) };
}

function eachOnce(missing: readonly MissingCharacter[]): MissingCharacter[] {
  const seen = new Set<string>();
  return missing.filter(({ character, run }) => {
    const key = `${run} ${character}`;
    return !seen.has(key) && seen.add(key);
  });
}
