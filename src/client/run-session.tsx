'use client';

import {
  type Dispatch,
  type ReactNode,
  type SetStateAction,
  createContext,
  useContext,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import { presentOrThrow } from '@/core/outcome';
import type { RunSpec } from '@/core/run';
import type { BenchView, RunView } from '@/services';
import type { TextPaths } from '@/workers/text-paths';
import { type SaveState, SpecSaver } from './spec-saver';
import { type FitsState, useFits } from './use-fits';
import { type Work, useWork } from './use-work';

/** What every step of a run works with. Lives as long as the run is open, across its steps. */
export interface RunSession {
  readonly runId: string;
  readonly spec: RunSpec;
  readonly save: SaveState;
  readonly saver: SpecSaver;
  readonly change: SpecSaver['change'];
  readonly fits: FitsState;
  readonly paths: TextPaths;
  readonly work: Work;
  /** Numbers of made passes are needed for the tape; pages that make one say so. */
  readonly numPasses: number;
  readonly setNumPasses: Dispatch<SetStateAction<number>>;
}

const RunContext = createContext<RunSession | null>(null);

interface RunProviderProps {
  readonly run: RunView;
  readonly bench: BenchView;
  readonly numPasses: number;
  readonly children: ReactNode;
}

export function RunProvider({ run, bench, numPasses: initialPasses, children }: RunProviderProps) {
  const [saver] = useState(() => new SpecSaver(run.id, run));
  const { spec, state } = useSyncExternalStore(saver.subscribe, saver.getSnapshot, saver.getSnapshot);
  const { fits, paths } = useFits(spec);
  const work = useWork(run.id, bench);
  const [numPasses, setNumPasses] = useState(initialPasses);
  const session = useMemo(
    (): RunSession => ({
      runId: run.id,
      spec,
      save: state,
      saver,
      change: saver.change,
      fits,
      paths,
      work,
      numPasses,
      setNumPasses,
    }),
    [run.id, spec, state, saver, fits, paths, work, numPasses],
  );
  return <RunContext value={session}>{children}</RunContext>;
}

export function useRun(): RunSession {
  return presentOrThrow(useContext(RunContext), 'a run around this component');
}
