import type { Island } from '../geometry';
import { comesApart } from './comes-apart';
import { fillFor, localWidths } from './local-width';
import { lostRuns } from './lost-runs';
import { PointGrid } from './point-grid';
import { sampleOutline } from './sample-outline';
import { MM, STEP, circle, island, rect } from './test/shapes';

const CUT_OFF = 4 * MM;

/** What an opening by a disc leaves of a region, where nothing wider than 4 mm was looked across. */
function opened(widthMm: number, one: Island) {
  const samples = sampleOutline({ islands: [one] }, STEP);
  const local = localWidths(samples, fillFor(new PointGrid(), samples, CUT_OFF), 'inside', CUT_OFF);
  const ringNos = samples.rings.map((_, ringNo) => ringNo);
  const runs = lostRuns(samples, local.width, widthMm * MM);
  return { state: comesApart(samples, local, 1, ringNos, runs, widthMm * MM), local, runs };
}

test('a rim and the edge of its hole hang together across what was too wide to be looked across', () => {
  const { state, local } = opened(3, island(circle(20, 20, 16), circle(20, 20, 7)));
  // Two whole rings, and nothing that faces either within the cut-off.
  expect(local.opposite.every((across) => across < 0)).toBe(true);
  expect(state).toBe('whole');
});

test('across a thin part nothing is joined, however wide both ends are', () => {
  const dumbbell = (neckMm: number): Island => {
    const [low, high] = [15 - neckMm / 2, 15 + neckMm / 2];
    const corners = [0, 0, 20, 0, 20, low, 40, low, 40, 0, 60, 0, 60, 30, 40, 30, 40, high, 20, high, 20, 30, 0, 30];
    return { outer: Int32Array.from(corners, (mm) => Math.round(mm * MM)), holes: [] };
  };
  expect([1, 2.8].map((neck) => opened(3, dumbbell(neck)).state)).toEqual(['apart', 'apart']);
  expect(opened(3, dumbbell(3.2)).state).toBe('whole');
});

test('a bar that is narrower than the disc is gone', () => {
  expect(opened(3, island(rect(0, 0, 30, 2))).state).toBe('gone');
});
