'use client';

import { useCallback, useState } from 'react';
import { api, problemSentence, randomBytes, stationId, useApiQuery, useRun, useWork } from '@/client';
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

/** How the run stands to its last release, read again whenever it was saved, cut or released. */
export function useRelease(): ReleaseState {
  const { runId, counter, saver } = useRun();
  const { bench, refresh } = useWork();
  const { passes, releases, acts } = bench.marks;
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const { value } = useApiQuery({
    key: ['release', runId, counter, passes, releases, acts],
    ask: () => api.releaseView(runId),
  });
  const release = useCallback(
    async (who: string) => {
      setBusy(true);
      setProblem(null);
      const isSent = await saver.flush();
      const answer = isSent
        ? await api.release(runId, { id: makeId<'release'>(randomBytes), by: { who, station: stationId() } })
        : null;
      if (answer?.ok) await refresh();
      else if (answer) setProblem(problemSentence(answer.problem));
      else setProblem('The last changes are not saved yet, so that nothing was released. Try again once they are.');
      setBusy(false);
    },
    [runId, saver, refresh],
  );
  return { view: value, isBusy, problem, release };
}
