'use client';

import { useCallback, useMemo, useState } from 'react';
import { type Recorded, useCountdowns, useWork } from '@/client';
import { heldItems, secondsLeft } from '@/core/countdown';
import type { BenchItem, BenchView } from '@/services';
import { tellPassing } from '@/ui';
import type { AgainReason, Deed } from '@/core/ledger';
import type { PieceStage } from '@/core/shop';
import { type BenchFilter, isInPass, isShown } from './bench-filter';
import {
  type BenchStage,
  type PassInHand,
  deedsOfPass,
  deedsOfPiece,
  deedsToReach,
  isOfPass,
  nextOfKind,
  nextStage,
  passInHandOf,
} from './bench-stages';
import { NOTHING, type Selection, pickOne } from './selection';
import { type AgainOption, againDeed, inPressOf } from './press-clocks';
import { heldSentence, madeSentence } from './sentences';

export interface Bench {
  /** Every item of the run. */
  readonly all: readonly BenchItem[];
  /** Those that the filter shows. */
  readonly items: readonly BenchItem[];
  readonly ids: readonly string[];
  readonly filter: BenchFilter;
  readonly setFilter: (filter: BenchFilter) => void;
  readonly selection: Selection;
  readonly setSelection: (next: Selection) => void;
  readonly current: BenchItem | null;
  readonly picked: readonly BenchItem[];
  /** Why the last deed was refused. */
  readonly message: string | null;
  /** Items of this made pass alone are shown; null shows all. */
  readonly passNo: number | null;
  readonly setPassNo: (no: number | null) => void;
  /** The pass that a mark of a whole pass goes to: the one shown, else that of the item in hand. */
  readonly passInHand: PassInHand | null;
  readonly mark: (stage: BenchStage) => Promise<void>;
  /** Marks, and goes on to the next item that wants the same. */
  readonly markOn: (stage: BenchStage) => Promise<void>;
  readonly markPass: (stage: BenchStage) => Promise<void>;
  /** One layer of the item in hand, its others left where they are. */
  readonly markPiece: (pieceId: string, stage: PieceStage) => Promise<void>;
  readonly spoil: (spoiled: Spoiled) => Promise<void>;
  /** It did not hold: pressed once more, which is recorded and counted down. */
  readonly pressAgain: (option: AgainOption, why: AgainReason, seconds: number) => Promise<void>;
  readonly undo: () => Promise<void>;
  readonly redo: () => Promise<void>;
}

export type Spoiled = Omit<Extract<Deed, { readonly kind: 'spoiled' }>, 'kind'>;

const NO_PASS = 'The item in hand lies in no made pass, so that no whole pass can be marked with it.';

/** Selection and deeds of the bench. It opens at the item to go on with. */
export function useBench(): Bench {
  const { bench, queue } = useWork();
  const countdowns = useCountdowns();
  const [filter, setFilter] = useState<BenchFilter>('all');
  const [message, setMessage] = useState<Bench['message']>(null);
  const [wantedPassNo, setPassNo] = useState<number | null>(null);
  const all = bench.items;
  // A pass that was unmade is shown no more.
  const passNo = wantedPassNo !== null && all.some((item) => isInPass(item, wantedPassNo)) ? wantedPassNo : null;
  const items = useMemo(
    () => all.filter((item) => isShown(item, filter) && (passNo === null || isInPass(item, passNo))),
    [all, filter, passNo],
  );
  const ids = useMemo(() => items.map(({ itemId }) => itemId), [items]);
  const { selection, setSelection } = useSelection(items, ids);
  const current = items.find(({ itemId }) => itemId === selection.currentId) ?? null;
  const picked = items.filter(({ itemId }) => selection.pickedIds.has(itemId));

  const tell = useCallback((done: Recorded | null) => {
    if (done === null) return;
    if (!done.ok) return setMessage(done.detail);
    const { madePasses } = done.answer;
    setMessage(null);
    if (madePasses.length > 0) tellPassing(madeSentence(madePasses));
  }, []);
  const noInHand = passNo ?? current?.pieces.find((piece) => piece.passNo !== null)?.passNo ?? null;
  const passInHand = useMemo(() => (noInHand === null ? null : passInHandOf(all, noInHand)), [all, noInHand]);
  /** Whatever lies in the press is not marked as pressed; it is said instead. */
  const isHeld = (stage: BenchStage): boolean => {
    if (isOfPass(stage)) return false;
    const now = countdowns.nowMs();
    const all = heldItems(countdowns.all, now);
    const held = picked.map(({ itemId }) => all.get(itemId)).find((one) => one !== undefined);
    if (held) setMessage(heldSentence(secondsLeft(held, now)));
    return held !== undefined;
  };
  const pickedOf = (now: BenchView) => now.items.filter(({ itemId }) => selection.pickedIds.has(itemId));

  return {
    all,
    items,
    ids,
    filter,
    setFilter: (next) => {
      setFilter(next);
      // What is in hand stays in hand where it is shown; otherwise the work begins at the filter's first.
      if (current === null || !isShown(current, next)) setSelection(NOTHING);
    },
    selection,
    setSelection,
    current,
    picked,
    message,
    passNo,
    setPassNo: (no) => {
      setPassNo(no);
      if (no !== null && !(current && isInPass(current, no))) setSelection(NOTHING);
    },
    passInHand,
    mark: async (stage) => {
      if (isHeld(stage)) return;
      // What a bare first look selected stays selected after the mark, so that the next key goes to the same item.
      setSelection(selection);
      tell(await queue.record((now) => deedsToReach(pickedOf(now), stage)));
    },
    markOn: async (stage) => {
      if (isHeld(stage)) return;
      // At once, so that the next key goes to the next item; what cannot be recorded is in hand again.
      const next = nextOfKind(items, selection.pickedIds, stage);
      setSelection(next === null ? selection : pickOne(next));
      const done = await queue.record((now) => deedsToReach(pickedOf(now), stage));
      tell(done);
      if (!done?.ok) setSelection(selection);
    },
    markPass: async (stage) => {
      if (passInHand === null) return setMessage(NO_PASS);
      setSelection(selection);
      tell(await queue.record((now) => deedsOfPass(now.items, passInHand.no, stage)));
    },
    markPiece: async (pieceId, stage) => {
      if (isHeld(stage)) return;
      setSelection(selection);
      tell(await queue.record((now) => deedsOfPiece(now.items, pieceId, stage)));
    },
    spoil: async (spoiled) => {
      setSelection(selection);
      tell(await queue.record(() => [{ kind: 'spoiled', ...spoiled }]));
    },
    pressAgain: async (option, why, seconds) => {
      if (current === null) return;
      setSelection(selection);
      const done = await queue.record(() => [againDeed(current, option, why, seconds)]);
      tell(done);
      if (!done?.ok) return;
      const items = inPressOf([current], option.placeId);
      setMessage(await countdowns.start({ kind: 'again', film: option.film, items, seconds }));
    },
    undo: async () => tell(await queue.undo()),
    redo: async () => tell(await queue.redo()),
  };
}

/**
 * What is selected among the items that are shown. Where the item in hand has left them (it was marked, and the filter
 * shows only what is still to do), the one that took its place in the list is next.
 */
function useSelection(items: readonly BenchItem[], ids: readonly string[]) {
  const [chosen, setChosen] = useState<{ readonly selection: Selection; readonly at: number }>({
    selection: NOTHING,
    at: -1,
  });
  const { currentId } = chosen.selection;
  const isThere = currentId !== null && ids.includes(currentId);
  const next = chosen.at >= 0 ? ids[Math.min(chosen.at, ids.length - 1)] : firstToWorkOn(items)?.itemId;
  const selection = isThere || next === undefined ? chosen.selection : pickOne(next);
  const setSelection = (now: Selection) =>
    setChosen({ selection: now, at: now.currentId === null ? -1 : ids.indexOf(now.currentId) });
  return { selection, setSelection };
}

/** The first item that lies in a made pass and wants work; else the first that wants any; else the first. */
function firstToWorkOn(items: readonly BenchItem[]): BenchItem | undefined {
  const open = items.filter((item) => nextStage(item) !== null);
  const isCut = ({ pieces }: BenchItem) => pieces.every(({ passNo }) => passNo !== null);
  return open.find(isCut) ?? open[0] ?? items[0];
}
