'use client';

import { useEffect, useRef, useState } from 'react';
import type { RunSpec } from '@/core/run';
import { type FitClient, startFitClient } from '@/workers/fit-client';
import type { FitResult } from '@/workers/fit-protocol';
import type { TextPaths } from '@/workers/text-paths';

export type FitsState =
  /** `last` is what was known before; null on the first computation. */
  | { readonly kind: 'computing'; readonly last: FitResult | null }
  | { readonly kind: 'ready'; readonly last: FitResult }
  | { readonly kind: 'failed'; readonly last: FitResult | null; readonly message: string };

const NO_PATHS = { pathOf: () => '' } as unknown as TextPaths;

/** Fits of the spec, computed in a worker and again with every change; the last ones stay in sight meanwhile. */
export function useFits(spec: RunSpec): { readonly fits: FitsState; readonly paths: TextPaths } {
  const client = useRef<FitClient | null>(null);
  const [fits, setFits] = useState<FitsState>({ kind: 'computing', last: null });
  const [paths, setPaths] = useState<TextPaths>(NO_PATHS);

  useEffect(() => {
    const started = startFitClient();
    client.current = started;
    setPaths(started.paths);
    return () => {
      started.stop();
      client.current = null;
    };
  }, []);

  useEffect(() => {
    let isCurrent = true;
    setFits(({ last }) => ({ kind: 'computing', last }));
    client.current?.fit(spec).then(
      (result) => isCurrent && result && setFits({ kind: 'ready', last: result }),
      (error: unknown) => isCurrent && setFits(({ last }) => ({ kind: 'failed', last, message: String(error) })),
    );
    return () => {
      isCurrent = false;
    };
  }, [spec]);

  return { fits, paths };
}
