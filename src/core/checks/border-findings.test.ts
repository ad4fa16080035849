import { artCache } from '../artwork';
import { changePlaceUse, setOverrides } from '../edit';
import type { Finding } from '../finding';
import { resolveSlots } from '../resolve';
import type { RunSpec, TextRef } from '../spec';
import { findingSentence, findingWords } from '../sentences';
import { aBorder, aRun, fitRun, seededBytes, shippedFaces, withBorders, withPlace, withRule } from '../test';
import { remediesFor } from '../remedies';
import { fitAll } from '../fit';

const cache = artCache(shippedFaces());
const block = (texts: readonly string[]) => withPlace(aRun(texts), 160, 40, 'stand-block');

type Closes = Extract<Finding, { kind: 'borderCloses' }>;

function closesIn(spec: RunSpec): Closes[] {
  return fitRun(spec, cache).fits.flatMap(({ findings }) =>
    findings.flatMap((finding) => (finding.kind === 'borderCloses' ? [finding] : [])),
  );
}

const atHeight = (spec: RunSpec, heightMm: number) => withRule(spec, { kind: 'level', heightMm });

/** The widest border that leaves every hole of these letters open, by itself. */
function widestOf(spec: RunSpec): number {
  return closesIn(withBorders(spec, aBorder(3)))[0]!.passesReachMm!;
}

test('holes that close are counted, and both ways out leave them open, just', () => {
  const spec = atHeight(block(['Gabe']), 18);
  const mm = 1.5 * widestOf(spec);
  const [found] = closesIn(withBorders(spec, aBorder(mm)));
  expect(found).toMatchObject({ severity: 'check', numHoles: 3, reachMm: expect.closeTo(mm, 6) });
  expect(found!.numClosed).toBeGreaterThan(0);
  const { passesAtMm, passesReachMm } = found!;
  expect(closesIn(withBorders(spec, aBorder(passesReachMm! - 0.01)))).toEqual([]);
  expect(closesIn(withBorders(spec, aBorder(passesReachMm! + 0.01)))).toHaveLength(1);
  const large = withPlace(spec, 600, 200, 'stand-block');
  expect(closesIn(withBorders(atHeight(large, passesAtMm! + 0.1), aBorder(mm)))).toEqual([]);
  expect(closesIn(withBorders(atHeight(large, passesAtMm! - 0.2), aBorder(mm)))).toHaveLength(1);
});

test('ways out that lead too far are none: letters of more than twice the height, a border of less than a fifth', () => {
  const spec = atHeight(block(['Gabe']), 18);
  const widest = widestOf(spec);
  const waysAt = (share: number) => {
    const [{ passesAtMm, passesReachMm } = { passesAtMm: 0, passesReachMm: 0 }] = closesIn(
      withBorders(spec, aBorder(share * widest)),
    );
    return [passesAtMm !== null, passesReachMm !== null];
  };
  expect([waysAt(1.9), waysAt(2.1), waysAt(4.9), waysAt(5.1)]).toEqual([
    [true, true],
    [false, true],
    [false, true],
    [false, false],
  ]);
});

test('what it fills since it is too small counts as closed', () => {
  const spec = atHeight(block(['Gabe']), 18);
  const widest = widestOf(spec);
  const narrower = aBorder(widest - 0.2);
  expect(closesIn(withBorders(spec, narrower))).toEqual([]);
  const [filled] = closesIn(withBorders(spec, { ...narrower, fillsUnderMm: 1 }));
  // Half of the millimetre, and of the hair that is filled beyond it.
  expect(filled!.passesReachMm!).toBeCloseTo(widest - 0.515, 6);
});

test('a border that grows with its letters is helped by their height only as far as it fills holes', () => {
  const spec = atHeight(block(['Gabe']), 18);
  const byHeight = (share: number, fillsUnderMm: number) =>
    withBorders(spec, aBorder(0, { distance: { by: 'height', share }, fillsUnderMm }));
  const [closed] = closesIn(byHeight(0.3, 0));
  expect(closed).toMatchObject({ passesAtMm: null });
  const [filled] = closesIn(byHeight(0.02, 2));
  expect(filled!.passesAtMm!).toBeGreaterThan(18);
  const large = withPlace(byHeight(0.02, 2), 600, 200, 'stand-block');
  expect(closesIn(atHeight(large, filled!.passesAtMm! + 0.1))).toEqual([]);
  expect(closesIn(atHeight(large, filled!.passesAtMm! - 0.1))).toHaveLength(1);
});

test('without holes, or without a border, there is nothing to say', () => {
  expect(closesIn(withBorders(atHeight(block(['HIT']), 12), aBorder(5)))).toEqual([]);
  expect(closesIn(atHeight(block(['Gabe']), 12))).toEqual([]);
});

test('it is said with what would help', () => {
  const finding: Closes = {
    kind: 'borderCloses',
    severity: 'check',
    numClosed: 2,
    numHoles: 3,
    reachMm: 1.5,
    passesAtMm: 22.31,
    passesReachMm: 0.87,
  };
  expect(findingSentence(finding)).toBe(
    'a border of 1.50 mm closes 2 of 3 holes: one of 0.8 mm or capitals of 22.4 mm would leave them open',
  );
  expect(findingWords(finding)).toBe('1.5 mm border closes 2 of 3 holes');
  const hopeless = { ...finding, numHoles: 1, numClosed: 1, passesAtMm: null, passesReachMm: null };
  expect(findingSentence(hopeless)).toBe('a border of 1.50 mm closes its hole: another face, or no border');
});

describe('a narrower border', () => {
  const bordered = withBorders(atHeight(block(['Gabe', 'Odo']), 16), aBorder(2.5, { fillsUnderMm: 0.5 }));
  const tryingOf = (spec: RunSpec) => ({ spec, report: fitAll(resolveSlots(spec), cache), cache });
  const offers = (spec: RunSpec, index: number) => remediesFor(tryingOf(spec), index, 'borderCloses');

  test('is offered first, as wide as leaves all open, and once taken nothing is left to answer', () => {
    const [offer] = offers(bordered, 0);
    expect(offer).toMatchObject({ kind: 'border', sets: [{ kind: 'border' }] });
    const { ref } = resolveSlots(bordered)[0]!;
    const taken = setOverrides(bordered, [ref as TextRef], offer!.sets[0]!, seededBytes(1));
    expect(closesIn(taken).length).toBe(closesIn(bordered).length - 1);
    const [set] = offer!.sets;
    const share = set?.kind === 'border' ? set.share : 0;
    // The least hole is as wide as its film takes; a little wider a border, and it is not.
    const leastHoleMm = (run: RunSpec) => {
      const { artwork, emMm } = fitRun(run, cache).fits[0]!;
      const { reachEm, holeRadiiEm } = artwork.layers[0]!.border!;
      return 2 * (holeRadiiEm[0]! - reachEm) * emMm;
    };
    const wider = setOverrides(bordered, [ref as TextRef], { kind: 'border', share: share + 0.02 }, seededBytes(1));
    expect(leastHoleMm(taken)).toBeGreaterThanOrEqual(1);
    expect(leastHoleMm(wider)).toBeLessThan(1);
    // The others keep theirs.
    expect(fitRun(taken, cache).fits[1]!.artwork.layers[0]!.border!.reachEm).toBeCloseTo(
      fitRun(bordered, cache).fits[1]!.artwork.layers[0]!.border!.reachEm,
      9,
    );
  });

  test('is not offered where hardly anything would be left of it', () => {
    const tiny = withBorders(atHeight(block(['Gabe']), 8), aBorder(6, { fillsUnderMm: 1 }));
    expect(offers(tiny, 0).map(({ kind }) => kind)).not.toContain('border');
  });
});

test('letters are told from their border, the border from the blank', () => {
  const contrasts = (materials: Readonly<Record<string, string>>) =>
    fitRun(
      changePlaceUse(withBorders(block(['Odo']), aBorder(2)), null, (place) => ({ ...place, materials })),
      cache,
    ).fits[0]!.findings.flatMap((one) => (one.kind === 'lowContrast' ? [[one.film, one.blank]] : []));
  expect(contrasts({ main: 'film-gold', 'border 0': 'film-white' })).toEqual([]);
  expect(contrasts({ main: 'film-white', 'border 0': 'film-white' })).toEqual([['white', 'white']]);
  // Navy on a black bag is hard to see; white on navy is not.
  expect(contrasts({ main: 'film-white', 'border 0': 'film-stretch' })).toEqual([['navy', 'black']]);
});

test('nothing holds on what swells, is rough or slick: letters over such a border are told, and the border over letters is not', () => {
  const over = (border: string, letters = 'film-gold') =>
    fitRun(
      changePlaceUse(withBorders(block(['Odo']), aBorder(2)), null, (place) => ({
        ...place,
        materials: { main: letters, 'border 0': border },
      })),
      cache,
    ).fits[0]!.findings.flatMap((one) => (one.kind === 'filmOver' ? [findingSentence(one)] : []));
  for (const [id, name] of [
    ['film-puff', 'white puff film'],
    ['film-glitter', 'gold glitter film'],
    ['film-flock', 'burgundy flock film'],
    ['film-metallic', 'silver metallic film'],
    ['film-holographic', 'holographic film'],
  ] as const) {
    expect(over(id)).toEqual([`nothing holds on ${name}: gold heat-transfer film wants another film below it`]);
  }
  expect(over('film-white', 'film-glitter')).toEqual([]);
  // What is not pressed does not ask.
  expect(over('film-glitter', 'adhesive-silver')).toEqual([]);
});
