import { artCache, isJoinedFace, stemOf } from '../artwork';
import { ABSENT_FACE } from '../faces';
import { checkedReport } from '../checks';
import { changeLines, changePlaceUse, setOverrides } from '../edit';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { faceNameOf } from '../shop';
import { type RunSpec, wordingOf } from '../spec';
import { aRun, seededBytes, shippedFaces, withPlace } from '../test';
import { type RemedyOffer, facesForMissing, isSameOffer, remediesFor } from '.';

const faceOf = shippedFaces();
const cache = artCache(faceOf);
const fitsOf = (spec: RunSpec) => fitAll(resolveSlots(spec), cache);
const offersFor = (spec: RunSpec, index = 0) =>
  remediesFor({ spec, report: fitsOf(spec), cache }, index, 'characterMissing').filter(
    ({ kind }) => kind === 'otherFace',
  );
const findings = (spec: RunSpec, index = 0) =>
  checkedReport(resolveSlots(spec), cache).fits[index]!.findings.map(({ kind }) => kind);
const lacking = (texts: readonly string[], letteringId = 'heavy-slab') => withPlace(aRun(texts), 160, 50, letteringId);

test('letters that a face lacks are offered from faces that have them, and are there once one is taken', () => {
  const spec = lacking(['Жan', 'Bo']);
  expect(findings(spec)).toContain('characterMissing');
  const offers = offersFor(spec);
  expect(offers.length).toBeGreaterThan(1);
  const slot = resolveSlots(spec)[0]!;
  for (const { sets, passes, capHeightMm } of offers) {
    expect(sets).toEqual([{ kind: 'letters', letters: [expect.objectContaining({ line: 0, no: 0, character: 'Ж' })] }]);
    const taken = sets.reduce((now, set) => setOverrides(now, [slot.ref], set, seededBytes(2)), spec);
    expect(findings(taken)).not.toContain('characterMissing');
    expect(capHeightMm).toBeGreaterThan(0);
    expect(passes).toBe(true);
    const [set] = sets;
    const [own] = set!.kind === 'letters' ? set!.letters : [];
    const other = faceOf(own!.face!);
    // As tall as the letters beside it, to a hundredth.
    expect(other.capHeightEm * (own!.size ?? 1)).toBeCloseTo(faceOf(slot.leadFace).capHeightEm, 1);
    expect(faceNameOf({ face: own!.face! })).not.toBe('a face of another shop');
  }
  expect(offersFor(spec, 1)).toEqual([]);
});

test('what lacks every letter is offered them all; letters set otherwise before stay so', () => {
  const greek = lacking(['Γιωργος']);
  const [offer] = offersFor(greek);
  const [set] = offer!.sets;
  expect(set!.kind === 'letters' && set!.letters.map(({ character }) => character).join('')).toBe('Γιωργος');
  const spec = lacking(['Жan']);
  const { ref } = resolveSlots(spec)[0]!;
  const lifted = setOverrides(
    spec,
    [ref],
    { kind: 'letters', letters: [{ line: 0, no: 1, character: 'a', up: 0.1 }] },
    seededBytes(4),
  );
  const [kept] = offersFor(lifted)[0]!.sets;
  expect(kept!.kind === 'letters' && kept!.letters.map(({ character, up }) => [character, up ?? 0])).toEqual([
    ['a', 0.1],
    ['Ж', 0],
  ]);
});

test('capitals that a small letter becomes are told as well; no face is asked where none has it, nor for spread letters', () => {
  const spec = changeLines(lacking(['жan']), null, { caseForm: 'capitals' });
  expect(resolveSlots(spec)[0]!.text).toEqual(['ЖAN']);
  const [set] = offersFor(spec)[0]!.sets;
  expect(set!.kind === 'letters' && set!.letters.map(({ character }) => character)).toEqual(['ж']);
  expect(offersFor(lacking(['\u{12000}a']))).toEqual([]);
  const spread = changePlaceUse(lacking(['Жan']), null, (place) => ({
    ...place,
    wording: { ...wordingOf(['{text}']), spread: 'letterPerBlank', motifBlanks: 0, spacesAreBlanks: false },
  }));
  expect(offersFor(spread)).toEqual([]);
});

test('a script is first offered a script, a block a block', () => {
  const joined = (letteringId: string) => {
    const [set] = offersFor(lacking(['Жan'], letteringId))[0]!.sets;
    return isJoinedFace(faceOf(set!.kind === 'letters' ? set!.letters[0]!.face! : ''));
  };
  // Both kinds have the letter.
  const kinds = facesForMissing(fitsOf(lacking(['Жan'])).fits[0]!).map((sha) => isJoinedFace(faceOf(sha)));
  expect(new Set(kinds)).toEqual(new Set([true, false]));
  expect([joined('pen-script'), joined('heavy-slab')]).toEqual([true, false]);
});

test('of faces of its kind the likest in weight come first, but before them what was taken for another text', () => {
  const spec = lacking(['Жan', 'Жo']);
  const report = fitsOf(spec);
  const facesOf = (index: number, wanted?: RemedyOffer) =>
    remediesFor({ spec, report, cache, ...(wanted && { wanted: wanted.sets }) }, index, 'characterMissing')
      .filter(({ kind }) => kind === 'otherFace')
      .map(({ sets: [set] }) => (set!.kind === 'letters' ? set!.letters[0]!.face! : ''));
  const weightOf = (sha: string) => stemOf(faceOf(sha)) / faceOf(sha).capHeightEm;
  const lead = weightOf(resolveSlots(spec)[0]!.leadFace);
  const farness = (sha: string) => Math.max(weightOf(sha) / lead, lead / weightOf(sha));
  const blocks = facesForMissing(report.fits[0]!).filter((sha) => !isJoinedFace(faceOf(sha)));
  const likest = blocks.sort((a, b) => farness(a) - farness(b)).slice(0, 3);
  expect(likest).toHaveLength(3);
  expect(facesOf(0)).toEqual(likest);
  const offers = remediesFor({ spec, report, cache }, 0, 'characterMissing').filter(({ kind }) => kind === 'otherFace');
  for (const [i, offer] of offers.entries())
    expect(facesOf(1, offer)).toEqual([likest[i], ...likest.filter((_, k) => k !== i)]);
});

test('for another text the same offer is the one of the same face', () => {
  const letters = (face: string, no: number) =>
    [{ kind: 'letters', letters: [{ line: 0, no, character: 'Ж', face }] }] as const;
  expect(isSameOffer(letters('a', 0), letters('a', 3))).toBe(true);
  expect(isSameOffer(letters('a', 0), letters('b', 0))).toBe(false);
  const film = (materialId: string) => [{ kind: 'material', materialId }] as const;
  expect([isSameOffer(film('x'), film('x')), isSameOffer(film('x'), film('y'))]).toEqual([true, false]);
  expect(isSameOffer(letters('a', 0), film('x'))).toBe(false);
});

test('a letter that is as tall in the other face is not resized; too many for one text are not offered', () => {
  const spec = lacking(['Жan']);
  const lead = faceOf(resolveSlots(spec)[0]!.leadFace);
  for (const { sets } of offersFor(spec)) {
    const [own] = sets.flatMap((set) => (set.kind === 'letters' ? set.letters : []));
    const ratio = lead.capHeightEm / faceOf(own!.face!).capHeightEm;
    if (Math.abs(ratio - 1) < 0.02) expect(own!.size).toBeUndefined();
    else expect(own!.size).toBeCloseTo(ratio, 2);
  }
  expect(offersFor(lacking(['Ж'.repeat(61)]))).toEqual([]);
});

test('of the run’s own faces those that have the letter are offered by their names, and one whose file is gone is not', () => {
  // The likest of those that ship, under a key of its own, as if it had been brought in.
  const [likest] = offersFor(lacking(['Жan'])).flatMap(({ sets }) =>
    sets.flatMap((set) => (set.kind === 'letters' ? set.letters.map(({ face }) => face!) : [])),
  );
  const [own, gone] = ['b'.repeat(64), 'c'.repeat(64)];
  const withOwn = (face: string) => (face === own ? faceOf(likest!) : face === gone ? ABSENT_FACE : faceOf(face));
  const kept = artCache(withOwn);
  const spec = lacking(['Жan', 'Bo']);
  const styles = (face: string, faceName: string) => ({
    id: `own-${face.slice(0, 2)}`,
    fromRev: null,
    value: {
      ...spec.shop.letterings[0]!.value,
      lines: [{ ...spec.shop.letterings[0]!.value.lines[0]!, face, faceName }],
    },
  });
  const shop = { ...spec.shop, letterings: [...spec.shop.letterings, styles(own, 'Shop hand'), styles(gone, 'Gone')] };
  const report = fitAll(resolveSlots({ ...spec, shop }), kept);
  const offers = remediesFor({ spec: { ...spec, shop }, report, cache: kept }, 0, 'characterMissing');
  const named = offers.flatMap(({ sets }) => sets.flatMap((set) => (set.kind === 'letters' ? set.letters : [])));
  expect(named.map(({ face, faceName }) => [face, faceName])).toContainEqual([own, 'Shop hand']);
  expect(named.some(({ face }) => face === gone)).toBe(false);
});
