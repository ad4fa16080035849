import { readFileSync, readdirSync } from 'node:fs';
import { writeSvg } from '@/core/cutfile';
import { fitRun, textCache } from '@/core/fit';
import { outlineFromNumbers } from '@/core/geometry';
import { piecesOfFits } from '@/core/pieces';
import { BRASS_SCRIPT_SHA, STAND_BLOCK_SHA, changeMaterial, faceFilePath } from '@/core/run';
import { freezePass, planPasses } from '@/core/sheets';
import { aRun, seededBytes, shippedFaces, withPlace } from '@/core/test';
import { type Expected, checkCutFile } from './check-cut-file';
import { randomNames } from './random-names';

const CLEARANCES = { spacingMm: 6, edgeMm: 5 };
const cache = textCache(shippedFaces());
const FILES = 'e2e/cut-file-checker/files';

const expecting = (sha: string, isReversed: boolean, placeWidthMm = 180, placeHeightMm = 52) => {
  const expected: Expected = { faceFile: `public${faceFilePath(sha)}`, isReversed, placeWidthMm, placeHeightMm };
  return () => expected;
};

/** Every pass of a run, as files. */
function filesOf(texts: readonly string[], letteringId: string, materialId: string): string[] {
  const spec = changeMaterial(withPlace(aRun(texts), 180, 52, letteringId), null, materialId);
  const wanted = piecesOfFits(spec, fitRun(spec, cache).fits).map((piece) => ({ piece, attempt: 1 }));
  return planPasses(spec, wanted).passes.map((planned, i) => {
    const { pass, outlines } = freezePass(
      spec,
      planned,
      { passId: 'abcdefghij', no: i + 1, version: '0' },
      seededBytes(),
    );
    return writeSvg(pass, (sha) => outlineFromNumbers(JSON.parse(outlines[sha]!)));
  });
}

const FACES = [
  { letteringId: 'brass-script', sha: BRASS_SCRIPT_SHA },
  { letteringId: 'stand-block', sha: STAND_BLOCK_SHA },
];

test.each(FACES)(
  '200 random names in $letteringId are accepted',
  ({ letteringId, sha }) => {
    const names = randomNames(200, 20260504);
    const files = filesOf(names, letteringId, 'film-gold');
    const numPieces = files.reduce((sum, svg) => sum + (svg.match(/<g /g) ?? []).length, 0);
    expect(numPieces).toBe(200);
    for (const svg of files) expect(checkCutFile(svg, expecting(sha, true), CLEARANCES)).toEqual([]);
  },
  240_000,
);

test('a file for a material that is not reversed is accepted as it reads, and refused as reversed', () => {
  const [svg] = filesOf(['Ferry', 'Quay'], 'brass-script', 'adhesive-silver');
  expect(checkCutFile(svg!, expecting(BRASS_SCRIPT_SHA, false), CLEARANCES)).toEqual([]);
  expect(checkCutFile(svg!, expecting(BRASS_SCRIPT_SHA, true), CLEARANCES).join()).toContain('the picture agrees by');
});

test('a file of the wrong size is refused with both sizes', () => {
  const [svg] = filesOf(['Ferry'], 'brass-script', 'film-gold');
  const faults = checkCutFile(svg!, expecting(BRASS_SCRIPT_SHA, true, 150, 40), CLEARANCES);
  expect(faults.join()).toMatch(/mm high and should be 40\.000/);
});

const BROKEN: Record<string, RegExp> = {
  'unjoined-overlap.svg': /an overlap is not joined/,
  'wrong-mirror.svg': /the picture agrees by|spots differ/,
  'missing-hole.svg': /spots differ|the picture agrees by/,
  'outside-the-bed.svg': /outside the bed/,
  'too-near.svg': /too near/,
};

test('the whole file that the broken ones were made from is accepted', () => {
  const svg = readFileSync(`${FILES}/whole.svg`, 'utf8');
  expect(checkCutFile(svg, expecting(BRASS_SCRIPT_SHA, true), CLEARANCES)).toEqual([]);
});

test('every broken file is refused for what is wrong with it and for nothing else', () => {
  expect(readdirSync(FILES).sort()).toEqual([...Object.keys(BROKEN), 'whole.svg'].sort());
  for (const [name, fault] of Object.entries(BROKEN)) {
    const faults = checkCutFile(
      readFileSync(`${FILES}/${name}`, 'utf8'),
      expecting(BRASS_SCRIPT_SHA, true),
      CLEARANCES,
    );
    expect([name, faults.length > 0]).toEqual([name, true]);
    // A seam that is not joined also shows in the picture; all the others break one thing only.
    for (const found of faults)
      expect(found).toMatch(name === 'unjoined-overlap.svg' ? /joined|spots|picture|hole/ : fault);
    expect(faults.join('\n')).toMatch(fault);
  }
});

test('what is no cut file at all is refused', () => {
  const expected = expecting(BRASS_SCRIPT_SHA, true);
  expect(checkCutFile('<svg width="10cm" height="10cm"/>', expected, CLEARANCES)).toHaveLength(1);
  expect(checkCutFile('<svg width="9mm" height="9mm" viewBox="0 0 9 9"/>', expected, CLEARANCES)).toEqual([
    'there is no piece in the file',
  ]);
});
