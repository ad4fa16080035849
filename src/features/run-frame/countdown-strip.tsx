'use client';

import { format } from 'date-fns';
import { useState } from 'react';
import {
  countdownFigure,
  countdownName,
  countdownWords,
  useCountdowns,
  useCountdownSound,
  useRun,
  useServerNow,
  useWork,
} from '@/client';
import { type Countdown, curing, endMs, inSight, secondsLeft } from '@/core/countdown';
import { Button, CountdownTape, TextButton } from '@/ui';
import { EndEarly } from './end-early';
import { useEndSound } from './use-end-sound';

/** What is waited for at the press, seen at every step and every station: a marker along a tape, the seconds large. */
export function CountdownStrip() {
  const countdowns = useCountdowns();
  const { items } = useWork().bench;
  const now = useServerNow(countdowns, (at) => inSight(countdowns.all, at).length > 0);
  const cures = curing(countdowns.all, now);
  const [ending, setEnding] = useState<Countdown | null>(null);
  const [hasSound, setSound] = useCountdownSound();
  const shown = inSight(countdowns.all, now);
  // Whoever gets several blanks is told apart by them.
  const hasBlanks = useRun().spec.uses.length > 1;
  const nameOf = (itemId: string) => {
    const item = items.find((one) => one.itemId === itemId);
    return item ? `${item.text.join(' ')}${hasBlanks ? `, ${item.blankName.toLowerCase()}` : ''}` : 'an item';
  };
  const over = shown.filter((one) => secondsLeft(one, now) === 0);
  useEndSound(over, hasSound);
  if (shown.length + cures.length === 0) return null;
  return (
    <section aria-label="Countdowns" className="border-b border-rule-strong bg-shade px-6 py-2">
      <ul className={`grid gap-x-8 gap-y-2 ${shown.length > 1 ? 'lg:grid-cols-2' : ''}`}>
        {shown.map((one) => (
          <CountdownRow key={one.id} countdown={one} name={countdownName(one, nameOf)} now={now} onEnd={setEnding} />
        ))}
      </ul>
      <p className="flex flex-wrap justify-end gap-x-6 text-sm text-soft">
        {cures.length > 0 && (
          <span className="mr-auto">
            To be kept dry and unwashed:{' '}
            {cures.map((one, i) => (
              <span key={one.id}>
                {i > 0 && ' · '}
                {countdownName(one, nameOf)} until{' '}
                <span className="measure">{format(endMs(one), 'EEE d MMM, HH:mm')}</span>{' '}
                <TextButton onClick={() => setEnding(one)}>end early…</TextButton>
              </span>
            ))}
          </span>
        )}
        <TextButton onClick={() => setSound(!hasSound)}>
          {hasSound ? 'Sound at the end: on' : 'Sound at the end: off'}
        </TextButton>
      </p>
      <p role="status" className="sr-only">
        {over.map((one) => `${countdownName(one, nameOf)}: ${countdownWords(one, 0)}`).join('. ')}
      </p>
      {ending && (
        <EndEarly
          title={`${countdownName(ending, nameOf)}: why does it end early?`}
          onClose={() => setEnding(null)}
          onEnd={(reason) => countdowns.end(ending.id, reason)}
        />
      )}
    </section>
  );
}

interface CountdownRowProps {
  readonly countdown: Countdown;
  readonly name: string;
  readonly now: number;
  readonly onEnd: (countdown: Countdown) => void;
}

function CountdownRow({ countdown, name, now, onEnd }: CountdownRowProps) {
  const left = secondsLeft(countdown, now);
  const isOver = left === 0;
  return (
    <li className="flex min-w-0 items-center gap-4">
      <span
        className={`measure w-36 shrink-0 text-setting leading-none font-semibold ${isOver ? 'text-verdigris' : ''}`}
      >
        {countdownFigure(left)}
      </span>
      <div className="min-w-0 flex-1">
        <p className="text-word leading-tight break-words">
          <b>{name}</b> {countdownWords(countdown, left)}
          {countdown.by.who !== '' && <span className="text-soft"> · {countdown.by.who}</span>}
        </p>
        <CountdownTape share={1 - left / countdown.seconds} label={`${name}: ${left} of ${countdown.seconds} s left`} />
      </div>
      {!isOver && (
        <Button className="shrink-0" onClick={() => onEnd(countdown)}>
          End early…
        </Button>
      )}
    </li>
  );
}
