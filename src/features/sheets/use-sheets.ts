'use client';

import { useCallback, useState } from 'react';
import { api, problemSentence, randomBytes, useApiQuery, useRun, useWork } from '@/client';
import type { MadePass } from '@/core/freeze';
import { makeId } from '@/core/ids';
import type { PlanAnswer } from '@/services';

export type SheetsState =
  | { readonly kind: 'loading' }
  | { readonly kind: 'failed'; readonly detail: string }
  /** `isCurrent`: it is for what the run says now, and not for what it said a moment ago. */
  | {
      readonly kind: 'ready';
      readonly plan: PlanAnswer;
      readonly made: readonly MadePass[];
      readonly isCurrent: boolean;
    };

interface Sheets {
  readonly state: SheetsState;
  readonly isBusy: boolean;
  readonly problem: string | null;
  /** Makes the next pass; answers its number, or null when it could not be made. */
  readonly makeNext: () => Promise<number | null>;
}

/** Planned and made passes of the run, each asked for the state that it is for. */
export function useSheets(): Sheets {
  const { runId, counter, save, saver } = useRun();
  const { bench, refresh } = useWork();
  const { passes, releases, acts } = bench.marks;
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const plan = useApiQuery({
    key: ['plan', runId, counter, passes, releases, acts],
    ask: () => api.plan(runId),
  });
  const made = useApiQuery({ key: ['passes', runId, passes], ask: () => api.passes(runId) });
  const makeNext = useCallback(async () => {
    setBusy(true);
    setProblem(null);
    await saver.flush();
    const answer = await api.makePass(runId, makeId<'pass'>(randomBytes));
    if (answer.ok) await refresh();
    else
      setProblem(
        answer.problem.kind === 'serverGone'
          ? 'Knurl’s server does not answer. No pass was made that you saw; try again.'
          : answer.problem.detail,
      );
    setBusy(false);
    return answer.ok ? answer.value.no : null;
  }, [runId, saver, refresh]);
  const isCurrent = plan.isCurrent && made.isCurrent && save.kind === 'saved';
  return { state: stateOf(plan, made, isCurrent), isBusy, problem, makeNext };
}

type Answer<T> = ReturnType<typeof useApiQuery<T>>;

function stateOf(
  plan: Answer<PlanAnswer>,
  made: Answer<{ readonly passes: readonly MadePass[] }>,
  isCurrent: boolean,
): SheetsState {
  const failure = plan.problem ?? made.problem;
  if (plan.value && made.value) return { kind: 'ready', plan: plan.value, made: made.value.passes, isCurrent };
  return failure ? { kind: 'failed', detail: problemSentence(failure) } : { kind: 'loading' };
}
