'use client';

import { makeQuestion, openWords, passesNamed, useWork } from '@/client';
import type { OpenPass } from '@/services';
import { Button, DialogCard, Key } from '@/ui';

/** What the server asks before it records a mark; the mark waits until somebody answers. */
export function ActQuestion() {
  const { question, queue } = useWork();
  if (question?.kind === 'needsPass') return <MayMake passes={question.passes} onAnswer={queue.answer} />;
  if (question?.kind === 'wasItCut') return <WasItCut no={question.passNo} onAnswer={queue.answer} />;
  return null;
}

interface AnswerProps {
  readonly onAnswer: (isYes: boolean) => void;
}

function MayMake({ passes, onAnswer }: AnswerProps & { readonly passes: readonly OpenPass[] }) {
  const pieces = passes.flatMap((pass) => openWords(pass));
  return (
    <DialogCard
      title={makeQuestion(passes)}
      tone="work"
      isOpen
      onClose={() => onAnswer(false)}
      onEnter={() => onAnswer(true)}
    >
      <p>
        What is marked lies in no made pass yet. Making {passesNamed(passes)} keeps the outlines and positions of all of
        it; the mark follows.
      </p>
      {pieces.length > 0 && (
        <ul className="grid gap-1 border-l-4 border-brass bg-brass-tint px-3 py-1.5">
          {pieces.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-3">
        <Button weight="main" size="bench" onClick={() => onAnswer(true)}>
          Make {passesNamed(passes)} <Key>enter</Key>
        </Button>
        <Button size="bench" onClick={() => onAnswer(false)}>
          No pass, no mark <Key>esc</Key>
        </Button>
      </div>
    </DialogCard>
  );
}

function WasItCut({ no, onAnswer }: AnswerProps & { readonly no: number }) {
  return (
    <DialogCard title={`Was pass ${no} cut?`} tone="grave" isOpen onClose={() => onAnswer(false)}>
      <p>
        Its cut file was taken. A pass that was cut, even in part, has to stay: what came off the bed is marked at the
        bench, what went wrong is spoiled there.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button weight="grave" size="bench" onClick={() => onAnswer(true)}>
          Not cut: unmake it
        </Button>
        <Button size="bench" onClick={() => onAnswer(false)}>
          It was cut: leave it <Key>esc</Key>
        </Button>
      </div>
    </DialogCard>
  );
}
