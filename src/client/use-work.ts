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
  /**
   * Records deeds as one act, after those that still wait; sent again with the same id until the server answers. The deeds
   * are asked for when their turn comes, so that undo takes back what was really last. Null: there was nothing to do.
   */
  readonly act: (deedsOf: (bench: BenchView) => readonly Deed[]) => Promise<Recorded | null>;
}

export type Recorded =
  { readonly ok: true; readonly answer: ActAnswer } | { readonly ok: false; readonly detail: string };

const RETRY_MS = 1500;

/** What was done to the run's items, as the server acknowledged it. */
export function useWork(runId: string, initial: BenchView): Work {
  const [bench, setBench] = useState(initial);
  const [numWaiting, setNumWaiting] = useState(0);
  const [isServerGone, setServerGone] = useState(false);
  const latest = useRef(initial);
  const lastSent = useRef<Promise<unknown>>(Promise.resolve());

  const adopt = useCallback((fresh: BenchView) => {
    latest.current = keepUnchanged(latest.current, fresh);
    setBench(latest.current);
  }, []);

  const refresh = useCallback(async () => {
    const fresh = await api.bench(runId, stationId());
    if (fresh.ok) adopt(fresh.value);
  }, [runId, adopt]);

  useEffect(() => {
    // Only the browser knows its station, so the first undo of a reloaded page has to be asked for.
    void api.bench(runId, stationId()).then((fresh) => fresh.ok && adopt(fresh.value));
  }, [runId, adopt]);

  const act = useCallback(
    (deedsOf: (bench: BenchView) => readonly Deed[]): Promise<Recorded | null> => {
      setNumWaiting((count) => count + 1);
      // One after the other: the ledger keeps the order in which they were done.
      const sending = lastSent.current.then(async (): Promise<Recorded | null> => {
        const deeds = deedsOf(latest.current);
        const recorded = deeds.length === 0 ? null : await sendUntilAnswered(runId, newAct(deeds), setServerGone);
        if (recorded?.ok) adopt(recorded.answer.bench);
        setNumWaiting((count) => count - 1);
        return recorded;
      });
      lastSent.current = sending;
      return sending;
    },
    [runId, adopt],
  );

  return { bench, numWaiting, isServerGone, refresh, act };
}

/** Items that did not change stay the very same objects, so that their rows need not be drawn again. */
function keepUnchanged(before: BenchView, fresh: BenchView): BenchView {
  const known = new Map(before.items.map((item) => [item.itemId, item]));
  const items = fresh.items.map((item) => {
    const old = known.get(item.itemId);
    return old && JSON.stringify(old) === JSON.stringify(item) ? old : item;
  });
  return { ...fresh, items };
}

function newAct(deeds: readonly Deed[]): NewAct {
  return {
    id: makeId<'act'>(randomBytes) + makeId<'act'>(randomBytes),
    by: { who: '', station: stationId() },
    at: new Date().toISOString(),
    deeds,
  };
}

async function sendUntilAnswered(
  runId: string,
  act: NewAct,
  setServerGone: (isGone: boolean) => void,
): Promise<Recorded> {
  for (;;) {
    const answer = await api.act(runId, act);
    if (answer.ok) {
      setServerGone(false);
      return { ok: true, answer: answer.value };
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
