import { artCache } from '../artwork';
import { changeBlank, changePlaceUse, changeVariant, mainPlace } from '../edit';
import type { Blank } from '../shop';
import { resolveSlots } from '../resolve';
import { COLOURS, aColouredRun, aRun, shippedFaces } from '../test';
import { checkedReport } from '.';

const cache = artCache(shippedFaces());

interface On extends Partial<Pick<Blank, 'fabricClass' | 'bearsC' | 'polyesterPct'>> {
  readonly hex?: string;
}

/** What is said of a film on a blank that is cotton, light and says nothing of its own. */
function said(materialId: string, { hex = '#f7f5ee', ...facts }: On = {}) {
  const run = aRun(['Ann']);
  const { use } = mainPlace(run);
  const blank = { fabricClass: 'cotton' as const, bearsC: null, polyesterPct: null, ...facts };
  const onBlank = changeBlank(run, use.blankId, (one) => ({ ...one, ...blank }));
  const light = changeVariant(onBlank, null, (variant) => ({ ...variant, colour: { name: 'cloth', hex } }));
  const spec = changePlaceUse(light, null, (place) => ({ ...place, materials: { main: materialId } }));
  return checkedReport(resolveSlots(spec), cache).fits[0]!.findings.filter(({ kind }) => kind === 'filmUnsuited');
}

const unsuited = (why: string, film: string, has: number, least: number) => [
  { kind: 'filmUnsuited', severity: 'check', film, why, has, least, at: { layerId: expect.any(String) } },
];

test('a film that wants more heat than fabric or blank bears is told with both figures', () => {
  expect(said('film-gold')).toEqual([]);
  expect(said('film-glitter', { fabricClass: 'nylon' })).toEqual(unsuited('tooHot', 'glitter film', 140, 150));
  expect(said('film-low-melt', { fabricClass: 'nylon' })).toEqual([]);
  expect(said('film-gold', { bearsC: 139 })).toEqual(unsuited('tooHot', 'heat-transfer film', 139, 140));
  expect(said('film-gold', { bearsC: 140 })).toEqual([]);
  // Nobody has said what it is: nothing is claimed. What is not pressed suits.
  expect(said('film-glitter', { fabricClass: null })).toEqual([]);
  expect(said('adhesive-silver', { fabricClass: 'nylon' })).toEqual([]);
});

test('ink goes into polyester alone, by the label or by the fabric, and on light goods alone', () => {
  expect(said('ink-red')).toEqual(unsuited('littlePolyester', 'transfer-ink sheet', 0, 65));
  expect(said('ink-red', { fabricClass: 'polyCotton' })).toEqual(
    unsuited('littlePolyester', 'transfer-ink sheet', 50, 65),
  );
  expect(said('ink-red', { fabricClass: 'polyester', polyesterPct: 64 })).toEqual(
    unsuited('littlePolyester', 'transfer-ink sheet', 64, 65),
  );
  expect(said('ink-red', { fabricClass: 'polyester', polyesterPct: 65 })).toEqual([]);
  expect(said('ink-red', { fabricClass: 'polyester' })).toEqual([]);
  expect(said('ink-red', { fabricClass: 'hardCoated' })).toEqual([]);
  expect(said('ink-red', { fabricClass: null, hex: '#ffffff' })).toEqual([]);
  expect(said('ink-red', { fabricClass: 'polyester', hex: '#24344f' })).toEqual([
    expect.objectContaining({ why: 'dark', film: 'transfer-ink sheet', least: 75 }),
  ]);
  expect(said('ink-red', { fabricClass: 'hardCoated', hex: '#000000' })).toEqual(
    unsuited('dark', 'transfer-ink sheet', 0, 75),
  );
  // Dark cloth takes film all the same.
  expect(said('film-gold', { hex: '#24344f' })).toEqual([]);
});

test('each layer is looked at by its own film', () => {
  const run = aColouredRun(['Ann']);
  const { use } = mainPlace(run);
  const nylon = changeBlank(run, use.blankId, (one) => ({ ...one, fabricClass: 'nylon', bearsC: null }));
  const spec = changePlaceUse(nylon, null, (place) => ({
    ...place,
    materials: { ...place.materials, [COLOURS[1].slot]: 'film-glitter' },
  }));
  const found = checkedReport(resolveSlots(spec), cache).fits[0]!.findings.filter(
    ({ kind }) => kind === 'filmUnsuited',
  );
  expect(found.map(({ at }) => at?.layerId)).toEqual([COLOURS[1].id]);
});
