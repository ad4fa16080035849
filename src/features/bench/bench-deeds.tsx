import { TriangleAlert } from 'lucide-react';
import { useCountdowns, useHeldSeconds } from '@/client';
import type { Clock } from '@/core/countdown';
import type { BenchItem } from '@/services';
import { Button, Key } from '@/ui';
import {
  BENCH_STAGES,
  type BenchStage,
  type PassInHand,
  hasStage,
  isBefore,
  isOfPass,
  nextStage,
} from './bench-stages';
import { cautionFor, clockWords, heldSentence, markWords, stageWordFor } from './sentences';

interface BenchDeedsProps {
  readonly current: BenchItem;
  readonly picked: readonly BenchItem[];
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** The made pass that a mark of a whole pass goes to, with what is still to do in it; null without one. */
  readonly passInHand: PassInHand | null;
  readonly onMark: (stage: BenchStage) => void;
  /** Marks, and goes on to the next item that wants the same. */
  readonly onMarkOn: (stage: BenchStage) => void;
  readonly onMarkPass: (stage: BenchStage) => void;
  readonly onSpoil: () => void;
  /** What is counted down next for the item in hand; null when all of it has been. */
  readonly nextClock: Clock | null;
  readonly onCount: () => void;
  /** Null where nothing of it is pressed. */
  readonly onAgain: (() => void) | null;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly onHelp: () => void;
  /** Letter keys are shown only where they mark. */
  readonly hasLetters: boolean;
}

/** The next deed as the one large button; every other stage, spoiling and undoing below it. */
export function BenchDeeds(props: BenchDeedsProps) {
  const { current, picked, canUndo, canRedo, onMark, onMarkOn, onSpoil, onUndo, onRedo, onHelp, hasLetters } = props;
  const { passInHand, onMarkPass, nextClock, onCount, onAgain } = props;
  const held = useHeldSeconds(
    useCountdowns(),
    picked.map(({ itemId }) => itemId),
  );
  const next = nextStage(current);
  const caution = cautionFor(picked, next);
  const stages = BENCH_STAGES.filter(({ stage }) => picked.some((item) => hasStage(item, stage)));
  return (
    <section className="grid content-start gap-4 border-l border-rule bg-paper p-5">
      <h2 className="heading-small">Next for it</h2>
      {next === 'bonded' && nextClock && (
        <Button size="bench" className="min-h-16! text-deed!" disabled={held !== null} onClick={onCount}>
          {clockWords(nextClock)}
          {hasLetters && <Key>t</Key>}
        </Button>
      )}
      {next ? (
        <Button
          weight="main"
          size="bench"
          className="min-h-20! text-deed!"
          disabled={held !== null && !isOfPass(next)}
          onClick={() => onMarkOn(next)}
        >
          {markWords(picked, next)}
          {hasLetters && <Key>space</Key>}
        </Button>
      ) : (
        <p className="text-deed font-bold text-verdigris">Packed</p>
      )}
      {held !== null && next && !isOfPass(next) && <p className="text-lg">{heldSentence(held)}</p>}
      {caution && (
        <p className="flex gap-2 text-sm text-brass">
          <TriangleAlert size={18} className="mt-0.5 shrink-0" aria-hidden />
          {caution}
        </p>
      )}
      <h2 className="heading-small">
        {picked.length > 1 ? `Or mark the ${picked.length} that are picked` : 'Or mark it'}
      </h2>
      <div className="grid grid-cols-2 gap-2">
        {stages.map(({ stage, key }) => (
          <Button
            key={stage}
            size="bench"
            disabled={!picked.some((item) => isBefore(item.stage, stage)) || (held !== null && !isOfPass(stage))}
            onClick={() => onMark(stage)}
          >
            {stageWordFor(picked, stage)}
            {hasLetters && <Key>{key}</Key>}
          </Button>
        ))}
        {onAgain && (
          <Button size="bench" onClick={onAgain}>
            Does not hold…{hasLetters && <Key>n</Key>}
          </Button>
        )}
        <Button size="bench" weight="grave" onClick={onSpoil}>
          Spoiled…{hasLetters && <Key>x</Key>}
        </Button>
        <Button size="bench" disabled={!canUndo} onClick={onUndo}>
          Undo{hasLetters && <Key>u</Key>}
        </Button>
        <Button size="bench" disabled={!canRedo} onClick={onRedo}>
          Redo{hasLetters && <Key>shift u</Key>}
        </Button>
      </div>
      {passInHand !== null && (
        <MarkPass {...passInHand} stages={stages} picked={picked} onMark={onMarkPass} hasLetters={hasLetters} />
      )}
      <p className="text-sm text-soft">
        Walk with ↑ ↓, hold shift for several. A later mark includes the earlier ones.
      </p>
      <Button className="min-h-touch" onClick={onHelp}>
        All keys<Key>?</Key>
      </Button>
    </section>
  );
}

interface MarkPassProps extends PassInHand {
  readonly stages: readonly (typeof BENCH_STAGES)[number][];
  readonly picked: readonly BenchItem[];
  readonly onMark: (stage: BenchStage) => void;
  readonly hasLetters: boolean;
}

/** What comes off the bed together is marked together. */
function MarkPass({ no, open, stages, picked, onMark, hasLetters }: MarkPassProps) {
  const ofPass = stages.filter(({ stage }) => isOfPass(stage));
  return (
    <div role="group" aria-label={`All of pass ${no}`}>
      <h2 className="heading-small mb-2">All of pass {no}</h2>
      <div className="grid grid-cols-2 gap-2">
        {ofPass.map(({ stage, key }) => (
          <Button key={stage} size="bench" disabled={!open.has(stage)} onClick={() => onMark(stage)}>
            {stageWordFor(picked, stage)}
            {hasLetters && <Key>{`shift ${key}`}</Key>}
          </Button>
        ))}
      </div>
    </div>
  );
}
