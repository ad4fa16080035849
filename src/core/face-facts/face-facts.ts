import { type FaceOf, drawArtwork, isJoinedFace, nearestLetters, unevenFigures } from '../artwork';
import { measureLayer } from '../checks';
import { EM_UNITS } from '../faces';
import type { FaceFacts, FaceRequest } from '../suits';

/** So far strokes are looked for, of the letters' height: half of it is no stroke any more. */
const STROKES_TO = 0.25;

/** Draws and measures: some 10 ms a text. */
export function faceFacts({ face: key, texts, letterHeightMm, finest }: FaceRequest, faceOf: FaceOf): FaceFacts {
  const face = faceOf(key);
  const emMm = letterHeightMm / face.capHeightEm;
  const drawn = texts.map((text) => {
    const run = { text, colourSlot: 'main', face: key, trackingEm: 0, features: [], isTall: false };
    const line = { no: 0, runs: [run] };
    const layers = [{ colourSlot: 'main', make: { kind: 'text' as const } }];
    return { text, line, artwork: drawArtwork({ leadFace: key, lines: [line], layers, widthShare: 1 }, faceOf) };
  });
  const widely = { ...finest, strokeMm: letterHeightMm * STROKES_TO };
  const measured = drawn.map(({ artwork }) => measureLayer(artwork, 0, emMm, widely));
  const isJoined = isJoinedFace(face);
  const near = isJoined ? [] : drawn.flatMap(({ line }) => nearestLetters(line, faceOf) ?? []);
  const uneven = drawn.flatMap(({ text }) => {
    const { low, hanging } = unevenFigures(face, text, []);
    return [...low, ...hanging];
  });
  const islands = drawn.flatMap(({ artwork }) => artwork.outline.islands);
  return {
    face: key,
    capHeightEm: face.capHeightEm,
    isAbsent: face.isAbsent === true,
    missing: [...new Set(drawn.flatMap(({ artwork }) => artwork.missing.map(({ character }) => character)))],
    isJoined,
    strokeMm: least(measured.map(({ stroke }) => stroke?.widthMm ?? null)),
    holeMm: least(measured.map(({ hole }) => hole?.widthMm ?? null)),
    nearMm: least(near.map(({ gap }) => (gap * emMm) / EM_UNITS)),
    numToWeed: islands.reduce((sum, { holes }) => sum + 1 + holes.length, 0),
    widestMm:
      Math.max(0, ...drawn.map(({ artwork: { inkBox } }) => (inkBox ? inkBox.maxX - inkBox.minX : 0))) *
      (emMm / EM_UNITS),
    unevenFigures: [...new Set(uneven)].toSorted(),
  };
}

function least(values: readonly (number | null)[]): number | null {
  const found = values.filter((value) => value !== null);
  return found.length === 0 ? null : Math.min(...found);
}
