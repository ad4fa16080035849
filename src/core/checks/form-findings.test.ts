import { changeLettering, changeMonogram, changePlaceUse, dropOverrides, setApart, setOverrides } from '../edit';
import { resolveSlots } from '../resolve';
import { type Bend, STAND_BLOCK_SHA, withLineStyle } from '../shop';
import { type RunSpec, type TextRef, wordingOf } from '../spec';
import { findingSentence, findingWords } from '../sentences';
import { aRun, fitRun, seededBytes, shippedFaces } from '../test';
import { artCache } from '../artwork';
import { checkedReport } from './check-fits';

const cache = artCache(shippedFaces());
const inBlock = (spec: RunSpec) =>
  changeLettering(spec, null, (lettering) => ({
    ...lettering,
    lines: lettering.lines.map((style) => ({ ...style, face: STAND_BLOCK_SHA })),
  }));

function bent(curve: Bend['curve'], way: Bend['way'] = 'arch'): RunSpec {
  const bend = { way, curve, letters: 'bent' } as const;
  return changeLettering(inBlock(aRun(['Wilhelmina'])), null, (lettering) => ({ ...lettering, bend }));
}

const found = (spec: RunSpec, kind: string) =>
  checkedReport(resolveSlots(spec), cache).fits.flatMap(({ findings }) => findings.filter((one) => one.kind === kind));

test('letters that crowd along a circle are told with the radius from which they do not', () => {
  const [finding] = found(bent({ by: 'radius', capitals: 4 }), 'bendCrowds');
  const [fit] = fitRun(bent({ by: 'radius', capitals: 4 }), cache).fits;
  expect(finding).toMatchObject({ severity: 'check', side: 'feet' });
  if (finding?.kind !== 'bendCrowds') throw new Error('no finding');
  expect(finding.radiusMm / fit!.capHeightMm).toBeCloseTo(4, 3);
  // (4 + 1/2) : (4 - 1/2)
  expect(finding.crowdedPct).toBeCloseTo(28.57, 1);
  expect(finding.leastRadiusMm / fit!.capHeightMm).toBeCloseTo(7.17, 2);
  expect(findingSentence(finding)).toMatch(/^bent to a radius of [\d.]+ mm, its feet crowd by 29 %: from [\d.]+ mm on/);
  expect(findingWords(finding)).toBe('feet crowd by 29 %');
  expect(found(bent({ by: 'radius', capitals: 4 }, 'dip'), 'bendCrowds')).toMatchObject([{ side: 'heads' }]);
});

test('from that radius on nothing is told, nor of straight lines', () => {
  expect(found(bent({ by: 'radius', capitals: 7.1 }), 'bendCrowds')).toHaveLength(1);
  expect(found(bent({ by: 'radius', capitals: 7.2 }), 'bendCrowds')).toEqual([]);
  expect(found(inBlock(aRun(['Wilhelmina'])), 'bendCrowds')).toEqual([]);
});

test('one text bent otherwise than its set, and back', () => {
  const spec = bent({ by: 'radius', capitals: 4 });
  const [slot] = resolveSlots(spec);
  const own = setOverrides(spec, [slot!.ref as TextRef], { kind: 'bend', bend: null }, seededBytes(1));
  expect(resolveSlots(own)[0]!.form).toEqual({});
  expect(found(own, 'bendCrowds')).toEqual([]);
  const back = dropOverrides(own, [slot!.ref as TextRef], ['bend']);
  expect(resolveSlots(back)[0]!.form).toEqual(slot!.form);
});

const monogram = { shape: 'twoOverOne', gapShare: 0.07, frame: 'ring' } as const;

function monograms(names: readonly string[]): RunSpec {
  const said = changePlaceUse(inBlock(aRun(names)), null, (place) => ({
    ...place,
    wording: wordingOf(['{monogram}']),
  }));
  return changeLettering(changeMonogram(said, { form: 'largeCentre' }), null, (lettering) => ({
    ...lettering,
    monogram,
  }));
}

test('a monogram that its form does not take is a check, with the form in words', () => {
  const told = found(monograms(['Anna Maria Lind', 'Bo Krug']), 'monogramUnformed');
  expect(told).toEqual([
    { kind: 'monogramUnformed', severity: 'check', numLetters: 2, shape: 'twoOverOne', at: { line: 0 } },
  ]);
  expect(findingSentence(told[0]!)).toBe(
    '2 letters do not make “two over one” and stand in a row: another form, or other letters',
  );
  expect(findingWords(told[0]!)).toBe('not “two over one”');
});

test('letters that are pieces of their own have no frame, and no bar between them', () => {
  const spec = monograms(['Anna Maria Lind']);
  const apart = setApart(spec, null, { slot: 'main', isApart: true });
  expect(resolveSlots(spec)[0]!.form.monogram).toEqual(monogram);
  expect(resolveSlots(apart)[0]!.form.monogram).toEqual({ ...monogram, frame: null });
  const barred = changeLettering(apart, null, (lettering) => ({
    ...lettering,
    monogram: { ...monogram, shape: 'bar' },
  }));
  expect(resolveSlots(barred)[0]!.form).toEqual({});
});

test('a line beneath that is too low is a stop of that line', () => {
  const said = changePlaceUse(inBlock(aRun(['Anna'])), null, (place) => ({
    ...place,
    wording: wordingOf(['{text}', '{text}']),
  }));
  const small = changeLettering(said, null, (lettering) => ({
    ...withLineStyle(lettering, 1, { sizeShare: 0.2 }),
    stack: { gapShare: 0.2, widths: 'own', between: 'nothing' },
    minLetterHeightMm: 12,
  }));
  const [stop] = found(small, 'tooSmall');
  expect(stop).toMatchObject({ severity: 'stop', leastMm: 12, at: { line: 1 } });
  const [fit] = fitRun(small, cache).fits;
  expect(stop?.kind === 'tooSmall' && stop.capHeightMm / fit!.mostCapMm).toBeCloseTo(0.2, 6);
  expect(findingSentence(stop!)).toMatch(/^capitals of line 2 would be /);
});

test('small lines round a monogram are told to crowd where it is seen, each with its line; larger circles are not', () => {
  const round = (sizeShare: number) => {
    const said = changePlaceUse(inBlock(aRun(['Anna Maria Lind'])), null, (place) => ({
      ...place,
      wording: wordingOf(['{monogram}', 'TRIO', '1931']),
    }));
    return changeLettering(said, null, (lettering) => ({
      ...withLineStyle(lettering, 1, { sizeShare }),
      monogram: { shape: 'circle', gapShare: 0.07, frame: null, others: 'round' },
    }));
  };
  const told = found(round(0.4), 'bendCrowds');
  expect(told).toMatchObject([
    { side: 'feet', at: { line: 1 } },
    { side: 'heads', at: { line: 2 } },
  ]);
  for (const finding of told) {
    if (finding.kind !== 'bendCrowds') throw new Error('no finding');
    expect(finding.crowdedPct).toBeGreaterThan(35);
    expect(finding.leastRadiusMm).toBeGreaterThan(finding.radiusMm);
  }
  expect(found(round(0.15), 'bendCrowds')).toEqual([]);
});
