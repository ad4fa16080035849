'use client';

import { Dialog, DialogPanel, DialogTitle, Field, Label, Textarea } from '@headlessui/react';
import { useState } from 'react';
import { SPOIL_REASONS } from '@/core/ledger';
import { isCut } from '@/core/shop';
import type { BenchItem } from '@/services';
import { Button, Choice, Tick } from '@/ui';

interface SpoilDialogProps {
  readonly items: readonly BenchItem[];
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly onSpoil: (reason: string, note: string, blankLost: boolean) => void;
}

/** Asks why, since the reason is what the next run learns from; then the pieces go on the list to be cut again. */
export function SpoilDialog({ items, isOpen, onClose, onSpoil }: SpoilDialogProps) {
  const [reason, setReason] = useState<string>(SPOIL_REASONS[0]);
  const [note, setNote] = useState('');
  const [blankLost, setBlankLost] = useState(false);
  const names = items.map(({ text }) => text.join(' '));
  return (
    <Dialog open={isOpen} onClose={onClose} className="relative z-10">
      <div className="fixed inset-0 bg-ink/50" aria-hidden />
      <div className="fixed inset-0 grid place-items-center overflow-y-auto p-6">
        <DialogPanel className="grid w-full max-w-xl gap-4 border-t-[6px] border-t-madder bg-paper p-6 shadow-xl">
          <DialogTitle className="text-xl font-bold">
            {names.length > 3 ? `${names.length} pieces are spoiled` : `${names.join(', ')}: spoiled`}
          </DialogTitle>
          <p>{againSentence(items)} What happened?</p>
          <Choice
            label="Reason"
            options={SPOIL_REASONS.map((text) => ({ id: text, label: text }))}
            value={reason}
            onChange={setReason}
          />
          <Tick checked={blankLost} onChange={setBlankLost}>
            The blank is lost with it
          </Tick>
          <Field>
            <Label className="heading-small mb-1 block">Note (may stay empty)</Label>
            <Textarea className="h-16 w-full" value={note} onChange={(event) => setNote(event.target.value)} />
          </Field>
          <div className="flex gap-3">
            <Button
              weight="grave"
              size="bench"
              onClick={() => {
                onSpoil(reason, note, blankLost);
                setNote('');
                setBlankLost(false);
              }}
            >
              {items.some(isToCut) ? 'Spoiled: cut again' : 'Spoiled: take another'}
            </Button>
            <Button size="bench" onClick={onClose}>
              Leave it
            </Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function isToCut({ pieces }: BenchItem): boolean {
  return pieces.some(({ process }) => isCut(process));
}

function againSentence(items: readonly BenchItem[]): string {
  const they = items.length === 1 ? 'It is' : 'They are';
  return items.some(isToCut)
    ? `${they} cut again in the next pass.`
    : `${they} done once more from another ready-made one.`;
}
