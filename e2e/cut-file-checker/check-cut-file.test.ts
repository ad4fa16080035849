import { readFileSync, readdirSync } from 'node:fs';
import { BRASS_SCRIPT_SHA, faceFilePath } from '@/core/shop';
import { type Expected, checkCutFile } from './check-cut-file';
import { CHECKED_LETTERINGS, CLEARANCES, cutFilesOf, faultsOfRandomNames } from './random-files';

const FILES = 'e2e/cut-file-checker/files';

const expecting = (sha: string, isReversed: boolean, placeWidthMm = 180, placeHeightMm = 52) => {
  const expected: Expected = { faceFile: `public${faceFilePath(sha)}`, isReversed, placeWidthMm, placeHeightMm };
  return () => expected;
};

/** A few here, since each is drawn by pixels; `npm run check:deep` does 200 of each. */
test.each(CHECKED_LETTERINGS)('random names in $letteringId are accepted', (lettering) => {
  expect(faultsOfRandomNames(lettering, 10, 20260504)).toEqual({ numPieces: 10, faults: [] });
});

test('a file for a material that is not reversed is accepted as it reads, and refused as reversed', () => {
  const [svg] = cutFilesOf(['Ferry', 'Quay'], 'brass-script', 'adhesive-silver');
  expect(checkCutFile(svg!, expecting(BRASS_SCRIPT_SHA, false), CLEARANCES)).toEqual([]);
  expect(checkCutFile(svg!, expecting(BRASS_SCRIPT_SHA, true), CLEARANCES).join()).toContain('the picture agrees by');
});

test('a file of the wrong size is refused with both sizes', () => {
  const [svg] = cutFilesOf(['Ferry'], 'brass-script', 'film-gold');
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
