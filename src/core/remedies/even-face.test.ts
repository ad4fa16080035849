import { artCache, isJoinedFace } from '../artwork';
import { checkedReport, measuredReport, strokeFindings, strokesOf } from '../checks';
import { changeLettering, changePlaceUse, setOverrides } from '../edit';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { type MonogramShape, firstLineLarge } from '../shop';
import { type OverrideSet, type RunSpec, facesUsed, wordingOf } from '../spec';
import { aRun, seededBytes, shippedFaces } from '../test';
import { alikeOffer, facesForEven, remediesFor } from '.';

const faceOf = shippedFaces();
const cache = artCache(faceOf);
const monograms = (names: readonly string[], letteringId: string, shape: MonogramShape): RunSpec =>
  changeLettering(
    changePlaceUse(aRun(names), null, (place) => ({
      ...place,
      letteringId,
      wording: wordingOf(['{monogram}', '1996']),
    })),
    null,
    (lettering) => ({ ...firstLineLarge(lettering), monogram: { shape, gapShare: 0.06, frame: 'ring' } }),
  );
const unevenIn = (spec: RunSpec, index = 0) =>
  measuredReport(checkedReport(resolveSlots(spec), cache), cache).fits[index]!.findings.filter(
    ({ kind }) => kind === 'strokesUneven',
  );
const unevenNames = (names: readonly string[], spec: RunSpec) =>
  fitAll(resolveSlots(spec), cache).fits.flatMap((fit, i) => (strokeFindings(fit).length > 0 ? names[i] : []));
const offersFor = (spec: RunSpec, index = 0) =>
  remediesFor({ spec, report: fitAll(resolveSlots(spec), cache), cache }, index, 'strokesUneven');
const NAMES = ['Tilda Edda Lund', 'Nora Dagny Uhl'];

test('a script in a round form is told to spoil its strokes, a block is not, and neither by itself', () => {
  const [uneven] = unevenIn(monograms(NAMES, 'pen-script', 'circle'));
  expect(uneven).toMatchObject({ severity: 'check', shape: 'circle', most: 1.6, at: { line: 0 } });
  expect(uneven!.kind === 'strokesUneven' && uneven!.times).toBeGreaterThan(1.6);
  for (const shape of ['circle', 'lozenge', 'square', 'shield'] as const)
    expect(unevenIn(monograms(NAMES, 'tall-capitals', shape))).toEqual([]);
  // Cut through on purpose.
  expect(unevenIn(monograms(['Tilda Lund'], 'pen-script', 'interlaced'))).toEqual([]);
  const plain = changeLettering(
    monograms(NAMES, 'pen-script', 'circle'),
    null,
    ({ monogram: _, ...lettering }) => lettering,
  );
  expect(unevenIn(plain)).toEqual([]);
});

test('other faces of the run whose strokes stay even are offered, and the finding is gone with each', () => {
  const spec = monograms(NAMES, 'pen-script', 'circle');
  const { ref } = resolveSlots(spec)[0]!;
  const nudged = { line: 0, no: 1, character: 'E', turnDeg: 3 };
  const lifted = setOverrides(
    spec,
    [ref],
    { kind: 'letters', letters: [{ line: 1, no: 0, character: '1', up: 0.1 }, nudged] },
    seededBytes(2),
  );
  const offers = offersFor(lifted);
  expect(offers.length).toBeGreaterThan(0);
  expect(offers.length).toBeLessThanOrEqual(3);
  for (const { kind, sets } of offers) {
    expect(kind).toBe('evenFace');
    const [set] = sets;
    const letters = set!.kind === 'letters' ? set!.letters : [];
    // What was set otherwise in another line stays so.
    expect(letters).toContainEqual({ line: 1, no: 0, character: '1', up: 0.1 });
    const own = letters.filter(({ line }) => line === 0);
    expect(own.find(({ no }) => no === 1)).toMatchObject(nudged);
    expect(own.map(({ character }) => character).join('')).toMatch(/^[TLE]{3}$/);
    expect(new Set(own.map(({ face }) => face)).size).toBe(1);
    const taken = setOverrides(spec, [ref], set!, seededBytes(3));
    expect(unevenIn(taken)).toEqual([]);
    expect(unevenIn(taken, 1)).toHaveLength(unevenIn(spec, 1).length);
  }
  // The most even first, of those after which nothing is left to decide.
  const strokes = offers
    .filter(({ passes }) => passes === offers[0]!.passes)
    .map(({ sets: [set] }) => {
      const { artwork } = fitAll(resolveSlots(setOverrides(spec, [ref], set!, seededBytes(4))), cache).fits[0]!;
      return strokesOf(artwork.formed[0]!.letters)!;
    });
  expect(strokes.length).toBeGreaterThan(1);
  expect(strokes).toEqual([...strokes].sort((a, b) => a.formed - b.formed));
  for (const { drawn, formed } of strokes) expect(formed / drawn).toBeLessThanOrEqual(1.6);
  const [first] = offers[0]!.sets;
  const face = first!.kind === 'letters' ? first!.letters.find(({ line }) => line === 0)!.face! : '';
  expect(isJoinedFace(faceOf(face))).toBe(false);
});

test('the face that was taken for one text is the only one for the others, which have it or stay as they are', () => {
  const spec = monograms(NAMES, 'pen-script', 'circle');
  const report = fitAll(resolveSlots(spec), cache);
  const faceOfOffer = ({ sets: [set] }: { readonly sets: readonly OverrideSet[] }) =>
    set!.kind === 'letters' ? set!.letters[0]!.face : null;
  const offers = remediesFor({ spec, report, cache }, 0, 'strokesUneven');
  const last = offers.at(-1)!;
  const wanted = remediesFor({ spec, report, cache, wanted: last.sets }, 1, 'strokesUneven');
  expect(wanted.map(faceOfOffer)).toEqual([faceOfOffer(last)]);
  expect(alikeOffer(wanted, last.sets)).toBe(wanted[0]);
  expect(alikeOffer(offers.slice(0, -1), last.sets)).toBeNull();
  expect(alikeOffer([], last.sets)).toBeNull();
});

test('where no face of the run stays even, shipped ones are offered, and are known beforehand', () => {
  const all = monograms(NAMES, 'pen-script', 'circle');
  const letterings = all.shop.letterings.filter(({ id }) => id === 'pen-script');
  const spec = { ...all, shop: { ...all.shop, letterings } };
  const report = fitAll(resolveSlots(spec), cache);
  const ofRun = new Set(facesUsed(spec).map(({ face }) => face));
  const faceOfOffer = ({ sets: [set] }: { readonly sets: readonly OverrideSet[] }) =>
    set!.kind === 'letters' ? set!.letters[0]!.face! : '';
  expect(unevenIn(spec)).toHaveLength(1);
  const offers = offersFor(spec);
  expect(offers).toHaveLength(3);
  for (const offer of offers) {
    expect(ofRun).not.toContain(faceOfOffer(offer));
    expect(facesForEven(report.fits[0]!)).toContain(faceOfOffer(offer));
    const taken = setOverrides(spec, [resolveSlots(spec)[0]!.ref], offer.sets[0]!, seededBytes(5));
    expect(unevenIn(taken)).toEqual([]);
  }
  // The run's own come first, and with them none that ships.
  const own = new Set(facesUsed(all).map(({ face }) => face));
  for (const offer of offersFor(all)) expect(own).toContain(faceOfOffer(offer));
  // What is even needs no face.
  const blocks = fitAll(resolveSlots(monograms(NAMES, 'tall-capitals', 'circle')), cache);
  expect(blocks.fits.flatMap((fit) => facesForEven(fit))).toEqual([]);
});

test('marks spoil no strokes of a block: above in any form, beneath where the form is straight there', () => {
  const above = ['Gerda Ebba Åkvist', 'Åke Knud Bo', 'Édith Zoë Ünal', 'Ödön Ängla Šimek'];
  const beneath = ['Çağrı Ñusta Ôde', 'Şen Țara Ęl'];
  for (const lettering of ['tall-capitals', 'stand-block', 'narrow-block']) {
    for (const shape of ['circle', 'lozenge', 'square', 'shield'] as const) {
      const names = shape === 'lozenge' || shape === 'square' ? [...above, ...beneath] : above;
      const uneven = unevenNames(names, monograms(names, lettering, shape));
      expect([shape, lettering, uneven]).toEqual([shape, lettering, []]);
    }
  }
});
