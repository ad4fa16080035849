import fc from 'fast-check';
import { artCache } from '../artwork';
import type { Measures } from '../figures';
import { resolveSlots } from '../resolve';
import { aRun, shippedFaces } from '../test';
import { checkedReport, measureFindings } from '.';

const cache = artCache(shippedFaces());
const { fit } = checkedReport(resolveSlots(aRun(['Ottilie'])), cache).fits[0]!;
const { finest } = fit.slot.layers[0]!.material;
const spot = (widthMm: number) => ({ widthMm, xMm: 0, yMm: 0 });
const nothing: Measures = { stroke: null, gap: null, notch: null, hole: null };
const width = fc.integer({ min: 1, max: 400 }).map((hundredths) => hundredths / 100);

test('what is finer than its material takes is a check; a gap that closes to a point is noted where no passage is too narrow', () => {
  fc.assert(
    fc.property(width, width, width, width, (stroke, gap, notch, hole) => {
      const measures = { stroke: spot(stroke), gap: spot(gap), notch: spot(notch), hole: spot(hole) };
      const found = measureFindings(fit, 0, measures, false);
      expect(found.map(({ kind, severity }) => [kind, severity])).toEqual([
        ...(stroke < finest.strokeMm ? [['thinStroke', 'check']] : []),
        ...(gap < finest.gapMm ? [['narrowGap', 'check']] : []),
        ...(hole < finest.holeMm ? [['smallHole', 'check']] : []),
        ...(notch < finest.gapMm && gap >= finest.gapMm ? [['narrowGap', 'note']] : []),
      ]);
      for (const one of found) {
        expect(one.at).toEqual({ layerId: fit.slot.layers[0]!.id });
        if (one.kind === 'narrowGap')
          expect([one.closes, one.widthMm]).toEqual(one.severity === 'note' ? [true, notch] : [false, gap]);
      }
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
    1.2 * 1.0075,
    9,
  );
});
