'use client';

import { useState } from 'react';
import { useRun } from '@/client';
import { type Finding, mayLetStand, saidBy } from '@/core/finding';
import { asksOf, lookedWord } from '@/core/figures';
import { type Looked, lookedKey } from '@/core/spec';
import { setLooked } from '@/core/edit';
import { Button } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { textOf } from './fit-key';

interface LetStandProps {
  readonly asks: readonly Finding[];
  readonly subject: ScreenFit;
  readonly alike: readonly ScreenFit[];
  readonly onDone: () => void;
}

/** Checks are ticked off, a stop is kept with a written reason; either is open again once it says something else. */
export function LetStand({ asks, subject, alike, onDone }: LetStandProps) {
  const { change } = useRun();
  const [reason, setReason] = useState<string | null>(null);
  const able = asks.filter(mayLetStand);
  if (able.length === 0 || able.length < asks.length) return null;
  const hasStop = able.some(({ severity }) => severity === 'stop');
  const letStand = (some: readonly ScreenFit[]) => {
    // Of the others only what they were called alike for: whatever else they ask was not looked at.
    const others = some.filter((fit) => fit !== subject);
    const looked = { ...lookedOf(others, able.slice(0, 1), ''), ...lookedOf([subject], able, reason ?? '') };
    change((now) => setLooked(now, looked));
    onDone();
  };
  if (!hasStop) {
    return (
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => letStand([subject])}>Looked at, let it stand</Button>
        {alike.length > 1 && <Button onClick={() => letStand(alike)}>Let all {alike.length} alike stand</Button>}
      </div>
    );
  }
  if (reason === null) return <Button onClick={() => setReason('')}>Keep as it is…</Button>;
  return (
    <form
      className="grid gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== '') letStand([subject]);
      }}
    >
      <label className="grid gap-1">
        <span>Why it is kept</span>
        <input value={reason} onChange={(event) => setReason(event.target.value)} maxLength={400} />
      </label>
      <Button type="submit" disabled={reason.trim() === ''}>
        Keep it with this reason
      </Button>
    </form>
  );
}

/** The findings of these kinds, as each fit says them. */
function lookedOf(fits: readonly ScreenFit[], able: readonly Finding[], reason: string): Record<string, Looked> {
  const kinds = new Set(able.map(({ kind }) => kind));
  return Object.fromEntries(
    fits.flatMap((fit) =>
      asksOf(fit)
        .filter((finding) => kinds.has(finding.kind) && mayLetStand(finding))
        .map((finding) => [
          lookedKey(textOf(fit), lookedWord(fit, finding)),
          { said: saidBy(finding), reason: finding.severity === 'stop' ? reason.trim() : '' },
        ]),
    ),
  );
}
