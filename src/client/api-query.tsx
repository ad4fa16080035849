'use client';

import { QueryClient, QueryClientProvider, keepPreviousData, useQuery } from '@tanstack/react-query';
import { type ReactNode, useCallback, useState } from 'react';
import type { Outcome } from '@/core/outcome';
import type { ApiProblem } from './api';

/** How long it is waited before a server that is gone is asked again. */
const RETRY_MS = 2000;

/** What all pages ask the server through. */
export function QueryProvider({ children }: { readonly children: ReactNode }) {
  const [queries] = useState(makeQueryClient);
  return <QueryClientProvider client={queries}>{children}</QueryClientProvider>;
}

function makeQueryClient(): QueryClient {
  return new QueryClient({
    // What is asked for is named by the state it is for: an answer never grows old, another state is another question. The library
    // must not think that a page without the internet cannot reach a server on its own machine.
    defaultOptions: {
      queries: { staleTime: Infinity, retry: false, refetchOnWindowFocus: false, networkMode: 'always' },
    },
  });
}

/** An answer of the server as a screen has it. */
export interface ApiAnswer<T> {
  /** Null until there is one; of the state before as long as the one that is asked for is not there. */
  readonly value: T | null;
  /** It answers what is asked now. */
  readonly isCurrent: boolean;
  /** Why there is no newer one. */
  readonly problem: ApiProblem | null;
  /** Where the server said that its answer to the same question is another by now. */
  readonly askAgain: () => Promise<void>;
}

export interface Asked<T> {
  readonly state: { readonly data?: Outcome<T, ApiProblem> | undefined };
}

/** When it is asked again, in milliseconds: where nothing was answered, or something that is not the end of it; false: not at all. */
export function againIn<T>({ state: { data } }: Asked<T>, isUnfinished?: (value: T) => boolean): number | false {
  return data && (!data.ok || isUnfinished?.(data.value)) ? RETRY_MS : false;
}

interface ApiQuestion<T> {
  /** Everything that the answer depends on: answers come back in any order, and each keeps to its own question. */
  readonly key: readonly unknown[];
  /** Whoever looks at `signal` is given up with the question; other answers are kept for the next who asks. */
  readonly ask: (asked: { readonly signal: AbortSignal }) => Promise<Outcome<T, ApiProblem>>;
  /** False: it is not asked yet. */
  readonly isAsked?: boolean;
  /** False: the key does not name a state, so that it is asked again whenever a screen with it is opened. */
  readonly isKept?: boolean;
  /** True: the server works on a better answer to the same question, so that it is asked again. */
  readonly isUnfinished?: (value: T) => boolean;
}

/** Asks the server once for each question, and again while it is gone. */
export function useApiQuery<T>({
  key,
  ask,
  isAsked = true,
  isKept = true,
  isUnfinished,
}: ApiQuestion<T>): ApiAnswer<T> {
  const { data, isPlaceholderData, refetch } = useQuery({
    queryKey: key,
    queryFn: ask,
    enabled: isAsked,
    ...(isKept ? {} : { staleTime: 0, gcTime: 0 }),
    placeholderData: keepPreviousData,
    refetchInterval: (asked) => againIn(asked, isUnfinished),
  });
  return {
    value: data?.ok ? data.value : null,
    isCurrent: isAsked && data !== undefined && data.ok && !isPlaceholderData,
    problem: data && !data.ok ? data.problem : null,
    askAgain: useCallback(async () => void (await refetch()), [refetch]),
  };
}

/** An outline by its hash: what it says never changes. */
export function outlineQuery<T>(sha: string, ask: () => Promise<Outcome<T, ApiProblem>>) {
  return { queryKey: ['outline', sha], queryFn: ask, refetchInterval: (asked: Asked<T>) => againIn(asked) };
}
