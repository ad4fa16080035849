import fc from 'fast-check';
import { artCache } from '../artwork';
import type { Measures } from '../figures';
import { resolveSlots } from '../resolve';
import { aRun, shippedFaces } from '../test';
import { checkedReport, measureFindings } from '.';

const cache = artCache(shippedFaces());
const { fit } = checkedReport(resolveSlots(aRun(['Ottilie'])), cache).fits[0]!;
const { finest } = fit.slot.layers[0]!.material;
const spot = (widthMm: number, closes = false) => ({ widthMm, xMm: 0, yMm: 0, closes });
const nothing: Measures = { stroke: null, gap: null, hole: null };
const width = fc.integer({ min: 1, max: 400 }).map((hundredths) => hundredths / 100);

test('what is finer than its material takes is a check; a gap that closes to a point is only noted', () => {
  fc.assert(
    fc.property(width, width, width, fc.boolean(), (stroke, gap, hole, closes) => {
      const found = measureFindings(fit, 0, { stroke: spot(stroke), gap: spot(gap, closes), hole: spot(hole) }, false);
      expect(found.map(({ kind, severity }) => [kind, severity])).toEqual([
        ...(stroke < finest.strokeMm ? [['thinStroke', 'check']] : []),
        ...(gap < finest.gapMm ? [['narrowGap', closes ? 'note' : 'check']] : []),
        ...(hole < finest.holeMm ? [['smallHole', 'check']] : []),
      ]);
      for (const { at } of found) expect(at).toEqual({ layerId: fit.slot.layers[0]!.id });
    }),
  );
  expect(measureFindings(fit, 0, nothing)).toEqual([]);
});

test('nothing grows out of a width of nothing, nor out of one that would need letters more than twice as tall', () => {
  for (const widthMm of [0, finest.strokeMm / 2.1]) {
    expect(measureFindings(fit, 0, { ...nothing, stroke: spot(widthMm) })).toMatchObject([{ passesAtMm: null }]);
  }
  // Its own strokes pass as it is, so that whatever is a little larger does.
  const [near] = measureFindings(fit, 0, { ...nothing, stroke: spot(finest.strokeMm / 1.2) });
  expect(near).toMatchObject({ kind: 'thinStroke', leastMm: finest.strokeMm });
  expect(near?.kind === 'thinStroke' && near.passesAtMm! / (fit.emMm * fit.artwork.capHeightEm)).toBeCloseTo(
    1.2 * 1.005,
    9,
  );
});
