'use client';

import { useCallback, useEffect, useState } from 'react';
import { api, problemSentence, randomBytes, stationId, useRun } from '@/client';
import { makeId } from '@/core/ids';
import type { ReleaseView } from '@/services';

export interface ReleaseState {
  /** Null until it was read. */
  readonly view: ReleaseView | null;
  readonly isBusy: boolean;
  readonly problem: string | null;
  /** Freezes every fit without a stop as it stands. */
  readonly release: (who: string) => Promise<void>;
}

/** A typed change settles before it is compared with what was released. */
const SETTLE_MS = 400;

/** How the run stands to its last release, read again whenever it was saved. */
export function useRelease(): ReleaseState {
  const { runId, spec, save, saver } = useRun();
  const [view, setView] = useState<ReleaseView | null>(null);
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const isSaved = save.kind === 'saved';
  useEffect(() => {
    if (!isSaved) return;
    let isCurrent = true;
    const timer = setTimeout(() => {
      void api.releaseView(runId).then((answer) => isCurrent && answer.ok && setView(answer.value));
    }, SETTLE_MS);
    return () => {
      isCurrent = false;
      clearTimeout(timer);
    };
  }, [runId, spec, isSaved]);
  const release = useCallback(
    async (who: string) => {
      setBusy(true);
      setProblem(null);
      const isSent = await saver.flush();
      const answer = isSent
        ? await api.release(runId, { id: makeId<'release'>(randomBytes), by: { who, station: stationId() } })
        : null;
      if (answer?.ok) setView(answer.value);
      else if (answer) setProblem(problemSentence(answer.problem));
      else setProblem('The last changes are not saved yet, so that nothing was released. Try again once they are.');
      setBusy(false);
    },
    [runId, saver],
  );
  return { view, isBusy, problem, release };
}
