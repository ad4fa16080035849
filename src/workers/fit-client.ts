import * as Comlink from 'comlink';
import type { RemedyOffer } from '@/core/remedies';
import type { PlaceAt } from '@/core/edit';
import type { Finding } from '@/core/finding';
import type { RunSpec } from '@/core/spec';
import type { Comparison, FitResult, FitWorkerApi, FoundByMeasuring, TakenRemedy, WantedRemedy } from './fit-protocol';
import type { ShapePaths } from './shape-paths';

export interface FitClient {
  /** Null when a newer request overtook this one. Rejects when the worker fails. */
  fit(spec: RunSpec): Promise<FitResult | null>;
  /** Measures the fits answered last, as long as no newer request comes. */
  measure(onMeasured: (measured: readonly FoundByMeasuring[]) => void): Promise<boolean>;
  /** Remedies for one fit of the newest result, by its index in it; null when that was overtaken. */
  remedies(index: number, answering: Finding['kind'] | null): Promise<readonly RemedyOffer[] | null>;
  /** The same remedy for many of them. */
  remedyForAll(indexes: readonly number[], wanted: WantedRemedy): Promise<readonly TakenRemedy[] | null>;
  /** One place in another lettering. */
  compare(at: PlaceAt, letteringId: string): Promise<Comparison | null>;
  stop(): void;
}

/** Starts the worker that computes fits for the screen; outlines that come with them are added to `paths`. */
export function startFitClient(paths: ShapePaths): FitClient {
  const worker = new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
  const remote = Comlink.wrap<FitWorkerApi>(worker);
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'the worker could not start'));
  });
  failed.catch(() => undefined);
  let requestNo = 0;
  return {
    async fit(spec) {
      const result = await Promise.race([remote.fit(++requestNo, spec), failed]);
      if (result) paths.add(result.drawn);
      return result;
    },
    measure: (onMeasured) => Promise.race([remote.measure(requestNo, Comlink.proxy(onMeasured)), failed]),
    remedies: (index, answering) => Promise.race([remote.remedies(requestNo, index, answering), failed]),
    remedyForAll: (indexes, wanted) => Promise.race([remote.remedyForAll(requestNo, indexes, wanted), failed]),
    async compare(at, letteringId) {
      const result = await Promise.race([remote.compare(requestNo, at, letteringId), failed]);
      if (result) paths.add(result.drawn);
      return result;
    },
    stop: () => worker.terminate(),
  };
}
