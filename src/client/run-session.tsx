'use client';

import {
  type Dispatch,
  type ReactNode,
  type SetStateAction,
  createContext,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import { type MainPlace, type PlaceAt, placeAt } from '@/core/edit';
import { makeId } from '@/core/ids';
import { presentOrThrow } from '@/core/outcome';
import type { RunSpec } from '@/core/spec';
import type { BenchPage, RunView, StreamMarks } from '@/services';
import type { FitClient } from '@/workers/fit-client';
import type { ShapePaths } from '@/workers/shape-paths';
import { browserKeeper } from './keeper';
import { useKeptSteps } from './kept-steps';
import { randomBytes } from './random-bytes';
import { type SaveState, SpecSaver } from './spec-saver';
import { useFieldFocus } from './use-field-focus';
import { type FitsState, useComputedFits } from './use-computed-fits';
import { useRunStream } from './run-stream';
import { type Work, useWorkStore } from './use-work-store';
import { type Countdowns, useCountdownStore } from './use-countdowns';
import { withinLimits } from './within-limits';

/** What every step of a run works with. Lives as long as the run is open, across its steps. */
export interface RunSession {
  readonly runId: string;
  readonly spec: RunSpec;
  /** Counter of the spec that the server last acknowledged. */
  readonly counter: number;
  /** The place that is looked at; the steps share it. */
  readonly place: MainPlace;
  readonly setAt: Dispatch<SetStateAction<PlaceAt | null>>;
  readonly save: SaveState;
  /** Changes of the run that the server has not acknowledged. */
  readonly numUnsaved: number;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly saver: SpecSaver;
  readonly change: SpecSaver['change'];
  /** Why the last change was not made; null where it was. */
  readonly turnedDown: string | null;
  readonly dismissTurnedDown: () => void;
  readonly paths: ShapePaths;
  /** The worker that answered the fits, to be asked for remedies and comparisons. */
  readonly askFits: () => FitClient | null;
  /** Changes of an earlier visit that had waited in this browser. */
  readonly numTakenUp: number;
}

// One context for each that changes by itself: a mark draws the bench anew and not the wall of fits, a measure the wall and not
// the fields.
const RunContext = createContext<RunSession | null>(null);
const FitsContext = createContext<FitsState | null>(null);
const WorkContext = createContext<Work | null>(null);
const CountdownContext = createContext<Countdowns | null>(null);

interface RunProviderProps {
  readonly run: RunView;
  readonly bench: BenchPage;
  readonly children: ReactNode;
}

export function RunProvider({ run, bench, children }: RunProviderProps) {
  const [keeper] = useState(browserKeeper);
  const [pageId] = useState(() => makeId<'page'>(randomBytes));
  const work = useWorkStore(run.id, bench, keeper, pageId);
  const [saver] = useState(() => new SpecSaver(run.id, run, { keeper, pageId, hasWork: work.hasWork }));
  const saved = useSyncExternalStore(saver.subscribe, saver.getSnapshot, saver.getSnapshot);
  const numTakenUp = useWaitingChanges(saver);
  useKeptSteps(run.id, saver);
  useFieldFocus(saver);
  const { follow: followWork } = work;
  const countdowns = useCountdownStore(run.id);
  const { follow: followCountdowns } = countdowns;
  const followAll = useCallback(
    (marks: Partial<StreamMarks>) => {
      followWork(marks);
      followCountdowns(marks.countdowns);
    },
    [followWork, followCountdowns],
  );
  useRunStream(run.id, saver, followAll);
  // The server names the items: what it has acknowledged, the bench is read by.
  useEffect(() => followWork({ spec: saved.counter }), [followWork, saved.counter]);
  const { fits, paths, askFits } = useComputedFits(saved.spec);
  const [at, setAt] = useState<PlaceAt | null>(null);
  const [turnedDown, setTurnedDown] = useState<string | null>(null);
  const change = useCallback<SpecSaver['change']>((next) => saver.change(withinLimits(next, setTurnedDown)), [saver]);
  const session = useMemo((): RunSession => {
    const { spec, counter, state: save, numUnsaved, canUndo, canRedo } = saved;
    const place = placeAt(spec, at);
    const held = { runId: run.id, spec, counter, place, setAt, save, numUnsaved, canUndo, canRedo };
    const dismissTurnedDown = () => setTurnedDown(null);
    return { ...held, saver, change, turnedDown, dismissTurnedDown, paths, askFits, numTakenUp };
  }, [run.id, saved, at, saver, change, turnedDown, paths, askFits, numTakenUp]);
  return (
    <RunContext value={session}>
      <FitsContext value={fits}>
        <WorkContext value={work}>
          <CountdownContext value={countdowns}>{children}</CountdownContext>
        </WorkContext>
      </FitsContext>
    </RunContext>
  );
}

/** Sends what an earlier page could not, and reads what others saved whenever this page is looked at again. */
function useWaitingChanges(saver: SpecSaver): number {
  const [numTakenUp, setNumTakenUp] = useState(0);
  useEffect(() => {
    void saver.takeUpKept().then(setNumTakenUp);
    const lookAgain = () => document.visibilityState === 'visible' && void saver.catchUp();
    const trySending = () => void saver.flush();
    window.addEventListener('focus', lookAgain);
    document.addEventListener('visibilitychange', lookAgain);
    window.addEventListener('online', trySending);
    return () => {
      window.removeEventListener('focus', lookAgain);
      document.removeEventListener('visibilitychange', lookAgain);
      window.removeEventListener('online', trySending);
    };
  }, [saver]);
  return numTakenUp;
}

/** The run as it is decided, and how it is saved. */
export function useRun(): RunSession {
  return presentOrThrow(useContext(RunContext), 'a run around this component');
}

/**
 * What stands within is drawn anew after everything around it, and bit by bit: whoever changes something beside a wall of two hundred texts
 * is answered before the wall is.
 */
export function RunAfterwards({ children }: { readonly children: ReactNode }) {
  const run = useDeferredValue(useRun());
  const fits = useDeferredValue(useFits());
  return (
    <RunContext value={run}>
      <FitsContext value={fits}>{children}</FitsContext>
    </RunContext>
  );
}

/** Its fits as the worker last answered them. */
export function useFits(): FitsState {
  return presentOrThrow(useContext(FitsContext), 'a run around this component');
}

/** What was done to its items, and what is on its way to the ledger. */
export function useWork(): Work {
  return presentOrThrow(useContext(WorkContext), 'a run around this component');
}

/** What is waited for at the press. */
export function useCountdowns(): Countdowns {
  return presentOrThrow(useContext(CountdownContext), 'a run around this component');
}
