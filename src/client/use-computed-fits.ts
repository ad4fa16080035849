'use client';

import { startTransition, useEffect, useRef, useState } from 'react';
import type { RunSpec } from '@/core/spec';
import { type FitClient, startFitClient } from '@/workers/fit-client';
import type { FitResult } from '@/workers/fit-protocol';
import { ShapePaths } from '@/workers/shape-paths';
import { withMeasures } from './with-measures';

export type FitsState =
  /** `last` is what was known before, of the spec `of`; null on the first computation. */
  | { readonly kind: 'computing'; readonly last: FitResult | null; readonly of: RunSpec | null }
  | { readonly kind: 'ready'; readonly last: FitResult }
  | { readonly kind: 'failed'; readonly last: FitResult | null; readonly message: string };

/** The newest answer of the worker, with the spec that it is for. */
interface Answered {
  readonly spec: RunSpec;
  readonly last: FitResult | null;
  readonly failure: string | null;
}

/** Fits of the spec, computed in a worker and again with every change; the last ones stay in sight meanwhile. */
export function useComputedFits(spec: RunSpec): {
  readonly fits: FitsState;
  readonly paths: ShapePaths;
  /** What the worker is asked besides, of the fits that it answered last; null before it has started. */
  readonly askFits: () => FitClient | null;
} {
  const client = useRef<FitClient | null>(null);
  const [paths] = useState(() => new ShapePaths());
  const [answered, setAnswered] = useState<Answered | null>(null);

  useEffect(() => {
    const started = startFitClient(paths);
    client.current = started;
    return () => {
      started.stop();
      client.current = null;
    };
  }, [paths]);

  useEffect(() => {
    let isCurrent = true;
    const work = async () => {
      const last = await client.current?.fit(spec);
      if (!isCurrent || !last) return;
      setAnswered({ spec, last, failure: null });
      await client.current?.measure((measured) => {
        if (!isCurrent) return;
        // Nobody waits for a measure: the page stays free for whoever types meanwhile.
        startTransition(() =>
          // It may have to wait until other fits are there, which it says nothing of.
          setAnswered((before) =>
            before?.spec === spec ? { ...before, last: before.last && withMeasures(before.last, measured) } : before,
          ),
        );
      });
    };
    // In a task of its own: whoever clicked sees first what was clicked.
    const timer = setTimeout(() => {
      work().catch((error: unknown) => {
        if (isCurrent) setAnswered((before) => ({ spec, last: before?.last ?? null, failure: String(error) }));
      });
    });
    return () => {
      isCurrent = false;
      clearTimeout(timer);
    };
  }, [spec]);

  const [askFits] = useState(() => () => client.current);
  return { fits: stateOf(answered, spec), paths, askFits };
}

function stateOf(answered: Answered | null, spec: RunSpec): FitsState {
  if (answered?.spec !== spec) return { kind: 'computing', last: answered?.last ?? null, of: answered?.spec ?? null };
  const { last, failure } = answered;
  if (failure !== null) return { kind: 'failed', last, message: failure };
  return last ? { kind: 'ready', last } : { kind: 'computing', last, of: answered.spec };
}
