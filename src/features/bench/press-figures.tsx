'use client';

import { countdownFigure, coverWords, peelWords, useHeat } from '@/client';
import type { Clock } from '@/core/countdown';
import type { PlacePress } from '@/core/press';
import { TextButton } from '@/ui';
import { Figure } from './figure';

interface StepRowProps {
  readonly words: string;
  readonly clock: Clock | null;
  readonly onStart: (clock: Clock) => void;
}

/** What takes its time can be counted down. */
export function StepRow({ words, clock, onStart }: StepRowProps) {
  return (
    <li>
      {words}
      {clock && (
        <>
          {' '}
          <TextButton onClick={() => onStart(clock)} aria-label={`Count down: ${words}`}>
            count {countdownFigure(clock.seconds)}
          </TextButton>
        </>
      )}
    </li>
  );
}

interface PressFiguresProps {
  readonly answer: Extract<PlacePress['answer'], { kind: 'press' }>;
  readonly wantsPad: boolean;
}

/** What is set at the press and read from two metres. */
export function PressFigures({ answer, wantsPad }: PressFiguresProps) {
  const { heat } = useHeat();
  const { card, heatC } = answer;
  return (
    <dl className="flex flex-wrap items-end gap-x-6 gap-y-1">
      <Figure label="heat" value={heat(heatC)} isLarge />
      <Figure label="seconds" value={`${card.seconds.chosen} s`} isLarge />
      <Figure label="pressure" value={card.pressure} isWord isNarrow />
      <Figure label="cover" value={coverWords(card.cover)} isWord isNarrow />
      {wantsPad && <Figure label="pad" value="inside" isWord isNarrow />}
      <Figure label="peel" value={peelWords(card.peels)} isWord isNarrow />
    </dl>
  );
}
