'use client';

import {
  type Dispatch,
  type ReactNode,
  type SetStateAction,
  createContext,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react';
import { presentOrThrow } from '@/core/outcome';
import { type MainPlace, type PlaceAt, placeAt } from '@/core/edit';
import type { RunSpec } from '@/core/spec';
import { makeId } from '@/core/ids';
import type { BenchView, RunView } from '@/services';
import type { FitClient } from '@/workers/fit-client';
import type { TextPaths } from '@/workers/text-paths';
import { browserKeeper } from './keeper';
import { randomBytes } from './random-bytes';
import { type SaveState, SpecSaver } from './spec-saver';
import { type FitsState, useFits } from './use-fits';
import { type Work, useWork } from './use-work';

/** What every step of a run works with. Lives as long as the run is open, across its steps. */
export interface RunSession {
  readonly runId: string;
  readonly spec: RunSpec;
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
  readonly fits: FitsState;
  readonly paths: TextPaths;
  /** The worker that answered the fits, to be asked for remedies and comparisons. */
  readonly askFits: () => FitClient | null;
  readonly work: Work;
  /** Numbers of made passes are needed for the tape; pages that make one say so. */
  readonly numPasses: number;
  readonly setNumPasses: Dispatch<SetStateAction<number>>;
  /** Changes of an earlier visit that had waited in this browser. */
  readonly numTakenUp: number;
}

const RunContext = createContext<RunSession | null>(null);

interface RunProviderProps {
  readonly run: RunView;
  readonly bench: BenchView;
  readonly numPasses: number;
  readonly children: ReactNode;
}

export function RunProvider({ run, bench, numPasses: initialPasses, children }: RunProviderProps) {
  const [keeper] = useState(browserKeeper);
  const [pageId] = useState(() => makeId<'page'>(randomBytes));
  const work = useWork(run.id, bench, keeper, pageId);
  const [saver] = useState(() => new SpecSaver(run.id, run, { keeper, pageId, hasWork: work.hasWork }));
  const saved = useSyncExternalStore(saver.subscribe, saver.getSnapshot, saver.getSnapshot);
  const numTakenUp = useWaitingChanges(saver);
  useFollowedItems(saved.spec, saved.state, work.refresh);
  const { fits, paths, askFits } = useFits(saved.spec);
  const [numPasses, setNumPasses] = useState(initialPasses);
  const [at, setAt] = useState<PlaceAt | null>(null);
  const session = useMemo((): RunSession => {
    const { spec, state: save, numUnsaved, canUndo, canRedo } = saved;
    const place = placeAt(spec, at);
    const held = { runId: run.id, spec, place, setAt, save, numUnsaved, canUndo, canRedo, saver, change: saver.change };
    return { ...held, fits, paths, askFits, work, numPasses, setNumPasses, numTakenUp };
  }, [run.id, saved, at, saver, fits, paths, askFits, work, numPasses, numTakenUp]);
  return <RunContext value={session}>{children}</RunContext>;
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

/** The server names the items: once a saved change of list, use or shop may have changed them, they are read again. */
function useFollowedItems(spec: RunSpec, save: SaveState, refresh: () => Promise<void>): void {
  const { entries, uses, shop } = spec;
  const followed = useRef({ entries, uses, shop });
  useEffect(() => {
    const known = followed.current;
    const isSame = known.entries === entries && known.uses === uses && known.shop === shop;
    if (save.kind !== 'saved' || isSame) return;
    followed.current = { entries, uses, shop };
    void refresh();
  }, [entries, uses, shop, save.kind, refresh]);
}

export function useRun(): RunSession {
  return presentOrThrow(useContext(RunContext), 'a run around this component');
}
