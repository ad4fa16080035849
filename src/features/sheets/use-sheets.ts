'use client';

import { useCallback, useEffect, useState } from 'react';
import { api, randomBytes, useRun } from '@/client';
import { makeId } from '@/core/ids';
import type { MadePass } from '@/core/sheets';
import type { PlanAnswer } from '@/services';

export type SheetsState =
  | { readonly kind: 'loading' }
  | { readonly kind: 'failed'; readonly detail: string }
  | { readonly kind: 'ready'; readonly plan: PlanAnswer; readonly made: readonly MadePass[] };

interface Sheets {
  readonly state: SheetsState;
  readonly isBusy: boolean;
  readonly problem: string | null;
  /** Makes the next pass; answers its number, or null when it could not be made. */
  readonly makeNext: () => Promise<number | null>;
}

/** Planned and made passes of the run, read again whenever the run was saved. */
export function useSheets(): Sheets {
  const { runId, spec, saver, work, setNumPasses } = useRun();
  const { refresh } = work;
  const [state, setState] = useState<SheetsState>({ kind: 'loading' });
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);

  const load = useCallback(async () => {
    await saver.flush();
    const [plan, passes] = await Promise.all([api.plan(runId), api.passes(runId)]);
    if (plan.ok && passes.ok) {
      setNumPasses(passes.value.passes.length);
      setState({ kind: 'ready', plan: plan.value, made: passes.value.passes });
      return;
    }
    const failed = plan.ok ? passes : plan;
    const isRefused = !failed.ok && failed.problem.kind === 'refused';
    setState({ kind: 'failed', detail: isRefused ? failed.problem.detail : 'Knurl’s server does not answer.' });
  }, [runId, saver, setNumPasses]);

  useEffect(() => {
    // A typed measure settles before the plan is asked for; the last request wins by coming last.
    const timer = setTimeout(() => void load(), 150);
    return () => clearTimeout(timer);
  }, [load, spec]);

  const makeNext = useCallback(async () => {
    setBusy(true);
    setProblem(null);
    await saver.flush();
    const made = await api.makePass(runId, makeId<'pass'>(randomBytes));
    if (made.ok) await Promise.all([load(), refresh()]);
    else
      setProblem(
        made.problem.kind === 'serverGone'
          ? 'Knurl’s server does not answer. No pass was made that you saw; try again.'
          : made.problem.detail,
      );
    setBusy(false);
    return made.ok ? made.value.no : null;
  }, [runId, saver, load, refresh]);

  return { state, isBusy, problem, makeNext };
}
