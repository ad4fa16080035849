import type { KeyGroup } from '@/ui';
import { BENCH_STAGES, isOfPass, nextStage } from './bench-stages';
import { extendTo, neighbour, pickAll, pickOne } from './selection';
import { stageWordFor } from './sentences';
import type { Bench } from './use-bench';

export interface KeyDeeds {
  readonly onJump: () => void;
  readonly onSpoil: () => void;
  readonly onCount: () => void;
  readonly onAgain: () => void;
  /** Letters and space mark; walking and looking up always work. */
  readonly hasLetters: boolean;
}

/** What the keys of the bench do now: bound by the page, and shown by its help. */
export function benchKeys(bench: Bench, deeds: KeyDeeds): readonly KeyGroup[] {
  const walking = { title: 'Walk', bindings: walkKeys(bench, deeds) };
  return deeds.hasLetters ? [walking, { title: 'Work', bindings: workKeys(bench, deeds) }] : [walking];
}

function walkKeys({ ids, selection, setSelection }: Bench, { onJump }: KeyDeeds): KeyGroup['bindings'] {
  const to = (id: string | null | undefined) => () => {
    if (id != null) setSelection(pickOne(id));
  };
  const rangeTo = (id: string | null | undefined) => () => {
    if (id != null) setSelection(extendTo(selection, ids, id));
  };
  const [before, after] = [neighbour(ids, selection.currentId, -1), neighbour(ids, selection.currentId, 1)];
  const step = { mayRepeat: true };
  return [
    { keys: ['up'], shown: '↑', does: 'the item before', run: to(before), ...step },
    { keys: ['down'], shown: '↓', does: 'the next item', run: to(after), ...step },
    { keys: ['home'], does: 'the first', run: to(ids[0]) },
    { keys: ['end'], does: 'the last', run: to(ids.at(-1)) },
    { keys: ['shift+up'], shown: 'shift ↑', does: 'pick up to the one before', run: rangeTo(before), ...step },
    { keys: ['shift+down'], shown: 'shift ↓', does: 'pick down to the next', run: rangeTo(after), ...step },
    { keys: ['shift+home'], does: 'pick up to the first', run: rangeTo(ids[0]) },
    { keys: ['shift+end'], does: 'pick down to the last', run: rangeTo(ids.at(-1)) },
    { keys: ['/', 'shift+/'], does: 'go to a name', run: onJump },
  ];
}

function workKeys(bench: Bench, { onSpoil, onCount, onAgain }: KeyDeeds): KeyGroup['bindings'] {
  const { all, current, ids, selection, setSelection } = bench;
  const word = (stage: (typeof BENCH_STAGES)[number]['stage']) => stageWordFor(all, stage);
  return [
    {
      keys: ['space'],
      does: 'the next deed, and on to the next item of the kind',
      run: ({ target }) => {
        const next = current && nextStage(current);
        if (isOtherButton(target)) return false;
        if (next) void bench.markOn(next);
        return undefined;
      },
    },
    ...BENCH_STAGES.map(({ stage, key }) => ({
      keys: [key],
      does: `mark ${word(stage)}`,
      run: () => void bench.mark(stage),
    })),
    ...BENCH_STAGES.filter(({ stage }) => isOfPass(stage)).map(({ stage, key }) => ({
      keys: [`shift+${key}`],
      does: `mark the whole pass ${word(stage)}`,
      run: () => void bench.markPass(stage),
    })),
    { keys: ['t'], does: 'start the countdown of its next step', run: onCount },
    { keys: ['n'], does: 'it does not hold: asks what, and presses again', run: onAgain },
    { keys: ['x'], does: 'spoiled: asks what and why', run: onSpoil },
    { keys: ['a'], does: 'pick all that are shown', run: () => setSelection(pickAll(selection, ids)) },
    { keys: ['u'], does: 'undo', run: () => void bench.undo() },
    { keys: ['shift+u'], does: 'redo', run: () => void bench.redo() },
  ];
}

/** A button that the space bar should press; the row of the item in hand is none, since it is picked already. */
function isOtherButton(target: EventTarget | null): boolean {
  const at = target as Element | null;
  return at?.tagName === 'BUTTON' && at.getAttribute('aria-current') !== 'true';
}
