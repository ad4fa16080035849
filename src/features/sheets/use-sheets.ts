'use client';

import { useCallback, useState } from 'react';
import { type ApiProblem, api, problemSentence, randomBytes, useApiQuery, useRun, useWork } from '@/client';
import { makeId } from '@/core/ids';
import { tellPassing } from '@/ui';
import type { MadePassHead, OpenPass, PlanAnswer } from '@/services';

export type SheetsState =
  | { readonly kind: 'loading' }
  | { readonly kind: 'failed'; readonly detail: string }
  /** `isCurrent`: it is for what the run says now, and not for what it said a moment ago. */
  | {
      readonly kind: 'ready';
      readonly plan: PlanAnswer;
      readonly made: readonly MadePassHead[];
      readonly isCurrent: boolean;
    };

interface Sheets {
  readonly state: SheetsState;
  readonly isBusy: boolean;
  readonly problem: string | null;
  /** What is open in the next pass; null until it is known, and when there is none. */
  readonly open: OpenPass | null;
  /** Makes so many passes, the next one first; answers the number of the last, or null when none could be made. */
  readonly make: (numPasses: number) => Promise<number | null>;
  /** Takes a made pass back. */
  readonly unmake: (passId: string) => Promise<void>;
}

/** Planned and made passes of the run, each asked for the state that it is for. */
export function useSheets(): Sheets {
  const { runId, counter, save, saver } = useRun();
  const { bench, queue, refresh } = useWork();
  const { passes, releases, acts } = bench.marks;
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const plan = useApiQuery({
    key: ['plan', runId, counter, passes, releases, acts],
    ask: () => api.plan(runId),
    isUnfinished: ({ isSearching }) => isSearching,
  });
  const made = useApiQuery({ key: ['passes', runId, passes, acts], ask: () => api.passes(runId) });
  const next = useApiQuery({
    key: ['next', runId, counter, passes, releases, acts],
    ask: () => api.nextPass(runId),
    isAsked: (plan.value?.passes.length ?? 0) > 0,
  });
  const shown = plan.value?.name ?? null;
  const { askAgain } = plan;
  const tell = useCallback(
    async (answered: ApiProblem) => {
      if (answered.kind === 'serverGone') {
        return setProblem('Knurl’s server does not answer. No pass was made that you saw; try again.');
      }
      setProblem(answered.detail);
      // A server that was started anew does not know what a longer search had found; nothing that the page asks by changes by that.
      if (answered.problem === 'otherPlan') await askAgain();
    },
    [askAgain],
  );
  const make = useCallback(
    async (numPasses: number) => {
      setBusy(true);
      setProblem(null);
      await saver.flush();
      let last: number | null = null;
      for (let i = 0; i < numPasses; i++) {
        // The first as it is shown; the others as what is left is laid out after it.
        const answer = await api.makePass(runId, makeId<'pass'>(randomBytes), i === 0 ? shown : null);
        if (!answer.ok) {
          await tell(answer.problem);
          break;
        }
        last = answer.value.no;
      }
      if (last !== null) await refresh();
      setBusy(false);
      return last;
    },
    [runId, saver, refresh, shown, tell],
  );
  const unmake = useCallback(
    async (passId: string) => {
      setBusy(true);
      setProblem(null);
      const done = await queue.record(() => [{ kind: 'unmade', passId }]);
      if (done?.ok) {
        const actId = done.answer.act.id;
        // This act alone, whatever was marked here meanwhile.
        const takeBack = async () => {
          const back = await queue.record(() => [{ kind: 'undone', actId }]);
          if (back && !back.ok) setProblem(back.detail);
        };
        tellPassing('The pass is unmade; its pieces are laid out anew.', () => void takeBack());
      } else if (done) setProblem(done.detail);
      setBusy(false);
    },
    [queue],
  );
  const isCurrent = plan.isCurrent && made.isCurrent && save.kind === 'saved';
  return {
    state: stateOf(plan, made, isCurrent),
    isBusy,
    problem,
    open: next.isCurrent ? (next.value?.next ?? null) : null,
    make,
    unmake,
  };
}

type Answer<T> = ReturnType<typeof useApiQuery<T>>;

function stateOf(
  plan: Answer<PlanAnswer>,
  made: Answer<{ readonly passes: readonly MadePassHead[] }>,
  isCurrent: boolean,
): SheetsState {
  const failure = plan.problem ?? made.problem;
  if (plan.value && made.value) return { kind: 'ready', plan: plan.value, made: made.value.passes, isCurrent };
  return failure ? { kind: 'failed', detail: problemSentence(failure) } : { kind: 'loading' };
}
