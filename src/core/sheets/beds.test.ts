import { artCache } from '../artwork';
import { checkedReport } from '../checks';
import { changeLayout, changeMaterialValue, setOverrides } from '../edit';
import { resolveSlots } from '../resolve';
import type { Bed } from '../shop';
import { type RunSpec, bedRoomOf, bedsOf, specFaults } from '../spec';
import { aRun, seededBytes, shippedFaces, withPlace } from '../test';
import { piecesOfFits } from '../pieces';
import { planPasses } from '.';

const cache = artCache(shippedFaces());
const fitsOf = (spec: RunSpec) => checkedReport(resolveSlots(spec), cache).fits;

const withBed = (spec: RunSpec, id: string, bed: Partial<Bed>): RunSpec => {
  const value = { name: id, kind: 'bed' as const, widthMm: 290, heightMm: 290, ...bed };
  return { ...spec, shop: { ...spec.shop, beds: [...spec.shop.beds, { id, fromRev: 1, value }] } };
};
const names = Array.from({ length: 18 }, (_, i) => `Perpetua ${'abcdefghijklmnopqr'[i]}`);
const run = aRun(names);
const gold = run.uses[0]!.places[0]!.materials.main!;
const scrap = withBed(run, 'scrap', { widthMm: 200, heightMm: 150, once: true });
const onScrap = changeLayout(scrap, { beds: { [gold]: 'scrap' } });

const passesOf = (spec: RunSpec, used: readonly string[] = []) => {
  const wanted = piecesOfFits(fitsOf(spec)).map((piece) => ({ piece, attempt: 1 }));
  return planPasses(spec, wanted, 'best', new Set(used));
};
const beds = (spec: RunSpec, used: readonly string[] = []) => passesOf(spec, used).passes.map(({ bedId }) => bedId);
const numOn = ({ passes }: ReturnType<typeof passesOf>) =>
  passes.map(({ patches }) => patches.flatMap(({ placed }) => placed).length);

test('a leftover serves one pass, the rest goes on the usual bed, and nothing is lost or cut twice', () => {
  const plan = passesOf(onScrap);
  expect(plan.passes.map(({ bedId }) => bedId)).toEqual(['scrap', ...plan.passes.slice(1).map(() => 'bed-small')]);
  const laid = plan.passes.flatMap(({ patches }) =>
    patches.flatMap(({ placed }) => placed.map(({ piece }) => piece.id)),
  );
  expect(laid).toHaveLength(names.length);
  expect(new Set(laid).size).toBe(names.length);
  expect([plan.unplaced, numOn(plan)[0]! > 0]).toEqual([[], true]);
  // Once a pass was made on it, it is not offered again.
  expect(new Set(beds(onScrap, ['scrap']))).toEqual(new Set(['bed-small']));
  expect(beds(scrap, ['bed-small'])).toEqual(beds(scrap));
});

test('two films that name one leftover do not both get it; what is covered is a share, of ink less than of boxes', () => {
  const names3 = ['Ann', 'Bo', 'Cy'];
  const some = withBed(aRun(names3), 'scrap', { widthMm: 280, heightMm: 250, once: true });
  const white = setOverrides(
    some,
    [resolveSlots(some)[0]!.ref],
    { kind: 'material', materialId: 'film-white' },
    seededBytes(2),
  );
  const both = changeLayout(white, { beds: { [gold]: 'scrap', 'film-white': 'scrap' } });
  expect(beds(both)).toEqual(['scrap', 'bed-small']);
  for (const { patches } of passesOf(both).passes)
    for (const { inkShare, usedShare } of patches) {
      expect(inkShare).toBeGreaterThan(0);
      expect(inkShare).toBeLessThan(usedShare);
      expect(usedShare).toBeLessThanOrEqual(1);
    }
});

test('a leftover that is the usual bed leaves the rest to the first bed that is none; without any it is used again', () => {
  const usual = changeLayout(scrap, { bedId: 'scrap' });
  expect(bedsOf(usual, gold).map(({ id }) => id)).toEqual(['scrap', 'bed-small']);
  expect(beds(usual).slice(0, 2)).toEqual(['scrap', 'bed-small']);
  const alone = { ...usual, shop: { ...usual.shop, beds: usual.shop.beds.filter(({ id }) => id === 'scrap') } };
  const plan = passesOf(alone, ['scrap']);
  expect(new Set(plan.passes.map(({ bedId }) => bedId))).toEqual(new Set(['scrap']));
  expect(plan.unplaced.length + numOn(plan).reduce((sum, one) => sum + one, 0)).toBe(names.length);
});

test('margins of a bed are kept clear where they are more than the run wants', () => {
  const withMargin = (marginMm: number) => changeLayout(withBed(run, 'own', { marginMm }), { bedId: 'own', edgeMm: 5 });
  expect(bedRoomOf(withMargin(12)).usual).toMatchObject({ widthMm: 266, heightMm: 266 });
  expect(bedRoomOf(withMargin(3)).usual).toMatchObject({ widthMm: 280, heightMm: 280 });
  const edges = passesOf(withMargin(12)).passes.flatMap(({ patches }) =>
    patches.flatMap(({ placed }) => placed.flatMap(({ x, y }) => [x, y])),
  );
  expect(Math.min(...edges)).toBe(120_000);
});

test('no film is cut shorter than what may be loaded', () => {
  const one = aRun(['Bo']);
  const roll = (leastMm: number) =>
    changeLayout(withBed(one, 'own', { kind: 'roll', heightMm: 1500, leastMm }), { bedId: 'own' });
  const long = (leastMm: number) => passesOf(roll(leastMm)).passes[0]!.patches[0]!.h / 10_000;
  expect(long(0)).toBeLessThan(150);
  expect(long(150)).toBe(150);
  expect(long(1500)).toBe(1500);
});

test('what a leftover or the bed after it holds is no finding on Fit, and is just what Sheets lays out', () => {
  const wide = withPlace(aRun(['Montgomery', 'Bo', 'Ann']), 300, 80, 'stand-block');
  const film = wide.uses[0]!.places[0]!.materials.main!;
  const told = (spec: RunSpec) =>
    fitsOf(spec)
      .filter(({ findings }) => findings.some(({ kind }) => kind === 'largerThanBed'))
      .map(({ fit }) => fit.slot.text.join(' '));
  const small = withBed(wide, 'scrap', { widthMm: 120, heightMm: 60, once: true });
  const large = withBed(wide, 'scrap', { widthMm: 400, heightMm: 300, once: true });
  const own = { beds: { [film]: 'scrap' }, mayTurn: false };
  for (const [spec, expected] of [
    [changeLayout(small, own), ['Montgomery']],
    [changeLayout(large, own), []],
    [changeLayout(small, { ...own, bedId: 'bed-long' }), ['Montgomery']],
    [changeLayout(small, { ...own, bedId: 'bed-long', mayTurn: true }), []],
  ] as const) {
    expect(told(spec)).toEqual(expected);
    expect(passesOf(spec).unplaced.map(({ piece }) => piece.text.join(' '))).toEqual(expected);
  }
});

test('film whose pattern runs one way is never turned, on Sheets nor on Fit', () => {
  const wide = withPlace(aRun(['Montgomery', 'Bo', 'Ann']), 300, 80, 'stand-block');
  const film = wide.uses[0]!.places[0]!.materials.main!;
  const patterned = changeMaterialValue(wide, film, (value) => ({ ...value, pattern: 'along' }));
  const turned = (spec: RunSpec) =>
    passesOf(spec).passes.flatMap(({ patches }) =>
      patches.flatMap(({ placed }) =>
        placed.flatMap(({ piece, turnDeg }) => (turnDeg === 90 ? piece.text.join() : [])),
      ),
    );
  const onLong = (spec: RunSpec) => changeLayout(spec, { bedId: 'bed-long' });
  expect(turned(onLong(wide))).toContain('Montgomery');
  expect(turned(onLong(patterned))).toEqual([]);
  expect(passesOf(onLong(patterned)).unplaced.map(({ piece }) => piece.text.join())).toEqual(['Montgomery']);
  const told = fitsOf(onLong(patterned)).filter(({ findings }) =>
    findings.some(({ kind }) => kind === 'largerThanBed'),
  );
  expect(told.map(({ fit }) => fit.slot.text.join())).toEqual(['Montgomery']);
});

test('a film’s bed has to be there', () => {
  expect(specFaults(onScrap)).toEqual([]);
  expect(specFaults(changeLayout(run, { beds: { [gold]: 'gone' } }))).toEqual([
    { kind: 'unknownId', field: `layout.beds.${gold}`, id: 'gone' },
  ]);
});
