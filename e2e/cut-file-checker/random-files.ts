import { writeSvg } from '@/core/cutfile';
import { artCache } from '@/core/artwork';
import { freezePass } from '@/core/freeze';
import { outlineFromNumbers } from '@/core/geometry';
import { BRASS_SCRIPT_SHA, STAND_BLOCK_SHA, faceFilePath } from '@/core/shop';
import { changeMaterial } from '@/core/edit';
import { planPasses } from '@/core/sheets';
import { aHead, aRun, piecesOfRun, seededBytes, shippedFaces, withPlace } from '@/core/test';
import { checkCutFile } from './check-cut-file';
import { randomNames } from './random-names';

export const CLEARANCES = { spacingMm: 6, edgeMm: 5 };
const PLACE = { placeWidthMm: 180, placeHeightMm: 52 };

export const CHECKED_LETTERINGS = [
  { letteringId: 'brass-script', sha: BRASS_SCRIPT_SHA },
  { letteringId: 'stand-block', sha: STAND_BLOCK_SHA },
];

let cache: ReturnType<typeof artCache> | null = null;

/** Every pass of a run of these names, as files. */
export function cutFilesOf(texts: readonly string[], letteringId: string, materialId: string): string[] {
  cache ??= artCache(shippedFaces());
  const placed = withPlace(aRun(texts), PLACE.placeWidthMm, PLACE.placeHeightMm, letteringId);
  const spec = changeMaterial(placed, null, materialId);
  const wanted = piecesOfRun(spec, cache).map((piece) => ({ piece, attempt: 1 }));
  return planPasses(spec, wanted).passes.map((planned, i) => {
    const { pass, outlines } = freezePass(planned, { ...aHead(spec), no: i + 1 }, seededBytes());
    return writeSvg(pass, (sha) => outlineFromNumbers(JSON.parse(outlines[sha]!)));
  });
}

/** What the checker finds wrong with the cut files of random names. */
export function faultsOfRandomNames(
  { letteringId, sha }: (typeof CHECKED_LETTERINGS)[number],
  count: number,
  seed: number,
): { readonly numPieces: number; readonly faults: readonly string[] } {
  const files = cutFilesOf(randomNames(count, seed), letteringId, 'film-gold');
  const expected = { faceFile: `public${faceFilePath(sha)}`, isReversed: true, ...PLACE };
  return {
    numPieces: files.reduce((sum, svg) => sum + (svg.match(/<g /g) ?? []).length, 0),
    faults: files.flatMap((svg) => checkCutFile(svg, () => expected, CLEARANCES)),
  };
}
