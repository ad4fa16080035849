import * as Comlink from 'comlink';
import type * as FitCore from './fit-core';
import type { DrawnShapes, FitWorkerApi } from './fit-protocol';

/** What the worker offers, over a core that may still be starting: a newer request of fits supersedes all that was asked before it. */
export function fitApi(core: Promise<typeof FitCore>): FitWorkerApi {
  let newest = 0;
  const isNewest = (requestNo: number) => () => requestNo === newest;
  return {
    async fit(requestNo, spec) {
      newest = Math.max(newest, requestNo);
      return handedOver(await (await core).fitForScreen(spec, isNewest(requestNo)));
    },
    measure: async (requestNo, onMeasured) => (await core).measureForScreen(isNewest(requestNo), onMeasured),
    remedies: async (requestNo, index, answering) =>
      (await core).remediesForScreen(index, answering, isNewest(requestNo)),
    remedyForAll: async (requestNo, indexes, wanted) =>
      (await core).remedyForAllOnScreen(indexes, wanted, isNewest(requestNo)),
    compare: async (requestNo, at, letteringId) =>
      handedOver(await (await core).compareForScreen(at, letteringId, isNewest(requestNo))),
  };
}

/** Shapes are handed over, not copied. */
function handedOver<T extends { readonly drawn: DrawnShapes }>(result: T | null): T | null {
  if (!result) return null;
  const { text, shapeEnds } = result.drawn;
  return Comlink.transfer(result, [text.buffer, shapeEnds.buffer]);
}
