import { artCache, isJoinedFace } from '../artwork';
import { checkedReport } from '../checks';
import { changeLines, changePlaceUse, setOverrides } from '../edit';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { faceNameOf } from '../shop';
import { type RunSpec, wordingOf } from '../spec';
import { aRun, seededBytes, shippedFaces, withPlace } from '../test';
import { facesForMissing, isSameOffer, remediesFor } from '.';

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

test('a script is first offered a script, where one has the letter', () => {
  const spec = lacking(['Жan'], 'brass-script');
  const fit = fitsOf(spec).fits[0]!;
  if (fit.artwork.missing.length === 0) {
    expect(facesForMissing(fit)).toEqual([]);
    return;
  }
  const joined = facesForMissing(fit).map((sha) => isJoinedFace(faceOf(sha)));
  const [set] = offersFor(spec)[0]!.sets;
  const face = set!.kind === 'letters' ? set!.letters[0]!.face! : '';
  expect(isJoinedFace(faceOf(face))).toBe(joined.includes(true));
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
