import { artCache } from '../artwork';
import { checkedReport } from '../checks';
import { changeLayout, changePlace } from '../edit';
import { outlinesOf } from '../figures';
import { resolveSlots } from '../resolve';
import { outlineSha, writeOutline } from '../geometry';
import { tickRows, proofRows } from '../wording';
import { planPasses } from '../sheets';
import type { RunSpec } from '../spec';
import { COLOURS, aColouredRun, aHead, aRect, aRun, piecesOfRun, seededBytes, shippedFaces, withCard } from '../test';
import {
  type MadePass,
  attemptKey,
  freezePass,
  freezeRelease,
  madeAttempts,
  madePassSchema,
  pageOf,
  passesInForce,
  placedIn,
  releaseSchema,
  upgradePass,
  upgradeRelease,
} from '.';

const cache = artCache(shippedFaces());
const wantedOf = (spec: RunSpec) => piecesOfRun(spec, cache).map((piece) => ({ piece, attempt: 1 }));

test('the page of a roll is as long as the pass, and no longer than the roll may be', () => {
  const spec = changeLayout(aRun(['Ann', 'Bo', 'Cy']), { bedId: 'roll' });
  const [planned] = planPasses(spec, wantedOf(spec)).passes;
  const { pass } = freezePass(planned!, aHead(spec), seededBytes(1));
  expect(pass.bed.widthMm).toBe(290);
  expect(pass.bed.heightMm * 10_000).toBe(planned!.patches[0]!.h);
  expect(pass.bed.heightMm).toBeLessThan(300);
});

test('a page that several patches lie on reaches to the lowest of them', () => {
  const spec = changeLayout(aRun(['Ann']), { bedId: 'roll' });
  const [planned] = planPasses(spec, wantedOf(spec)).passes;
  const [patch] = planned!.patches;
  const bed = { name: 'roll', kind: 'roll' as const, widthMm: 290, heightMm: 5000 };
  const at = (yMm: number, hMm: number) => ({ ...patch!, y: yMm * 10_000, h: hMm * 10_000 });
  expect(pageOf(bed, { ...planned!, patches: [at(50, 30), at(0, 40)] }).heightMm).toBe(80);
  expect(pageOf(bed, { ...planned!, patches: [at(0, 40), at(50, 30)] }).heightMm).toBe(80);
  expect(pageOf({ ...bed, kind: 'bed' }, { ...planned!, patches: [at(0, 40)] }).heightMm).toBe(5000);
});

test('what is no more than rounding is zero, and never less than zero', () => {
  const spec = aRun(['Ann']);
  const wanted = wantedOf(spec).map(({ piece, attempt }) => ({
    piece: { ...piece, spot: { ...piece.spot!, xMm: -1e-9, yMm: -1e-5 } },
    attempt,
  }));
  const { pass } = freezePass(planPasses(spec, wanted).passes[0]!, aHead(spec), seededBytes(1));
  const [placed] = [...placedIn(pass)].map((one) => one.placed);
  expect([Object.is(placed!.spot!.xMm, 0), Object.is(placed!.spot!.yMm, 0)]).toEqual([true, true]);
});

describe('what may be frozen', () => {
  const spec = aRun(['Ann']);
  const { pass } = freezePass(planPasses(spec, wantedOf(spec)).passes[0]!, aHead(spec), seededBytes(1));
  const { release } = freezeRelease(checkedReport(resolveSlots(spec), cache).fits, {
    id: 'areleaseno',
    no: 2,
    at: '2026-05-04T08:00:00Z',
    by: { who: 'Wilma', station: 'table' },
    version: '9.9.9',
  });
  /** The same with another value at a path. */
  const otherwise = (whole: object, path: string, value: unknown): unknown =>
    path.split('.').reduceRight<(at: unknown) => unknown>(
      (next, name) => (at) =>
        Array.isArray(at)
          ? at.map((part, i) => (String(i) === name ? next(part) : part))
          : { ...(at as object), [name]: next((at as Record<string, unknown>)[name]) },
      () => value,
    )(whole);

  test.each<[string, unknown, unknown]>([
    ['no', 1, 0],
    ['patches.0.materialId', 'f', ''],
    ['patches.0.materialId', 'f'.repeat(40), 'f'.repeat(41)],
    ['patches.0.placed.0.pieceId', 'p', ''],
    ['patches.0.placed.0.pieceId', 'p'.repeat(200), 'p'.repeat(201)],
    ['patches.0.placed.0.attempt', 1, 0],
    ['patches.0.placed.0.turnDeg', 90, 180],
    ['patches.0.placed.0.spot.turnDeg', 270, 45],
    ['patches.0.placed', [pass.patches[0]!.placed[0]], []],
    ['patches', [pass.patches[0]], []],
    ['cutFile', 3, 4],
  ])('of a pass, %s: the first and no longer the second', (path, allowed, refused) => {
    expect(madePassSchema.safeParse(otherwise(pass, path, allowed)).success).toBe(true);
    expect(madePassSchema.safeParse(otherwise(pass, path, refused)).success).toBe(false);
  });

  test.each<[string, unknown, unknown]>([
    ['no', 1, 0],
    ['pieces.0.materialId', 'f', ''],
    ['pieces.0.materialId', 'f'.repeat(40), 'f'.repeat(41)],
    ['pieces.0.capHeightMm', 0, -0.1],
    ['pieces.0.pieceId', 'p', ''],
    ['pieces.0.outline', 'a'.repeat(64), 'a'.repeat(63)],
  ])('of a release, %s: the first and no longer the second', (path, allowed, refused) => {
    expect(releaseSchema.safeParse(otherwise(release, path, allowed)).success).toBe(true);
    expect(releaseSchema.safeParse(otherwise(release, path, refused)).success).toBe(false);
  });
});

test('a frozen pass holds everything its file needs and passes its own schema; freezing twice is the same', () => {
  const spec = aRun(['Ann', 'Bo']);
  const [planned] = planPasses(spec, wantedOf(spec)).passes;
  const freeze = () => freezePass(planned!, { ...aHead(spec), no: 3, version: '9.9.9' }, seededBytes(1));
  const { pass, outlines } = freeze();
  expect(madePassSchema.parse(pass)).toEqual(pass);
  expect(pass).toMatchObject({ no: 3, engine: { knurl: '9.9.9' }, bed: { widthMm: 290 } });
  for (const { outline } of pass.patches[0]!.placed) expect(outlines[outline]).toMatch(/^\[\[\[/);
  expect(freeze()).toEqual({ pass, outlines });
  expect([...madeAttempts([pass]).values()]).toEqual([3, 3]);
});

const head = {
  id: 'areleaseno',
  no: 2,
  at: '2026-05-04T08:00:00Z',
  by: { who: 'Wilma', station: 'table' },
  version: '9.9.9',
};

/** All passes of a run, frozen. */
function frozenPasses(spec: RunSpec): MadePass[] {
  const bytes = seededBytes(2);
  return planPasses(spec, wantedOf(spec)).passes.map(
    (planned, i) => freezePass(planned, { ...aHead(spec), no: i + 1 }, bytes).pass,
  );
}

test('a piece keeps where it lies and where its ruler goes, its words, its cutting and its patch’s material', () => {
  const spec = aColouredRun(['Ann']);
  const pieces = new Map(piecesOfRun(spec, cache).map((piece) => [piece.id, piece]));
  const placed = frozenPasses(spec).flatMap((pass) => [...placedIn(pass)]);
  expect(placed).toHaveLength(COLOURS.length);
  for (const { patch, placed: one } of placed) {
    const piece = pieces.get(one.pieceId)!;
    expect(one).toMatchObject({ text: piece.text, attempt: 1 });
    expect([patch.materialId, patch.reversed]).toEqual([piece.materialId, piece.materialId.startsWith('film')]);
    expect(one.spot).toEqual({
      xMm: expect.closeTo(piece.spot!.xMm, 4),
      yMm: expect.closeTo(piece.spot!.yMm, 4),
      turnDeg: 0,
      onBlank: {
        leftMm: expect.closeTo(piece.spot!.onBlank.leftMm, 4),
        rightMm: expect.closeTo(piece.spot!.onBlank.rightMm, 4),
        dropMm: expect.closeTo(piece.spot!.onBlank.dropMm, 4),
        datum: 'edge',
        acrossFrom: 'sides',
      },
    });
    // To 0.1 µm: the same on every machine.
    for (const mm of [one.spot!.xMm, one.spot!.yMm, one.spot!.onBlank.dropMm])
      expect(mm * 1e4).toBeCloseTo(Math.round(mm * 1e4), 6);
  }
});

test('a piece whose spot was not kept is frozen without one', () => {
  const spec = aRun(['Ann']);
  const wanted = wantedOf(spec).map(({ piece, attempt }) => ({ piece: { ...piece, spot: null }, attempt }));
  const [planned] = planPasses(spec, wanted).passes;
  const { pass } = freezePass(planned!, aHead(spec), seededBytes(1));
  expect([...placedIn(pass)].map(({ placed }) => placed.spot)).toEqual([null]);
});

test('which cuttings lie in made passes is known by piece and cutting, the later pass counting', () => {
  const spec = aRun(['Ann', 'Bo']);
  const [first] = frozenPasses(spec);
  const recut = {
    ...first!,
    no: 2,
    patches: first!.patches.map((patch) => ({
      ...patch,
      placed: patch.placed.slice(0, 1).map((one) => ({ ...one, attempt: 2 })),
    })),
  };
  const [ann, bo] = first!.patches[0]!.placed.map(({ pieceId }) => pieceId);
  expect([...madeAttempts([first!, recut])].sort()).toEqual(
    [
      [attemptKey(ann!, 1), 1],
      [attemptKey(bo!, 1), 1],
      [attemptKey(ann!, 2), 2],
    ].sort(),
  );
  expect(madeAttempts([first!, { ...first!, no: 4 }]).get(attemptKey(ann!, 1))).toBe(4);
});

test('a release keeps each piece with what was open on it, and how it stood on the proof; stops stay out', () => {
  const base = aRun(['Ann', 'Bo', '漢']);
  const [ann] = proofRows(base);
  const spec = tickRows(base, [ann!], 'Wilma', '2026-05-04T08:00:00Z');
  const { fits } = checkedReport(resolveSlots(spec), cache);
  const { release, outlines } = freezeRelease(fits, head);
  expect(releaseSchema.parse(release)).toEqual(release);
  expect(release).toMatchObject({ no: 2, by: { who: 'Wilma' }, engine: { knurl: '9.9.9' } });
  expect(release.pieces.map(({ text, proof }) => [text[0], proof])).toEqual([
    ['Ann', 'ticked'],
    ['Bo', 'open'],
  ]);
  for (const piece of release.pieces) {
    expect(outlineSha(outlines[piece.outline]!)).toBe(piece.outline);
    expect(piece.capHeightMm).toBeGreaterThan(10);
    const { findings } = fits.find(({ fit }) => fit.slot.text[0] === piece.text[0])!;
    expect(piece.open).toEqual(findings.filter(({ severity }) => severity === 'check').map(({ kind }) => kind));
  }
});

describe('what an earlier Knurl froze', () => {
  const spec = aRun(['Ann', 'Bo']);

  test('a pass keeps its file as it was, its patch learns how its pieces are cut, and their spots are not made up', () => {
    const [pass] = frozenPasses(spec);
    const { cutFile: _, ...old } = pass!;
    const patches = pass!.patches.map(({ reversed, ...patch }) => ({
      ...patch,
      placed: patch.placed.map(({ spot: __, ...one }) => ({ ...one, reversed })),
    }));
    const upgraded = madePassSchema.parse(upgradePass({ ...old, patches }));
    expect(upgraded).toEqual({
      ...pass,
      cutFile: 1,
      patches: pass!.patches.map((patch) => ({
        ...patch,
        placed: patch.placed.map((one) => ({ ...one, spot: null })),
      })),
    });
    expect(upgraded.patches.map(({ reversed }) => reversed)).toEqual([true]);
    expect(upgradePass(pass)).toBe(pass);
    for (const odd of [null, 3, { patches: 'none' }]) expect(upgradePass(odd)).toBe(odd);
  });

  test('a patch is cut as mirror images when any of its pieces was, and what is no patch, piece or release stays as it is', () => {
    const cut = (...placed: unknown[]) =>
      (upgradePass({ patches: [{ placed }] }) as { patches: { reversed: boolean; placed: unknown[] }[] }).patches[0]!;
    expect(cut({ reversed: true }, { reversed: false }).reversed).toBe(true);
    expect(cut({ reversed: false }, { reversed: false }).reversed).toBe(false);
    expect(cut(7, { reversed: false }).placed[0]).toBe(7);
    expect(cut(7, { reversed: false }).reversed).toBe(false);
    for (const patch of [null, 7, { placed: 'none' }]) {
      expect(upgradePass({ patches: [patch] })).toMatchObject({ patches: [patch] });
    }
    for (const odd of [null, 7, {}, { pieces: 'none' }]) expect(upgradeRelease(odd)).toBe(odd);
    expect(upgradeRelease({ pieces: [7] })).toEqual({ pieces: [7] });
  });

  test('a release has neither spots nor what was open', () => {
    const { release } = freezeRelease(checkedReport(resolveSlots(spec), cache).fits, head);
    const old = { ...release, pieces: release.pieces.map(({ spot: _, open: __, ...piece }) => piece) };
    const upgraded = releaseSchema.parse(upgradeRelease(old));
    expect(upgraded.pieces.map(({ spot, open }) => [spot, open])).toEqual([
      [null, null],
      [null, null],
    ]);
    expect(upgradeRelease(release)).toEqual(release);
  });
});

test('passes in force are those that were not unmade, the same array as long as nothing changes', () => {
  const passes = ['one', 'two', 'three'].map((id) => ({ id })) as unknown as readonly MadePass[];
  const ids = (unmade: readonly string[]) => passesInForce(passes, new Set(unmade)).map(({ id }) => id);
  expect(passesInForce(passes, new Set())).toBe(passes);
  expect(ids(['two'])).toEqual(['one', 'three']);
  expect(passesInForce(passes, new Set(['two']))).toBe(passesInForce(passes, new Set(['two'])));
  expect(ids(['two', 'one'])).toEqual(['three']);
  // Taken back: in force again, and in whatever order they were unmade.
  expect(ids(['two'])).toEqual(['one', 'three']);
  expect(passesInForce(passes, new Set(['one', 'two']))).toBe(passesInForce(passes, new Set(['one', 'two'])));
  expect(ids(['three', 'one'])).toEqual(ids(['one', 'three']));
});

test('what is drawn, scored and pierced on a piece is frozen with it, by hash and in the order in which it is done', () => {
  const card = withCard(aRun(['Ann']), { fold: 'top', sewing: { insetMm: 3, pitchMm: 9, diameterMm: 1 } });
  const spec = changePlace(card, null, (place) => ({ ...place, outline: aRect(90, 60) }));
  const [wanted] = wantedOf(spec);
  const { pass, outlines } = freezePass(planPasses(spec, [wanted!]).passes[0]!, aHead(spec), seededBytes(1));
  expect(madePassSchema.parse(pass)).toEqual(pass);
  const [placed] = [...placedIn(pass)].map((one) => one.placed);
  expect(placed!.lines!.map(({ by }) => by)).toEqual(['draw', 'score', 'pierce']);
  expect(placed!.lines!.map(({ outline }) => outlines[outline])).toEqual(
    wanted!.piece.lines.map(({ rings }) => writeOutline(rings)),
  );
  const { release, outlines: released } = freezeRelease(checkedReport(resolveSlots(spec), cache).fits, head);
  expect(releaseSchema.parse(release)).toEqual(release);
  expect(release.pieces[0]!.lines).toEqual(placed!.lines);
  expect(Object.keys(released).sort()).toEqual(outlinesOf(placed!).toSorted());
});
