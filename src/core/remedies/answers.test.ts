import { artCache } from '../artwork';
import { checkedReport, measuredReport } from '../checks';
import { contrastOf } from '../colour';
import { changeBlank, changePlaceUse, changeVariant, mainPlace, setOverrides } from '../edit';
import type { Finding } from '../finding';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { type RunSpec, wordingOf } from '../spec';
import { proofRows, tickRows } from '../wording';
import { aBorder, aRun, seededBytes, shippedFaces, withBorders, withPlace, withRule } from '../test';
import { answers } from './offer';
import { remediesFor } from '.';

const cache = artCache(shippedFaces());
const measured = (spec: RunSpec) => measuredReport(checkedReport(resolveSlots(spec), cache), cache).fits;
const offersFor = (spec: RunSpec, answering: Finding['kind'] | null, index = 0) =>
  remediesFor({ spec, report: fitAll(resolveSlots(spec), cache), cache }, index, answering);
const kindsOf = (spec: RunSpec, answering: Finding['kind'] | null) =>
  offersFor(spec, answering).map(({ kind }) => kind);

const kindsAsked = (spec: RunSpec) =>
  measured(spec)[0]!
    .findings.filter(({ severity }) => severity !== 'note')
    .map(({ kind }) => kind);

/** Every offer with something to take, taken: which findings are left. */
function leftAfter(spec: RunSpec, answering: Finding['kind']) {
  const { ref } = measured(spec)[0]!.fit.slot;
  const at = { entryId: ref.entryId, useId: ref.useId, placeId: ref.placeId };
  return offersFor(spec, answering)
    .filter(({ sets }) => sets.length > 0)
    .map(({ kind, sets }) => {
      const after = sets.reduce((now, set) => setOverrides(now, [at], set, seededBytes(4)), spec);
      return { kind, left: kindsAsked(after) };
    });
}

/** Runs that ask something of their first text. */
const ASKING: readonly (readonly [Finding['kind'], RunSpec])[] = [
  ['tooSmall', withPlace(aRun(['Montgomery-Featherstonehaugh', 'Bo']), 180, 52)],
  ['tooSmall', withPlace(aRun(['Wilhelmina Abernethy-Castellane']), 150, 60)],
  ['lettersNear', withPlace(aRun(['AVATAR', 'Bo']), 60, 18, 'heavy-slab')],
  ['narrowGap', withPlace(aRun(['Willa Hall', 'Bo']), 40, 14, 'stand-block')],
  ['smallHole', withPlace(aRun(['Beate', 'Bo']), 22, 9, 'stand-block')],
  ['thinStroke', withPlace(aRun(['Ottilie']), 40, 20, 'pen-script')],
];

test.each(ASKING)('what is offered against %s ends it once it is taken', (answering, spec) => {
  const asked = kindsAsked(spec);
  const taken = leftAfter(spec, answering);
  for (const { kind, left } of taken) expect([kind, left]).not.toEqual([kind, expect.arrayContaining([answering])]);
  if (asked.includes(answering)) expect(offersFor(spec, answering).length).toBeGreaterThan(0);
});

describe('a film that is hard to tell from the blank', () => {
  const onCream = changeVariant(aRun(['Ann', 'Bo']), null, (variant) => ({
    ...variant,
    colour: { name: 'cream', hex: '#efe3c2' },
  }));
  const spec = changePlaceUse(onCream, null, (place) => ({ ...place, materials: { main: 'film-white' } }));

  test('is answered by films that are told, the best first, and by nothing else', () => {
    const offers = offersFor(spec, 'lowContrast');
    expect(new Set(offers.map(({ kind }) => kind))).toEqual(new Set(['film']));
    expect(offers.length).toBeGreaterThan(1);
    const colours = offers.map(({ sets: [set] }) => {
      const id = set?.kind === 'material' ? set.materialId : '';
      return spec.shop.materials.find((material) => material.id === id)!.value.colour;
    });
    const differences = colours.map(({ hex }) => contrastOf(hex, '#efe3c2'));
    expect(differences).toEqual([...differences].sort((a, b) => b - a));
    expect(colours[0]!.name).toBe('navy');
    for (const { left } of leftAfter(spec, 'lowContrast')) expect(left).not.toContain('lowContrast');
    // The letters stay as they are.
    expect(offers[0]!.capHeightMm).toBeCloseTo(
      measured(spec)[0]!.fit.emMm * measured(spec)[0]!.fit.artwork.capHeightEm,
      9,
    );
  });

  test('of several layers the films are chosen by hand', () => {
    const bordered = withBorders(spec, aBorder(2));
    expect(measured(bordered)[0]!.findings.length).toBeGreaterThan(0);
    expect(offersFor(bordered, 'lowContrast')).toEqual([]);
  });

  test('what is cut another way is no film for it', () => {
    const ids = offersFor(spec, 'lowContrast').map(({ sets: [set] }) => set?.kind === 'material' && set.materialId);
    for (const other of ['card-cream', 'leather-tan', 'ink-red', 'adhesive-silver']) expect(ids).not.toContain(other);
    const none = {
      ...spec,
      shop: { ...spec.shop, materials: spec.shop.materials.filter(({ id }) => !ids.includes(id)) },
    };
    expect(
      offersFor(none, 'lowContrast').every(
        ({ sets: [set] }) => set?.kind === 'material' && !ids.includes(set.materialId),
      ),
    ).toBe(true);
  });
});

test('ink on cotton is answered by films that suit it, and a film that is too hot by one that melts lower', () => {
  const run = aRun(['Ann', 'Bo']);
  const { use } = mainPlace(run);
  // Light, so that every film is told from it.
  const on = (fabricClass: 'cotton' | 'nylon', materialId: string) =>
    changePlaceUse(
      changeBlank(run, use.blankId, (blank) => ({ ...blank, fabricClass, bearsC: null, polyesterPct: null })),
      null,
      (place) => ({ ...place, materials: { main: materialId } }),
    );
  const kindsOffered = (spec: RunSpec) =>
    offersFor(spec, 'filmUnsuited').map(({ kind, sets: [set] }) => {
      const id = set?.kind === 'material' ? set.materialId : '';
      return [kind, spec.shop.materials.find((one) => one.id === id)?.value.kind];
    });
  const ink = on('cotton', 'ink-red');
  expect(kindsOffered(ink).length).toBeGreaterThan(1);
  for (const [kind, material] of kindsOffered(ink)) {
    expect(kind).toBe('film');
    expect(['inkSheet', 'card', 'leather', 'adhesiveFilm', 'readyMade']).not.toContain(material);
  }
  for (const { left } of leftAfter(ink, 'filmUnsuited')) expect(left).not.toContain('filmUnsuited');
  const glitter = on('nylon', 'film-glitter');
  expect(kindsOffered(glitter).map(([, material]) => material)).toContain('lowMeltFilm');
  expect(kindsOffered(glitter).map(([, material]) => material)).not.toContain('flockFilm');
});

test('words that are wrong are not answered by another size', () => {
  const dated = changePlaceUse(aRun(['Ann Lind']), null, (place) => ({
    ...place,
    wording: wordingOf(['{text}', '{date:year}']),
  }));
  expect(kindsOf(dated, 'dateUnread')).toEqual([]);
  const run = aRun(['Montgomery Featherstone']);
  const ticked = tickRows(run, proofRows(run), 'Marit', '2026-05-01T08:00:00Z');
  const changed = {
    ...ticked,
    entries: ticked.entries.map((entry) => ({ ...entry, fields: { text: 'Montgomery Feather' } })),
  };
  expect(measured(changed)[0]!.findings.map(({ kind }) => kind)).toContain('changedSinceProof');
  expect(kindsOf(changed, 'changedSinceProof')).toEqual([]);
  expect(kindsOf(run, null)).toContain('shorten');
});

test('others that would be too small by it are counted before it is taken', () => {
  const long = 'Featherstonehaugh Wolfenbarger';
  const spec = withRule(withPlace(aRun([long, 'Castellane Montgomery', 'Bo']), 180, 52), {
    kind: 'banded',
    ratio: 1.35,
  });
  for (const offer of offersFor(spec, null)) {
    if (offer.sets.length === 0) continue;
    const { ref } = measured(spec)[0]!.fit.slot;
    const after = offer.sets.reduce((now, set) => setOverrides(now, [ref], set, seededBytes(5)), spec);
    const stops = (of: RunSpec) =>
      measured(of)
        .slice(1)
        .filter(({ findings }) => findings.some(({ kind }) => kind === 'tooSmall')).length;
    expect(offer.othersStopped).toBe(Math.max(0, stops(after) - stops(spec)));
  }
});

test('whoever loosens a text is told how many others fall below their own least by it', () => {
  const loose = withRule(withPlace(aRun(['LAMP', 'Bo', 'Al']), 62, 30, 'heavy-slab'), {
    kind: 'level',
    heightMm: null,
  });
  const slab = loose.shop.letterings.find(({ id }) => id === 'heavy-slab')!;
  const refs = measured(loose).map(({ fit }) => fit.slot.ref);
  let most = 0;
  for (const leastHeightMm of [13, 15, 17]) {
    const tallest = { ...slab, id: 'tall-slab', value: { ...slab.value, minLetterHeightMm: leastHeightMm } };
    const shop = { ...loose.shop, letterings: [...loose.shop.letterings, tallest] };
    const others = setOverrides(
      { ...loose, shop },
      refs.slice(1),
      { kind: 'lettering', letteringId: 'tall-slab' },
      seededBytes(2),
    );
    const spec = setOverrides(others, [refs[0]!], { kind: 'tracking', trackingEm: -0.1 }, seededBytes(3));
    const tooSmall = (of: RunSpec) =>
      measured(of)
        .slice(1)
        .filter(({ findings }) => findings.some(({ kind }) => kind === 'tooSmall')).length;
    const [offer] = offersFor(spec, 'lettersNear').filter(({ kind }) => kind === 'loosen');
    const after = offer!.sets.reduce((now, set) => setOverrides(now, [refs[0]!], set, seededBytes(5)), spec);
    expect([leastHeightMm, offer!.othersStopped]).toEqual([
      leastHeightMm,
      Math.max(0, tooSmall(after) - tooSmall(spec)),
    ]);
    most = Math.max(most, offer!.othersStopped);
  }
  expect(most).toBe(2);
});

test('more tracking answers gaps alone', () => {
  const spec = withPlace(aRun(['Montgomery-Featherstonehaugh']), 180, 52, 'stand-block');
  expect(kindsOf(spec, 'tooSmall')).not.toContain('loosen');
  expect(kindsOf(spec, null)).not.toContain('loosen');
  const near = withPlace(aRun(['LAMP']), 100, 14, 'heavy-slab');
  const { ref } = measured(near)[0]!.fit.slot;
  const tight = setOverrides(near, [ref], { kind: 'tracking', trackingEm: -0.1 }, seededBytes(2));
  for (const kind of ['thinStroke', 'smallHole', 'tooSmall'] as const)
    expect(kindsOf(tight, kind)).not.toContain('loosen');
  for (const kind of ['narrowGap', 'lettersNear'] as const) expect(kindsOf(tight, kind)).toContain('loosen');
});

test('an offer answers a finding when that one is gone, whatever else is left; a note is no finding to answer', () => {
  const [offer] = offersFor(withPlace(aRun(['Ottilie']), 40, 20, 'pen-script'), null).filter(
    ({ sets }) => sets.length > 0,
  );
  const stop = { kind: 'tooSmall', severity: 'stop', capHeightMm: 5, leastMm: 6 } as const;
  const hole = { kind: 'smallHole', severity: 'check', widthMm: 0.5, leastMm: 1, passesAtMm: null } as const;
  const gap = { kind: 'narrowGap', widthMm: 0.5, leastMm: 1, closes: true, passesAtMm: null } as const;
  const left = (...findings: Finding[]) => ({ ...offer!, findings });
  expect(answers(left(hole), 'tooSmall')).toBe(true);
  expect(answers(left(hole, stop), 'tooSmall')).toBe(false);
  expect(answers(left(hole), null)).toBe(true);
  expect(answers(left({ ...gap, severity: 'note' }), 'narrowGap')).toBe(true);
  expect(answers(left({ ...gap, severity: 'check', closes: false }), 'narrowGap')).toBe(false);
  // Heights at which it would pass are not looked for while remedies are tried: each would be measured again.
  for (const one of offersFor(withPlace(aRun(['Ottilie']), 40, 20, 'pen-script'), null)) {
    for (const finding of one.findings) if ('passesAtMm' in finding) expect(finding.passesAtMm).toBeNull();
  }
});

test('only a single line that is all alike is broken in two', () => {
  const breaks = (text: string, templates: readonly string[] = ['{text}']) =>
    kindsOf(
      changePlaceUse(withPlace(aRun([text]), 120, 60), null, (place) => ({ ...place, wording: wordingOf(templates) })),
      null,
    ).includes('twoLines');
  expect(breaks('Montgomery Featherstonehaugh')).toBe(true);
  expect(breaks('Montgomery Featherstonehaugh', ['{text}', 'of the band'])).toBe(false);
  expect(breaks('Montgomery')).toBe(false);
});

test('nobody else is concerned where sizes are not common, and what cannot be drawn has no remedy', () => {
  const apart = withRule(withPlace(aRun(['Montgomery Featherstone', 'Bo']), 120, 40), { kind: 'fill' });
  const offers = offersFor(apart, null);
  expect(offers.length).toBeGreaterThan(1);
  expect(offers.map(({ othersMm, othersStopped }) => [othersMm, othersStopped])).toEqual(offers.map(() => [null, 0]));
  const empty = aRun(['Ann', '']);
  const report = fitAll(
    resolveSlots({ ...empty, entries: empty.entries.map((entry) => ({ ...entry, fields: { text: '' } })) }),
    cache,
  );
  report.fits.forEach((_, i) => expect(remediesFor({ spec: empty, report, cache }, i)).toEqual([]));
  expect(remediesFor({ spec: empty, report, cache }, report.fits.length)).toEqual([]);
});

test('letters that stand as close as their face bears are not drawn closer', () => {
  const spec = withPlace(aRun(['Montgomery']), 120, 40, 'stand-block');
  const { ref } = measured(spec)[0]!.fit.slot;
  const [offer] = offersFor(spec, null).filter(({ kind }) => kind === 'tighten');
  const closest = offer?.sets[0]?.kind === 'tracking' ? offer.sets[0].trackingEm : NaN;
  const at = (trackingEm: number) => setOverrides(spec, [ref], { kind: 'tracking', trackingEm }, seededBytes(2));
  expect(kindsOf(at(closest + 0.01), null)).toContain('tighten');
  for (const em of [closest, closest - 0.01]) expect(kindsOf(at(em), null)).not.toContain('tighten');
});

test('what leaves nothing to decide of its measures passes, whatever is noted besides', () => {
  let [passing, failing] = [0, 0];
  for (const spec of [withPlace(aRun(['Wilhelmina Abernethy']), 180, 52), withPlace(aRun(['Brook Hall']), 60, 18)]) {
    for (const { kind, passes, findings } of offersFor(spec, null)) {
      if (kind === 'shorten') continue;
      const open = findings.filter(({ severity }) => severity !== 'note').map((one) => one.kind);
      const isFine = open.some((one) => one === 'thinStroke' || one === 'narrowGap' || one === 'smallHole');
      const isStopped = findings.some(({ severity }) => severity === 'stop');
      expect([kind, passes]).toEqual([kind, !isFine && !isStopped]);
      if (passes && findings.some(({ severity }) => severity === 'note')) passing++;
      if (!passes) failing++;
    }
  }
  expect(passing).toBeGreaterThan(0);
  expect(failing).toBeGreaterThan(0);
});

test('of other faces that one is offered whose letters are the most above the least that it is cut at', () => {
  const spec = withPlace(aRun(['Wilhelmina Abernethy']), 180, 52, 'stand-block');
  const [offer] = offersFor(spec, null).filter(({ kind }) => kind === 'narrowerFace');
  const [set] = offer!.sets;
  const { ref } = measured(spec)[0]!.fit.slot;
  const easeIn = (letteringId: string) => {
    const [first] = measured(setOverrides(spec, [ref], { kind: 'lettering', letteringId }, seededBytes(5)));
    const { emMm, artwork, slot } = first!.fit;
    return { letteringId, ease: (emMm * artwork.capHeightEm) / slot.leastHeightMm };
  };
  const block = spec.shop.letterings.filter(({ id }) =>
    ['heavy-slab', 'narrow-block', 'round-block', 'tall-capitals'].includes(id),
  );
  const eases = block.map(({ id }) => easeIn(id)).sort((a, b) => b.ease - a.ease);
  expect(eases.length).toBeGreaterThan(2);
  expect(set).toEqual({ kind: 'lettering', letteringId: eases[0]!.letteringId });
});
