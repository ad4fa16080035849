'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Deed, NewAct } from '@/core/ledger';
import { makeId } from '@/core/run';
import type { ActAnswer, BenchView } from '@/services';
import { type ApiProblem, api } from './api';
import { randomBytes } from './random-bytes';
import { stationId } from './station';

export interface Work {
  readonly bench: BenchView;
  /** Acts that the server has not acknowledged yet: nothing shows them as done. */
  readonly numWaiting: number;
  readonly isServerGone: boolean;
  /** Reads items, tally and what can be undone again. */
  readonly refresh: () => Promise<void>;
  /** Records deeds as one act; sent again with the same id until the server answers. */
  readonly act: (deeds: readonly Deed[]) => Promise<{ ok: true; answer: ActAnswer } | { ok: false; detail: string }>;
}

const RETRY_MS = 1500;

/** What was done to the run's items, as the server acknowledged it. */
export function useWork(runId: string, initial: BenchView): Work {
  const [bench, setBench] = useState(initial);
  const [numWaiting, setNumWaiting] = useState(0);
  const [isServerGone, setServerGone] = useState(false);
  const lastSent = useRef<Promise<unknown>>(Promise.resolve());

  const refresh = useCallback(async () => {
    const fresh = await api.bench(runId, stationId());
    if (fresh.ok) setBench(fresh.value);
  }, [runId]);

  useEffect(() => {
    // Only the browser knows its station, so the first undo of a reloaded page has to be asked for.
    void api.bench(runId, stationId()).then((fresh) => fresh.ok && setBench(fresh.value));
  }, [runId]);

  const act = useCallback(
    async (deeds: readonly Deed[]) => {
      const newAct: NewAct = {
        id: makeId<'act'>(randomBytes) + makeId<'act'>(randomBytes),
        by: { who: '', station: stationId() },
        at: new Date().toISOString(),
        deeds,
      };
      setNumWaiting((count) => count + 1);
      // One after the other: the ledger keeps the order in which they were done.
      const sending = lastSent.current.then(() => sendUntilAnswered(runId, newAct, setServerGone));
      lastSent.current = sending;
      const answer = await sending;
      setNumWaiting((count) => count - 1);
      if (!answer.ok) return { ok: false as const, detail: answer.detail };
      setBench(answer.value.bench);
      return { ok: true as const, answer: answer.value };
    },
    [runId],
  );

  return { bench, numWaiting, isServerGone, refresh, act };
}

async function sendUntilAnswered(
  runId: string,
  act: NewAct,
  setServerGone: (isGone: boolean) => void,
): Promise<{ ok: true; value: ActAnswer } | { ok: false; detail: string }> {
  for (;;) {
    const answer = await api.act(runId, act);
    if (answer.ok) {
      setServerGone(false);
      return answer;
    }
    if (!isWorthRepeating(answer.problem)) {
      setServerGone(false);
      return { ok: false, detail: answer.problem.kind === 'refused' ? answer.problem.detail : '' };
    }
    setServerGone(true);
    await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
  }
}

function isWorthRepeating(problem: ApiProblem): boolean {
  return problem.kind === 'serverGone' || problem.status >= 500;
}
