'use client';

import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { BenchItem } from '@/services';
import { Button, Key, Tick } from '@/ui';
import { BENCH_STAGES } from './bench-stages';
import { stageWordFor } from './sentences';
import { useLetterKeys } from './use-letter-keys';

interface KeyHelpProps {
  readonly items: readonly BenchItem[];
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

const WALKING = [
  ['↑ ↓', 'the item before, the next one'],
  ['home end', 'the first, the last'],
  ['shift', 'with those: a range'],
  ['/', 'go to a name'],
] as const;

/** All keys of the bench, and the switch for those that mark. */
export function KeyHelp({ items, isOpen, onClose }: KeyHelpProps) {
  const [isOn, setOn] = useLetterKeys();
  const letters = [
    ['space', 'the next deed'],
    ...BENCH_STAGES.map(({ stage, key }) => [key, `mark ${stageWordFor(items, stage)}`] as const),
    ['x', 'spoiled: asks why'],
    ['a', 'pick all that are shown'],
    ['u', 'undo, with shift redo'],
  ] as const;
  return (
    <Dialog open={isOpen} onClose={onClose} className="relative z-10">
      <div className="fixed inset-0 bg-ink/50" aria-hidden />
      <div className="fixed inset-0 grid place-items-center overflow-y-auto p-6">
        <DialogPanel className="grid w-full max-w-xl gap-4 border-t-[6px] border-t-verdigris bg-paper p-6 shadow-xl">
          <DialogTitle className="text-xl font-bold">Keys of the bench</DialogTitle>
          <div className="grid gap-x-8 gap-y-1 sm:grid-cols-2">
            <KeyList title="Walk" keys={WALKING} />
            <KeyList title={isOn ? 'Work' : 'Work (letters are off)'} keys={letters} />
          </div>
          <Tick checked={isOn} onChange={setOn}>
            Letters and space mark stages in this browser
          </Tick>
          <Button size="bench" onClick={onClose}>
            Back to work
          </Button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function KeyList({ title, keys }: { title: string; keys: readonly (readonly [string, string])[] }) {
  return (
    <section>
      <h3 className="heading-small mb-1">{title}</h3>
      <dl>
        {keys.map(([key, words]) => (
          <div key={key} className="flex items-baseline justify-between gap-4 border-b border-rule py-1">
            <dt>{words}</dt>
            <dd>
              <Key>{key}</Key>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
