import * as Comlink from 'comlink';
import type { DrawnShapes, FitWorkerApi } from './fit-protocol';

// The engines start with an await. Were they imported up here, messages sent before it ended would be lost.
const core = import('./fit-core');

let newest = 0;

const api: FitWorkerApi = {
  async fit(requestNo, spec) {
    newest = Math.max(newest, requestNo);
    const { fitForScreen } = await core;
    const result = await fitForScreen(spec, () => requestNo === newest);
    if (!result) return null;
    return withShapes(result);
  },
  async measure(requestNo, onMeasured) {
    const { measureForScreen } = await core;
    return measureForScreen(() => requestNo === newest, onMeasured);
  },
  async remedies(requestNo, index, answering) {
    const { remediesForScreen } = await core;
    return remediesForScreen(index, answering, () => requestNo === newest);
  },
  async remedyForAll(requestNo, indexes, wanted) {
    const { remedyForAllOnScreen } = await core;
    return remedyForAllOnScreen(indexes, wanted, () => requestNo === newest);
  },
  async compare(requestNo, at, letteringId) {
    const { compareForScreen } = await core;
    const result = await compareForScreen(at, letteringId, () => requestNo === newest);
    if (!result) return null;
    return withShapes(result);
  },
};

/** Shapes are handed over, not copied. */
function withShapes<T extends { readonly drawn: DrawnShapes }>(result: T): T {
  const { points, ringEnds, shapeEnds } = result.drawn;
  return Comlink.transfer(result, [points.buffer, ringEnds.buffer, shapeEnds.buffer]);
}

Comlink.expose(api);
