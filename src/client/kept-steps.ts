'use client';

import { useEffect, useState } from 'react';
import { makeId } from '@/core/ids';
import { upgradeSpec, type RunSpec } from '@/core/spec';
import { type Keeper, browserKeeper } from './keeper';
import { randomBytes } from './random-bytes';
import type { KeptSteps, Step } from './spec-history';
import type { SpecSaver } from './spec-saver';

/** Steps of tabs that were closed long ago are of no use to anybody. */
const MOST_DAYS = 14;
const DAY_MS = 24 * 60 * 60 * 1000;
/** A number that is typed is kept once, not at every digit; whoever works on without a pause is kept up with all the same. */
const SETTLE_MS = 400;

/** The first of them while the page still lives on: what is begun in the last may not come to its end. */
const LEAVING = ['beforeunload', 'pagehide'] as const;

interface Kept extends KeptSteps {
  readonly atMs: number;
}

/** Keeps the last steps of a run by tab, so that undo reaches back over a reload. */
export class StepKeeper {
  readonly #prefix: string;
  readonly #key: string;

  constructor(
    private readonly keeper: Keeper,
    runId: string,
    tabId: string,
    private readonly nowMs: () => number = Date.now,
  ) {
    this.#prefix = `undo:${runId}:`;
    this.#key = this.#prefix + tabId;
  }

  keep({ undo, redo }: KeptSteps): Promise<void> {
    if (undo.length === 0 && redo.length === 0) return this.keeper.drop(this.#key);
    // One record: what steps share is kept once.
    const kept: Kept = { undo, redo, atMs: this.nowMs() };
    return this.keeper.keep(this.#key, kept);
  }

  /** Those of this tab; null without any. Drops what no tab will ask for again of this run. */
  async takeUp(): Promise<KeptSteps | null> {
    let mine: KeptSteps | null = null;
    for (const [key, value] of await this.keeper.kept(this.#prefix)) {
      const kept = value as Kept;
      if (key === this.#key) mine = { undo: kept.undo.map(upgraded), redo: kept.redo.map(upgraded) };
      else if (this.nowMs() - kept.atMs > MOST_DAYS * DAY_MS) await this.keeper.drop(key);
    }
    return mine;
  }
}

/** Of an earlier Knurl; one of this one stays the very same object, so that steps go on sharing what they have in common. */
function upgraded({ before, after }: Step): Step {
  return { before: upgradeSpec(before) as RunSpec, after: upgradeSpec(after) as RunSpec };
}

const TAB_KEY = 'knurl-tab';

/** This tab's name: it outlives a reload and is no other tab's. */
function tabId(): string {
  const known = sessionStorage.getItem(TAB_KEY);
  if (known) return known;
  const id = makeId<'tab'>(randomBytes);
  sessionStorage.setItem(TAB_KEY, id);
  return id;
}

/** Takes up the tab's steps and keeps what is done from then on. Answers how to stop. */
export function keepSteps(
  saver: Pick<SpecSaver, 'steps' | 'takeUpSteps' | 'subscribe'>,
  keeper: StepKeeper,
  page: Pick<Window, 'addEventListener' | 'removeEventListener'>,
  settleMs = SETTLE_MS,
): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let kept = saver.steps();
  let stopHearing: (() => void) | null = null;
  let isLeft = false;
  const keepNow = () => {
    clearTimeout(timer);
    timer = undefined;
    const now = saver.steps();
    if (now.undo.at(-1) === kept.undo.at(-1) && now.redo.at(-1) === kept.redo.at(-1)) return;
    kept = now;
    void keeper.keep(now);
  };
  const keepSoon = () => {
    timer ??= setTimeout(keepNow, settleMs);
  };
  void keeper.takeUp().then((steps) => {
    if (isLeft) return;
    if (steps) saver.takeUpSteps(steps);
    kept = saver.steps();
    stopHearing = saver.subscribe(keepSoon);
    for (const event of LEAVING) page.addEventListener(event, keepNow);
  });
  return () => {
    isLeft = true;
    // Before they were taken up there is nothing of its own to keep, and what is kept must not be written over.
    if (!stopHearing) return;
    stopHearing();
    keepNow();
    for (const event of LEAVING) page.removeEventListener(event, keepNow);
  };
}

export function useKeptSteps(runId: string, saver: SpecSaver): void {
  const [store] = useState(() => browserKeeper('knurl-steps', 'steps'));
  useEffect(() => keepSteps(saver, new StepKeeper(store, runId, tabId()), window), [store, runId, saver]);
}
