'use client';

import { Field, Label, Textarea } from '@headlessui/react';
import { type KeyboardEvent, useState } from 'react';
import { SPOIL_REASONS } from '@/core/ledger';
import type { BenchItem } from '@/services';
import { Button, Choice, DialogCard, Key, Tick } from '@/ui';
import {
  chosenByKey,
  freshChoice,
  pieceKey,
  pieceOptions,
  reasonKey,
  spoilWords,
  spoiledBy,
  togglePiece,
} from './spoil-choice';
import type { Spoiled } from './use-bench';

interface SpoilDialogProps {
  readonly items: readonly BenchItem[];
  readonly onClose: () => void;
  readonly onSpoil: (spoiled: Spoiled) => void;
}

/** Asks which pieces and why, since the reason is what the next run learns from; then the pieces go on the list to be cut again. */
export function SpoilDialog({ items, onClose, onSpoil }: SpoilDialogProps) {
  // As they were when it was opened: marks of others must not change what is being chosen from.
  const [options] = useState(() => pieceOptions(items));
  const [choice, setChoice] = useState(() => freshChoice(options));
  const [names] = useState(() => items.map(({ text }) => text.join(' ')));
  const spoiled = spoiledBy(choice, options);
  const words = spoilWords(choice, options);
  const take = () => spoiled && onSpoil(spoiled);
  const onKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
    if (event.target instanceof HTMLTextAreaElement) return;
    const next = chosenByKey(choice, options, event.key);
    if (!next) return;
    event.preventDefault();
    setChoice(next);
  };
  return (
    <DialogCard
      title={names.length > 3 ? `Of ${names.length} items: what is spoiled?` : `${names.join(', ')}: what is spoiled?`}
      tone="grave"
      isOpen
      onClose={onClose}
      onEnter={take}
      onKey={onKey}
    >
      {options.length > 1 && (
        <fieldset>
          <legend className="heading-small mb-1.5">Which pieces</legend>
          <ul className="grid max-h-48 gap-1 overflow-y-auto">
            {options.map(({ pieceId, words: piece }, i) => (
              <li key={pieceId}>
                <Tick checked={choice.pieceIds.has(pieceId)} onChange={() => setChoice(togglePiece(choice, pieceId))}>
                  {piece}
                  <KeyOf name={pieceKey(i)} />
                </Tick>
              </li>
            ))}
          </ul>
        </fieldset>
      )}
      <Choice
        label="What happened"
        options={SPOIL_REASONS.map((text, i) => ({
          id: text,
          label: (
            <>
              {text}
              <KeyOf name={reasonKey(i)} />
            </>
          ),
        }))}
        value={choice.reason ?? ''}
        onChange={(reason) => setChoice({ ...choice, reason })}
      />
      <Tick checked={choice.blankLost} onChange={(blankLost) => setChoice({ ...choice, blankLost })}>
        The blank is lost with it
      </Tick>
      <Field>
        <Label className="heading-small mb-1 block">Note (may stay empty)</Label>
        <Textarea
          className="h-16 w-full"
          value={choice.note}
          onChange={(event) => setChoice({ ...choice, note: event.target.value })}
        />
      </Field>
      <p className="text-soft">{words.missing || words.next}</p>
      <div className="flex flex-wrap gap-3">
        <Button weight="grave" size="bench" disabled={!spoiled} onClick={take}>
          <span className="first-letter:uppercase">{words.deed}</span> <Key>enter</Key>
        </Button>
        <Button size="bench" onClick={onClose}>
          Leave it <Key>esc</Key>
        </Button>
      </div>
    </DialogCard>
  );
}

function KeyOf({ name }: { readonly name: string | null }) {
  return name === null ? null : <Key>{name}</Key>;
}
