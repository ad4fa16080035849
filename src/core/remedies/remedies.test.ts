import { artCache } from '../artwork';
import { type Finding, hasStop, saidBy } from '../finding';
import { type RemedyKind, type RunSpec, lookedKey, wordingOf } from '../spec';
import { changePlace, changePlaceUse, changeRemedies, changeVariant, setLooked, setOverrides } from '../edit';
import { type FlatFit, aRun, fitRun, seededBytes, shippedFaces, withPlace, withRule } from '../test';
import { checkedReport, letterFindings, measureFindings, measureLayer } from '../checks';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { remediesFor } from '.';

const cache = artCache(shippedFaces());
const LONG = 'Featherstonehaugh Wolfenbarger';
const slotAt = ({ slot: { ref } }: Pick<FlatFit, 'slot'>) => ({
  entryId: ref.entryId,
  useId: ref.useId,
  placeId: ref.placeId,
});
const offersFor = (spec: RunSpec, answering: Finding['kind'] | null = null, index = 0) =>
  remediesFor({ spec, report: fitAll(resolveSlots(spec), cache), cache }, index, answering);
const taken = (spec: RunSpec, fit: Pick<FlatFit, 'slot'>, sets: readonly Parameters<typeof setOverrides>[2][]) =>
  sets.reduce((now, set) => setOverrides(now, [slotAt(fit)], set, seededBytes(9)), spec);

test('every remedy gives the height that it promised once it is taken, for the text and for its set', () => {
  const spec = withRule(aRun([LONG, 'Ann', 'Castellane']), { kind: 'banded', ratio: 1.35 });
  const report = fitRun(spec, cache);
  const offers = offersFor(spec).filter(({ sets }) => sets.length > 0);
  expect(offers.map(({ kind }) => kind)).toEqual(expect.arrayContaining<RemedyKind>(['condense', 'twoLines']));
  for (const { kind, sets, capHeightMm, inkWidthMm, othersMm } of offers) {
    const after = fitRun(taken(spec, report.fits[0]!, sets), cache);
    expect(after.fits[0]!.capHeightMm).toBeCloseTo(capHeightMm, 9);
    expect(after.fits[0]!.inkWidthMm).toBeCloseTo(inkWidthMm, 9);
    expect(Object.values(after.setSizes)[0]!.letterMm).toBeCloseTo(othersMm!, 9);
    // Another face may be better with smaller capitals: its least height is another. A stroke between letters makes none larger.
    if (kind !== 'narrowerFace' && kind !== 'bridge') expect(capHeightMm).toBeGreaterThan(report.fits[0]!.capHeightMm);
  }
});

test('remedies come in the maker’s order, what joins letters after them, and shortening only asks', () => {
  const order: RemedyKind[] = ['shorten', 'twoLines', 'condense', 'offMiddle', 'tighten', 'narrowerFace'];
  const spec = changeRemedies(aRun([LONG]), { order });
  const kinds = offersFor(spec).map(({ kind }) => kind);
  expect(kinds).toEqual([...order.filter((kind) => kinds.includes(kind)), 'bridge']);
  expect(kinds[0]).toBe('shorten');
});

test('condensing goes no further than it has to, and never past the limit', () => {
  const slightly = withPlace(aRun(['Montgomery-Castell']), 180, 52);
  const least = changeRemedies(slightly, { condenseTo: 0.6 });
  const [offer] = offersFor(least).filter(({ kind }) => kind === 'condense');
  const share = offer?.sets[0]?.kind === 'width' ? offer.sets[0].share : NaN;
  expect(share).toBeGreaterThanOrEqual(0.6);
  const far = changeRemedies(aRun([`${LONG} ${LONG}`]), { condenseTo: 0.85 });
  const [limit] = offersFor(far).filter(({ kind }) => kind === 'condense');
  expect(limit?.sets).toEqual([{ kind: 'width', share: 0.85 }]);
  const narrow = taken(far, fitRun(far, cache).fits[0]!, limit!.sets);
  expect(offersFor(narrow).map(({ kind }) => kind)).not.toContain('condense');
});

test('condensing stops where the next text of the set, or the least height, is reached; a little wider is not enough', () => {
  const halved = (1 - 0.6) / 2 ** 4;
  let asked = 0;
  for (const first of ['Montgomery-Castell', 'Wilhelmina Hart', 'Ottoline-Hartin', 'Bartholomew Q']) {
    const spec = changeRemedies(
      withRule(withPlace(aRun([first, 'Castellane-Mo', 'Bo']), 180, 52), { kind: 'level', heightMm: null }),
      { condenseTo: 0.6 },
    );
    const set = Object.values(fitRun(spec, cache).setSizes)[0]!;
    const [offer] = offersFor(spec).filter(({ kind }) => kind === 'condense');
    const share = offer?.sets[0]?.kind === 'width' ? offer.sets[0].share : 0.6;
    if (set.heldBackBy !== first || share <= 0.6) continue;
    asked++;
    const least = resolveSlots(spec)[0]!.leastHeightMm;
    const wanted = Math.max(least, set.withoutItMm!);
    const at = (width: number) =>
      fitRun(taken(spec, fitRun(spec, cache).fits[0]!, [{ kind: 'width', share: width }]), cache);
    expect(at(share).fits[0]!.mostCapMm).toBeGreaterThanOrEqual(wanted);
    expect(at(Math.min(1, share + halved + 0.011)).fits[0]!.mostCapMm).toBeLessThan(wanted);
  }
  expect(asked).toBeGreaterThan(0);
});

test('a line breaks at a space or behind a hyphen, and nowhere else', () => {
  const linesOf = (text: string) => {
    const spec = aRun([text]);
    const offer = offersFor(spec).find(({ kind }) => kind === 'twoLines');
    return offer?.sets[0]?.kind === 'wording' ? offer.sets[0].lines : null;
  };
  expect(linesOf('Ottoline-Hartingtonsby')).toEqual(['Ottoline-', 'Hartingtonsby']);
  expect(linesOf('Wilhelmina Abernethy')).toEqual(['Wilhelmina', 'Abernethy']);
  expect(linesOf('Featherstonehaugh')).toBeNull();
});

describe('what was looked at', () => {
  const spec = withPlace(aRun(['Montgomery-Featherstonehaugh']), 180, 52);
  const [fit] = fitRun(spec, cache).fits;
  const stop = fit!.findings.find(({ kind }) => kind === 'tooSmall')!;
  const key = lookedKey(slotAt(fit!), 'tooSmall');

  test('a stop is kept only with a reason, and then the piece may be cut', () => {
    expect(
      hasStop(fitRun(setLooked(spec, { [key]: { said: saidBy(stop), reason: ' ' } }), cache).fits[0]!.findings),
    ).toBe(true);
    const [kept] = fitRun(setLooked(spec, { [key]: { said: saidBy(stop), reason: 'agreed by phone' } }), cache).fits;
    expect([hasStop(kept!.findings), kept!.looked.map(({ kind }) => kind)]).toEqual([false, ['tooSmall']]);
  });

  test('it is open again once it says something else', () => {
    const kept = setLooked(spec, { [key]: { said: saidBy(stop), reason: 'agreed by phone' } });
    expect(hasStop(fitRun(withPlace(kept, 150, 52), cache).fits[0]!.findings)).toBe(true);
  });

  test('what cannot be made at all cannot be kept', () => {
    const missing = aRun(['漢']);
    const [bare] = fitRun(missing, cache).fits;
    const at = lookedKey(slotAt(bare!), 'characterMissing');
    const said = saidBy(bare!.findings[0]!);
    expect(hasStop(fitRun(setLooked(missing, { [at]: { said, reason: 'so what' } }), cache).fits[0]!.findings)).toBe(
      true,
    );
  });
});

test('a film that is hard to tell from the blank is a check on every text of that colour', () => {
  const onCream = changeVariant(aRun(['Ann', 'Bo']), null, (variant) => ({
    ...variant,
    colour: { name: 'cream', hex: '#efe3c2' },
  }));
  const whiteOnCream = changePlaceUse(onCream, null, (place) => ({ ...place, materials: { main: 'film-white' } }));
  for (const { findings } of fitRun(whiteOnCream, cache).fits) {
    expect(findings).toContainEqual(expect.objectContaining({ kind: 'lowContrast', why: 'alike', film: 'white' }));
  }
  const gold = fitRun(aRun(['Ann']), cache).fits[0]!.findings;
  expect(gold.map(({ kind }) => kind)).not.toContain('lowContrast');
});

test('letters of a block face that nearly touch are found with the two letters and their gap', () => {
  const near = (text: string, trackingEm: number) => {
    const spec = changePlaceUse(withPlace(aRun([text]), 100, 14, 'heavy-slab'), null, (place) => ({
      ...place,
      wording: wordingOf(['{text}']),
    }));
    const [fit] = fitRun(spec, cache).fits;
    const tight = taken(spec, fit!, [{ kind: 'tracking', trackingEm }]);
    return letterFindings(checkedReport(resolveSlots(tight), cache).fits[0]!.fit, cache.faceOf);
  };
  const [found] = near('LAMP', -0.1);
  expect(found).toMatchObject({ kind: 'lettersNear', severity: 'check', leastMm: 0.8 });
  expect(found?.kind === 'lettersNear' && found.gapMm < 0.8).toBe(true);
  expect(near('LAMP', 0.3)).toEqual([]);
});

test('a line with a tall letter is drawn to overlap: its neighbours are not asked about, as those of a line without are', () => {
  const near = (form: 'largeCentre' | 'three') => {
    const worded = changePlaceUse(withPlace(aRun(['Anna Maria Lind']), 100, 40, 'heavy-slab'), null, (place) => ({
      ...place,
      wording: wordingOf(['{monogram}']),
    }));
    const spec = { ...worded, monogram: { ...worded.monogram, form } };
    const [fit] = fitRun(spec, cache).fits;
    const tight = taken(spec, fit!, [{ kind: 'tracking', trackingEm: -0.15 }]);
    return letterFindings(checkedReport(resolveSlots(tight), cache).fits[0]!.fit, cache.faceOf).map(({ kind }) => kind);
  };
  expect([near('three'), near('largeCentre')]).toEqual([['lettersNear'], []]);
});

test('a stroke below its limit tells the letter height at which it passes, and does pass there', () => {
  const spec = changePlace(aRun(['Ottilie']), null, (place) => ({
    ...place,
    outline: { kind: 'rect', widthMm: 40, heightMm: 20 },
  }));
  const thin = changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'pen-script' }));
  const { fit } = checkedReport(resolveSlots(thin), cache).fits[0]!;
  const { artwork, emMm, slot } = fit;
  const { finest } = slot.layers[0]!.material;
  const found = measureFindings(fit, 0, measureLayer(artwork, 0, emMm, finest)).find(
    ({ kind }) => kind === 'thinStroke',
  );
  const passesAtMm = found?.kind === 'thinStroke' ? found.passesAtMm : null;
  if (passesAtMm === null) {
    // More than twice as large: the face is wrong, not the size.
    expect(measureLayer(artwork, 0, emMm * 2, finest).stroke?.widthMm).toBeLessThan(1.01);
  } else {
    const { stroke } = measureLayer(artwork, 0, passesAtMm / artwork.capHeightEm, finest);
    expect(stroke === null || stroke.widthMm >= finest.strokeMm).toBe(true);
  }
});
