'use client';

import { useState } from 'react';
import { Button, Choice, DialogCard, Key } from '@/ui';

interface EndEarlyProps {
  readonly title: string;
  readonly onClose: () => void;
  /** Null when it has ended; otherwise what happened. */
  readonly onEnd: (reason: string) => Promise<string | null>;
}

const OWN = 'something else';
const REASONS = [
  'it smokes or changes colour',
  'started by mistake',
  'the press came open',
  'shorter by own trial',
  OWN,
];

/** Asks why something is not waited for: the reason stands beside the countdown for good. */
export function EndEarly({ title, onClose, onEnd }: EndEarlyProps) {
  const [chosen, setChosen] = useState('');
  const [own, setOwn] = useState('');
  const [message, setMessage] = useState<string | null>(null);
  const reason = chosen === OWN ? own.trim() : chosen;
  const end = async () => {
    if (reason === '') return;
    const refused = await onEnd(reason);
    if (refused === null) onClose();
    else setMessage(refused);
  };
  return (
    <DialogCard title={title} tone="grave" isOpen onClose={onClose} onEnter={() => void end()}>
      <Choice
        label="Why"
        options={REASONS.map((id) => ({ id, label: id }))}
        value={chosen}
        onChange={(id) => setChosen(id)}
      />
      {chosen === OWN && (
        <label className="grid gap-1">
          In your words
          <input maxLength={200} value={own} onChange={(event) => setOwn(event.target.value)} />
        </label>
      )}
      {message && <p className="border-l-4 border-madder bg-madder-tint px-3 py-1">{message}</p>}
      <div className="flex flex-wrap gap-3">
        <Button weight="grave" size="bench" disabled={reason === ''} onClick={() => void end()}>
          End it now <Key>enter</Key>
        </Button>
        <Button size="bench" onClick={onClose}>
          Let it run <Key>esc</Key>
        </Button>
      </div>
    </DialogCard>
  );
}
