'use client';

import { countdownFigure, coverWords, peelWords, useHeat } from '@/client';
import type { Clock } from '@/core/countdown';
import { type PlacePress, setAtPress } from '@/core/press';
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

/** What is set at the press and read from two metres. */
export function PressFigures({ press }: { readonly press: PlacePress }) {
  const { heat } = useHeat();
  const set = setAtPress(press);
  if (!set) return null;
  return (
    <dl className="flex flex-wrap items-end gap-x-6 gap-y-1">
      <Figure label="heat" value={heat(set.heatC)} isLarge />
      <Figure label="seconds" value={`${set.seconds} s`} isLarge />
      <Figure label="pressure" value={set.pressure} isWord isNarrow />
      <Figure label="cover" value={coverWords(set.cover)} isWord isNarrow />
      {set.hasPad && <Figure label="pad" value="inside" isWord isNarrow />}
      <Figure label="peel" value={peelWords(set.peels)} isWord isNarrow />
    </dl>
  );
}
