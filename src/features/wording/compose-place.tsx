'use client';

import { useRef, useState } from 'react';
import { useRun } from '@/client';
import { MOST_LINES } from '@/core/shop';
import { type TextRef, type Wording, wordingOf } from '@/core/spec';
import { changeWordingAt } from '@/core/edit';
import { Button, HeldInput } from '@/ui';
import { SpreadForm } from './spread-form';
import { TokenButtons } from './token-buttons';

interface ComposePlaceProps {
  readonly at: Pick<TextRef, 'useId' | 'placeId'>;
  readonly name: string;
  /** Null: stays empty for now. */
  readonly wording: Wording | null;
}

/** The lines of one place: typed, or put together with buttons, which come to the same. */
export function ComposePlace({ at, name, wording }: ComposePlaceProps) {
  const { change } = useRun();
  const [lineAt, setLineAt] = useState(0);
  const fields = useRef(new Map<number, HTMLInputElement>());
  // What an emptied place said, for the case that it was a mistake.
  const [before, setBefore] = useState<Wording>(() => wording ?? wordingOf(['{text}']));
  const set = (next: Wording | null) => change((spec) => changeWordingAt(spec, at, next));
  if (!wording) {
    return (
      <section aria-label={`Wording of ${name}`}>
        <h2 className="text-lg font-bold first-letter:uppercase">{name}</h2>
        <p className="my-2">Stays empty for now: no entry gets a piece here.</p>
        <Button onClick={() => set(before)}>Give it words</Button>
      </section>
    );
  }
  const templates = wording.lines.map(({ runs }) => runs.map(({ template }) => template).join(''));
  const setTemplates = (next: readonly string[]) => set({ ...wording, lines: wordingOf(next).lines });
  const setLine = (i: number, template: string) => setTemplates(templates.map((t, k) => (k === i ? template : t)));
  const insert = (token: string) => {
    const line = Math.min(lineAt, templates.length - 1);
    const field = fields.current.get(line);
    const [start, end] = [
      field?.selectionStart ?? templates[line]!.length,
      field?.selectionEnd ?? templates[line]!.length,
    ];
    // Left for a moment: a field that holds the cursor is not changed under it, also not by a button beside it.
    field?.blur();
    setLine(line, templates[line]!.slice(0, start) + token + templates[line]!.slice(end));
    requestAnimationFrame(() => {
      field?.focus();
      field?.setSelectionRange(start + token.length, start + token.length);
    });
  };
  return (
    <section aria-label={`Wording of ${name}`} className="grid gap-2">
      <h2 className="text-lg font-bold first-letter:uppercase">{name} says</h2>
      {templates.map((template, i) => (
        <div key={i} className="flex gap-2">
          <HeldInput
            ref={(field) => {
              if (field) fields.current.set(i, field);
              else fields.current.delete(i);
            }}
            aria-label={`Line ${i + 1} of ${name}`}
            className="measure w-full"
            value={template}
            maxLength={400}
            spellCheck={false}
            onFocus={() => setLineAt(i)}
            onText={(text) => setLine(i, text)}
          />
          {templates.length > 1 && (
            <Button
              aria-label={`Take line ${i + 1} away`}
              onClick={() => setTemplates(templates.filter((_, k) => k !== i))}
            >
              −
            </Button>
          )}
        </div>
      ))}
      <TokenButtons onToken={insert} />
      <div className="flex flex-wrap gap-2">
        <Button disabled={templates.length >= MOST_LINES} onClick={() => setTemplates([...templates, ''])}>
          One more line
        </Button>
        <Button
          onClick={() => {
            setBefore(wording);
            set(null);
          }}
        >
          Leave empty for now
        </Button>
      </div>
      <SpreadForm at={at} wording={wording} onChange={set} />
    </section>
  );
}
