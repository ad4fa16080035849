import type { Aside } from '../place';
import { lettersApart } from '../resolve';
import { type Box, EMPTY_OUTLINE, type Outline, boxOfRings, joinRings, outlineRings } from '../geometry';
import type { ArtJob } from './art-job';
import type { FaceOf } from './lay-line';
import type { BorderFacts } from './border-facts';
import { LEAST_AREA, type MadeLayer, type MadeLine } from './letters';
import { asideMm, coversLetters, keepsMillimetres, makeLayer, makeRoom, reachMm } from './makers';
import { type SetLetters, type TextFacts, setLetters } from './set-letters';

/** One layer drawn, not yet sized: millionths of an em, y down, baseline of the first line at y = 0, pen start at x = 0. */
export interface LayerArt {
  readonly outline: Outline;
  /** Around the drawn ink, never around advances. Null when there is no ink. */
  readonly inkBox: Box | null;
  /** Of a border: what it does to its letters. */
  readonly border?: BorderFacts;
  /** What else a machine does on it; left out: nothing. */
  readonly lines?: readonly MadeLine[];
  /** Letters that are pieces of their own, in the order of `lettersApart`; left out: they are one. */
  readonly parts?: readonly Outline[];
}

/** A text drawn in all its layers, all in one frame. */
export interface Artwork extends LayerArt, TextFacts {
  /** Bottom up, as many as its lettering has, also those without ink. `outline` is the ink of all of them. */
  readonly layers: readonly LayerArt[];
  /** How far layers that keep millimetres reach beyond the others. Until the size is known they have no ink. */
  readonly beyondMm: number;
  /** How much farther than that they reach to the left and above. */
  readonly aside: Aside;
  /** The same with all of its layers, as they are at a size; itself where all of them grow with the letters. */
  readonly at: (emMm: number) => Artwork;
}

/** Makes each layer of a text. */
export function drawArtwork(job: ArtJob, faceOf: FaceOf, set: SetLetters = setLetters(job, faceOf)): Artwork {
  const drawn: Drawn = { ...set, job };
  return artworkOf(drawn, madeLayers(drawn, 0, null));
}

interface Drawn extends SetLetters {
  readonly job: ArtJob;
}

const NO_INK: LayerArt = { outline: EMPTY_OUTLINE, inkBox: null };

/** Sizes that are asked for: as it is, and where it would pass. */
const MOST_SIZES = 4;

function artworkOf(drawn: Drawn, layers: readonly LayerArt[]): Artwork {
  const { job, letters: _, ...told } = drawn;
  const isScaling = !job.layers.some(keepsMillimetres);
  const sized = new Map<number, Artwork>();
  const at = (emMm: number): Artwork => {
    const found = sized.get(emMm);
    if (found) return found;
    if (sized.size >= MOST_SIZES) sized.clear();
    const whole = emMm > 0 ? madeLayers(drawn, emMm, layers) : layers;
    const artwork: Artwork = { ...artworkOf(drawn, whole), at };
    sized.set(emMm, artwork);
    return artwork;
  };
  const artwork: Artwork = {
    ...allInk(job, layers),
    layers,
    ...told,
    beyondMm: Math.max(0, ...job.layers.map(({ make }) => reachMm(make))),
    aside: {
      leftMm: Math.max(0, ...job.layers.map(({ make }) => asideMm(make).leftMm)),
      topMm: Math.max(0, ...job.layers.map(({ make }) => asideMm(make).topMm)),
    },
    at: (emMm) => (isScaling ? artwork : at(emMm)),
  };
  return artwork;
}

/** From the top down, since what lies above may be taken out of what lies below. `known`: those that are the same at every size. */
function madeLayers({ job, letters }: Drawn, emMm: number, known: readonly LayerArt[] | null): readonly LayerArt[] {
  const made: LayerArt[] = [];
  job.layers.forEach((_, k) => {
    const i = job.layers.length - 1 - k;
    const layer = job.layers[i]!;
    const same = keepsMillimetres(layer) ? undefined : known?.[i];
    made.unshift(
      same ??
        layerArt(
          makeRoom(
            makeLayer(layer, letters, { emMm, apart: lettersApart(job, layer) }),
            made.map(({ outline }) => outline),
            layer.under,
            emMm,
          ),
        ),
    );
  });
  return made;
}

function layerArt(made: MadeLayer): LayerArt {
  return { ...made, inkBox: boxOfRings(outlineRings(made.outline)) };
}

/**
 * The layers lie over each other: together they are what has to stay in its place. What covers its letters stands for them, and the
 * widest border for those within it.
 */
function allInk({ layers: wanted }: ArtJob, layers: readonly LayerArt[]): LayerArt {
  const inked = layers.flatMap((art, i) => (art.inkBox ? [{ art, layer: wanted[i]! }] : []));
  const isCovered = inked.some(({ layer }) => coversLetters(layer));
  const widestEm = Math.max(
    ...inked.map(({ art, layer }) => (coversLetters(layer) ? (art.border?.reachEm ?? -1) : -1)),
  );
  const [first, ...others] = inked.filter(({ art, layer: { make } }) => {
    if (make.kind === 'text' || make.kind === 'inside' || make.kind === 'motif') return !isCovered;
    return art.border ? art.border.reachEm >= widestEm : true;
  });
  if (!first) return NO_INK;
  if (others.length === 0) return first.art;
  const all: Outline = { islands: [first, ...others].flatMap(({ art }) => art.outline.islands) };
  // Colours of letters lie beside each other; all else over each other.
  const isApart = inked.every(({ layer }) => layer.make.kind === 'text');
  const outline = isApart ? all : joinRings(outlineRings(all), LEAST_AREA);
  return { outline, inkBox: boxOfRings(outlineRings(outline)) };
}
