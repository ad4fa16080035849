import * as Comlink from 'comlink';
import type { RunSpec } from '@/core/run';
import type { FitResult, FitWorkerApi, MeasuredFit } from './fit-protocol';
import type { TextPaths } from './text-paths';

export interface FitClient {
  /** Null when a newer request overtook this one. Rejects when the worker fails. */
  fit(spec: RunSpec): Promise<FitResult | null>;
  /** Measures the fits answered last, as long as no newer request comes. */
  measure(onMeasured: (measured: readonly MeasuredFit[]) => void): Promise<boolean>;
  stop(): void;
}

/** Starts the worker that computes fits for the screen; outlines that come with them are added to `paths`. */
export function startFitClient(paths: TextPaths): FitClient {
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
    stop: () => worker.terminate(),
  };
}
