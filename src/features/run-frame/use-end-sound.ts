'use client';

import { useEffect, useRef } from 'react';
import type { Countdown } from '@/core/countdown';

const TONE_HZ = 880;
const TONES_AT_S = [0, 0.25, 0.5];
const TONE_S = 0.16;

/** Three short tones for each that runs out while this page is open; what had run out before it was opened is silent. */
export function useEndSound(over: readonly Countdown[], hasSound: boolean): void {
  const heard = useRef<ReadonlySet<string> | null>(null);
  useEffect(() => {
    const known = heard.current;
    heard.current = new Set(over.map(({ id }) => id));
    if (known && hasSound && over.some(({ id }) => !known.has(id))) ring();
  }, [over, hasSound]);
}

function ring(): void {
  const context = new AudioContext();
  for (const at of TONES_AT_S) {
    const tone = context.createOscillator();
    tone.frequency.value = TONE_HZ;
    tone.connect(context.destination);
    tone.start(context.currentTime + at);
    tone.stop(context.currentTime + at + TONE_S);
  }
  setTimeout(() => void context.close(), 2000);
}
