import { artCache } from '../artwork';
import { changeLettering, changeLines, changePlaceUse, colourPart, mainPlace, setApart } from '../edit';
import { resolveSlots } from '../resolve';
import { withLineStyle } from '../shop';
import { type RunSpec, wordingOf } from '../spec';
import { aRun, seededBytes, shippedFaces } from '../test';
import { checkedReport } from '.';
import { letterFindings } from './letter-findings';
import { openAndLooked } from './looked-findings';
import { saidBy } from '../finding';

const cache = artCache(shippedFaces());
const random = seededBytes(2);

function found(spec: RunSpec) {
  return checkedReport(resolveSlots(spec), cache).fits.map(({ fit }) => letterFindings(fit, cache.faceOf));
}

const lettered = (texts: readonly string[], letteringId: string) =>
  changePlaceUse(aRun(texts), null, (place) => ({ ...place, letteringId }));

test('letters that nearly touch are told, the nearest two of all lines, with their line and run', () => {
  const near = changeLines(lettered(['HIHI', 'VAVA'], 'stand-block'), null, { trackingEm: -0.12 });
  const [level, slanted] = found(near);
  expect(level).toMatchObject([{ kind: 'lettersNear', letters: ['H', 'I'], at: { line: 0, run: 0 } }]);
  expect(slanted!.every(({ kind }) => kind === 'lettersNear')).toBe(true);
  expect(found(lettered(['HIHI'], 'stand-block'))).toEqual([[]]);
  // Of letters that join nothing is asked.
  expect(found(changeLines(lettered(['HIHI'], 'brass-script'), null, { trackingEm: -0.1 }))).toEqual([[]]);
});

test('a gap is as wide as its line is set, and the nearest line is told wherever it stands', () => {
  const worded = changePlaceUse(lettered(['HIHI'], 'stand-block'), null, (place) => ({
    ...place,
    wording: wordingOf(['HIHI', 'HIHI']),
  }));
  const lines = (first: number, second: number, sizeShare: number) =>
    changeLettering(worded, null, (lettering) =>
      withLineStyle(withLineStyle(lettering, 0, { trackingEm: first }), 1, { trackingEm: second, sizeShare }),
    );
  const told = (spec: RunSpec) => {
    const { fit } = checkedReport(resolveSlots(spec), cache).fits[0]!;
    const [near] = letterFindings(fit, cache.faceOf);
    return near?.kind === 'lettersNear' ? { line: near.at?.line, gapEm: near.gapMm / fit.emMm } : null;
  };
  const whole = told(lines(-0.12, -0.11, 1))!;
  expect(whole.line).toBe(0);
  expect(told(lines(-0.11, -0.12, 1))).toEqual({ line: 1, gapEm: expect.closeTo(whole.gapEm, 9) });
  expect(told(lines(-0.12, -0.12, 0.5))).toEqual({ line: 1, gapEm: expect.closeTo(whole.gapEm / 2, 6) });
});

test('letters that run round a monogram stand otherwise than in their line: of them nothing is told by it', () => {
  const worded = changePlaceUse(lettered(['Ann Bo Lee'], 'stand-block'), null, (place) => ({
    ...place,
    wording: wordingOf(['{monogram}', 'HIHI']),
  }));
  const near = changeLines(worded, null, { trackingEm: -0.12 });
  const round = (others: 'round' | 'within') =>
    changeLettering(near, null, (lettering) => ({
      ...lettering,
      monogram: { shape: 'circle', gapShare: 0.07, frame: null, others },
    }));
  expect(found(round('round'))).toEqual([[]]);
  expect(found(round('within'))[0]).toMatchObject([{ kind: 'lettersNear', at: { line: 1 } }]);
});

test('the material of the nearest letters is asked, and letters that are pieces of their own ask for no gap', () => {
  const one = lettered(['HIHI'], 'stand-block');
  const { at } = mainPlace(one);
  const two = colourPart(one, at, { line: 0, part: 0, slot: null }, random);
  const near = changeLines(two, null, { trackingEm: -0.12 });
  expect(found(near)[0]).toMatchObject([{ kind: 'lettersNear', leastMm: 0.8 }]);
  expect(found(setApart(near, null, { slot: 'second', isApart: true }))).toEqual([[]]);
  expect(found(setApart(near, null, { slot: 'main', isApart: true }))[0]).toHaveLength(1);
});

test('what was let stand is open again once it says something else; a stop wants a reason that is one', () => {
  const [slot] = resolveSlots(lettered(['Bo'], 'stand-block'));
  const stop = { kind: 'tooSmall', severity: 'stop', capHeightMm: 9, leastMm: 12 } as const;
  const note = { kind: 'extenderCosts', severity: 'note', costMm: 3 } as const;
  const check = { kind: 'partMissing', severity: 'check', part: 'year' } as const;
  const letStand = (kind: string, said: string, reason: string) =>
    openAndLooked({ ...slot!, looked: { [kind]: { said, reason, who: '', at: '' } as never } }, [stop, check, note]);
  const kinds = ({ open, looked }: ReturnType<typeof openAndLooked>) => [
    open.map(({ kind }) => kind),
    looked.map(({ kind }) => kind),
  ];
  expect(kinds(letStand('tooSmall', saidBy(stop), 'she asked for it'))).toEqual([
    ['partMissing', 'extenderCosts'],
    ['tooSmall'],
  ]);
  expect(kinds(letStand('tooSmall', saidBy(stop), '  '))).toEqual([['tooSmall', 'partMissing', 'extenderCosts'], []]);
  expect(kinds(letStand('partMissing', saidBy(check), ''))).toEqual([['tooSmall', 'extenderCosts'], ['partMissing']]);
  expect(kinds(letStand('partMissing', 'another', ''))).toEqual([['tooSmall', 'partMissing', 'extenderCosts'], []]);
});
