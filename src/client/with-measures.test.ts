import type { FitResult } from '@/workers/fit-protocol';
import { withMeasures } from './with-measures';

const thin = { kind: 'thinStroke', severity: 'check' };
const small = { kind: 'tooSmall', severity: 'check' };
const measures = (mm: number) => ({ stroke: { mm }, gap: null, notch: null, hole: null });
const aFit = (layerIds: readonly string[]) => ({
  layers: layerIds.map((layerId) => ({ layerId, measures: null })),
  findings: [small],
  looked: [],
});

test('what was measured is added to its own fit and layers; all else stays the very same', () => {
  const fits = [aFit(['a']), aFit(['b', 'c']), aFit(['d'])];
  const result = { fits, setSizes: {}, drawn: {} } as unknown as FitResult;
  const found = { index: 1, measures: [measures(0.4), measures(0.9)], findings: [thin], looked: [small] } as never;
  const after = withMeasures(result, [found]);
  expect(after.fits[1]).toEqual({
    layers: [
      { layerId: 'b', measures: measures(0.4) },
      { layerId: 'c', measures: measures(0.9) },
    ],
    findings: [small, thin],
    looked: [small],
  });
  expect([after.fits[0], after.fits[2]]).toEqual([fits[0], fits[2]]);
  expect(after.fits[0]).toBe(result.fits[0]);
  expect(after.setSizes).toBe(result.setSizes);
  expect(result.fits[1]!.findings).toEqual([small]);
});

test('a layer that was not measured has none, and a fit that is not there takes none', () => {
  const result = { fits: [aFit(['a', 'b'])], setSizes: {}, drawn: {} } as unknown as FitResult;
  const found = (index: number) => ({ index, measures: [measures(1)], findings: [], looked: [] }) as never;
  const after = withMeasures(result, [found(0), found(1)]);
  expect(after.fits).toHaveLength(1);
  expect(after.fits[0]!.layers.map((layer) => layer.measures)).toEqual([measures(1), null]);
});
