import { jest } from '@jest/globals';
import { artCache } from '@/core/artwork';
import { checkedReport, measureFit } from '@/core/checks';
import { changePlaceUse, changeVariant } from '@/core/edit';
import { remediesFor } from '@/core/remedies';
import { resolveSlots } from '@/core/resolve';
import { aRun, fitRun, shippedFaces, shirtRun, starterBlank, withPlace, withRule } from '@/core/test';
import { fitAll } from '@/core/fit';
import * as worker from './fit-core';
import type { FoundByMeasuring } from './fit-protocol';
import { serveFaces } from './test/serve-faces';

const cache = artCache(shippedFaces());
const always = () => true;
const never = () => false;
const LONG = 'Montgomery Featherstonehaugh';
const spec = withRule(withPlace(aRun([LONG, 'Bo', LONG, 'Cy']), 180, 52), { kind: 'banded', ratio: 1.35 });

serveFaces();

test('before anything was answered there is nothing to measure, to remedy or to compare', async () => {
  const told: unknown[] = [];
  expect(await worker.measureForScreen(always, (found) => told.push(found))).toBe(false);
  expect(await worker.remediesForScreen(0, null, always)).toBeNull();
  const wanted = { offer: { kind: 'condense', sets: [] }, answering: null } as const;
  expect(await worker.remedyForAllOnScreen([0], wanted, always)).toBeNull();
  expect(
    await worker.compareForScreen({ useId: 'u', placeId: 'p', variantId: null }, 'stand-block', always),
  ).toBeNull();
  expect(told).toEqual([]);
});

test('measures are those of the core, each fit once, handed over at the end at the latest', async () => {
  await worker.fitForScreen(spec, always);
  const told: FoundByMeasuring[] = [];
  expect(await worker.measureForScreen(always, (found) => told.push(...found))).toBe(true);
  expect(told.map(({ index }) => index)).toEqual([0, 1, 2, 3]);
  const { fits } = checkedReport(resolveSlots(spec), cache);
  expect(told.map(({ findings, measures }) => [findings, measures])).toEqual(
    fits.map(({ fit }) => {
      const { findings, measures } = measureFit(fit, cache);
      return [findings, measures];
    }),
  );
});

test('measures are handed over bit by bit where they take long', async () => {
  await worker.fitForScreen(spec, always);
  // Every look at the clock finds it a tenth of a second on.
  let now = 0;
  const clock = jest.spyOn(performance, 'now').mockImplementation(() => (now += 100));
  const told: number[][] = [];
  await worker.measureForScreen(always, (found) => told.push(found.map(({ index }) => index)));
  clock.mockRestore();
  expect(told.flat()).toEqual([0, 1, 2, 3]);
  expect(told.length).toBeGreaterThan(1);
  expect(told[0]!.length).toBeGreaterThan(1);
});

test('remedies answer what they are asked about, and the same one is taken for all whom it helps', async () => {
  await worker.fitForScreen(spec, always);
  const offers = await worker.remediesForScreen(0, 'tooSmall', always);
  const report = fitAll(resolveSlots(spec), cache);
  expect(offers).toEqual(remediesFor({ spec, report, cache }, 0, 'tooSmall'));
  expect(await worker.remediesForScreen(0, 'tooSmall', never)).toBeNull();
  const offer = offers!.find(({ kind }) => kind === 'twoLines')!;
  const wanted = { offer, answering: 'tooSmall' } as const;
  const taken = await worker.remedyForAllOnScreen([0, 1, 2], wanted, always);
  // A short name has no two lines.
  expect(taken).toEqual([
    { index: 0, sets: offer.sets },
    { index: 2, sets: offer.sets },
  ]);
  expect(await worker.remedyForAllOnScreen([0, 2], wanted, never)).toBeNull();
  // Asking somebody for a shorter name changes nothing by itself.
  const shorten = { offer: { kind: 'shorten', sets: [] }, answering: 'tooSmall' } as const;
  expect(await worker.remedyForAllOnScreen([0, 2], shorten, always)).toEqual([]);
});

test('the very film that was chosen is taken for all alike, and another that is told where it is not', async () => {
  const onCream = changeVariant(aRun(['Ann', 'Bo']), null, (variant) => ({
    ...variant,
    colour: { name: 'cream', hex: '#efe3c2' },
  }));
  await worker.fitForScreen(
    changePlaceUse(onCream, null, (place) => ({ ...place, materials: { main: 'film-white' } })),
    always,
  );
  const offers = (await worker.remediesForScreen(0, 'lowContrast', always))!;
  expect(offers.length).toBeGreaterThan(1);
  const second = offers[1]!;
  const all = (offer: Pick<typeof second, 'kind' | 'sets'>) =>
    worker.remedyForAllOnScreen([0, 1], { offer, answering: 'lowContrast' }, always);
  expect((await all(second))!.map(({ sets }) => sets)).toEqual([second.sets, second.sets]);
  const gone = { kind: 'film', sets: [{ kind: 'material', materialId: 'film-that-went' }] } as const;
  expect((await all(gone))!.map(({ sets }) => sets)).toEqual([offers[0]!.sets, offers[0]!.sets]);
});

test('another lettering is compared at the same place, with its stops and the height of its set', async () => {
  await worker.fitForScreen(spec, always);
  const [use] = spec.uses;
  const at = { useId: use!.id, placeId: use!.places[0]!.placeId, variantId: null };
  const compared = (await worker.compareForScreen(at, 'narrow-block', always))!;
  const other = changePlaceUse(spec, at, (place) => ({ ...place, letteringId: 'narrow-block' }));
  const { fits, setSizes } = fitRun(other, cache);
  expect(compared.fits.map((fit) => fit?.capHeightMm)).toEqual(fits.map(({ capHeightMm }) => capHeightMm));
  expect(compared.setSize).toEqual(Object.values(setSizes)[0]);
  const stops = fits.filter(({ findings }) => findings.some(({ severity }) => severity === 'stop'));
  expect(compared.numStops).toBe(stops.length);
  expect(compared.fits.map((fit) => fit?.hasStop)).toEqual(fits.map((fit) => stops.includes(fit)));
  expect(compared.drawn.shapeNos).toHaveLength(3);
});

test('of several places that an item has only the one that was asked about is compared', async () => {
  const shirts = shirtRun([
    ['Ottoline', 'M', 'red'],
    ['Bo', 'S', 'red'],
  ]);
  const [use] = shirts.uses;
  const [first] = use!.places;
  const secondId = Object.keys(starterBlank('t-shirt').value.variants[0]!.places).find((id) => id !== first!.placeId)!;
  const both = { ...shirts, uses: [{ ...use!, places: [first!, { ...first!, placeId: secondId }] }] };
  const { fits } = (await worker.fitForScreen(both, always))!;
  const at = { useId: use!.id, placeId: secondId, variantId: null };
  const compared = (await worker.compareForScreen(at, 'narrow-block', always))!;
  expect(fits.length).toBe(4);
  expect(compared.fits.map((fit) => fit !== null)).toEqual(fits.map(({ placeId }) => placeId === secondId));
});
