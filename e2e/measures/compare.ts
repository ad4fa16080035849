import { EM_UNITS } from '@/core/faces';
import { measureLayer } from '@/core/checks';
import { presentOrThrow } from '@/core/outcome';
import { SHIPPED_FACES, kindFacts } from '@/core/shop';
import { anArtwork, shippedFaces } from '@/core/test';
import { randomNames } from '../cut-file-checker/random-names';
import { inverted, openingOf, rasterOf } from './raster-opening';

/** A program of its own, since pixels take their time: compares measures of random names with openings done by pixels. */
const { finest } = kindFacts('standardFilm');

/** Widths and runs of the two ways may differ by this much. */
const TOLERANCE = Number(process.argv[4] ?? 0.05);

/** Pixels to the width that is asked about. */
const COARSE_PIXELS = 36;
const FINE_PIXELS = 60;

/** Pixels flicker: an opening may part an island, leave it whole a little wider, and part it again. */
const ABOVE = [1, 0.7, 0.4];

export interface Comparison {
  readonly numNames: number;
  /** How many values were compared, and how many texts were found wide enough. */
  readonly seen: { readonly stroke: number; readonly gap: number; readonly none: number };
  readonly disagreements: readonly string[];
}

const least = (widthMm: number) => Math.max(0.8, 3 * widthMm);

function compare(names: readonly string[]): Comparison {
  const faceOf = shippedFaces();
  const seen = { stroke: 0, gap: 0, none: 0 };
  const disagreements: string[] = [];
  names.forEach((name, i) => {
    const { sha, name: faceName } = presentOrThrow(SHIPPED_FACES[i % SHIPPED_FACES.length], 'face');
    const face = faceOf(sha);
    const emMm = (8 + (i % 7) * 1.5) / face.capHeightEm;
    const artwork = anArtwork(sha, [name]);
    const measures = measureLayer(artwork, 0, emMm, finest);
    for (const [kind, limitMm] of [
      ['stroke', finest.strokeMm],
      ['gap', finest.gapMm],
    ] as const) {
      const widthMm = measures[kind]?.widthMm ?? null;
      seen[widthMm === null ? 'none' : kind]++;
      const ask = (pixelsToWidth: number): string | null => {
        const pixelMm = (widthMm ?? limitMm) / pixelsToWidth;
        const raster = rasterOf(artwork.outline, emMm / EM_UNITS, pixelMm, 2);
        const isBroken = openingOf(kind === 'stroke' ? raster : inverted(raster), kind === 'gap');
        if (widthMm === null) return isBroken(limitMm, least(limitMm) * (1 + TOLERANCE)) ? 'broken by pixels' : null;
        const below = widthMm * (1 - TOLERANCE);
        const above = ABOVE.map((share) => widthMm * (1 + share * TOLERANCE));
        if (!above.some((width) => isBroken(width, least(width) * (1 - TOLERANCE)))) return 'wider by pixels';
        return isBroken(below, least(below) * (1 + TOLERANCE)) ? 'narrower by pixels' : null;
      };
      // Half a pixel on either edge is most of the tolerance: where the two differ, finer pixels are asked again.
      const difference = ask(COARSE_PIXELS) && ask(FINE_PIXELS);
      const told = `${name}, ${faceName}, em ${emMm.toFixed(1)} mm: ${kind} ${widthMm?.toFixed(3) ?? 'wide'}`;
      if (difference) disagreements.push(`${told}, ${difference}`);
    }
  });
  return { numNames: names.length, seen, disagreements };
}

/** One short word each: a raster of a long name costs seconds. */
function shortNames(count: number, seed: number): string[] {
  return randomNames(count * 30, seed)
    .map((name) => name.split(/[ -]/)[0] ?? name)
    .filter((name) => name.length <= 4)
    .slice(0, count);
}

const [count = '50', seed = '20261125'] = process.argv.slice(2);
process.stdout.write(`${JSON.stringify(compare(shortNames(Number(count), Number(seed))))}\n`);
