'use client';

import { useState } from 'react';
import { useRun } from '@/client';
import { addLine, changeWordingAt, mayAddLine, moveLine } from '@/core/edit';
import { type TextRef, type Wording, wordingOf } from '@/core/spec';
import { Button, SortableList, SortableRow } from '@/ui';
import { LineParts } from './line-parts';
import { SpreadForm } from './spread-form';
import { TokenButtons } from './token-buttons';
import { useCursor } from './use-cursor';

interface ComposePlaceProps {
  readonly at: Pick<TextRef, 'useId' | 'placeId'>;
  readonly name: string;
  /** Null: stays empty for now. */
  readonly wording: Wording | null;
}

/** The lines of one place: words that are typed, and chips for what each entry gives. */
export function ComposePlace({ at, name, wording }: ComposePlaceProps) {
  const { change } = useRun();
  const cursor = useCursor();
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
  return (
    <section aria-label={`Wording of ${name}`} className="grid gap-2">
      <h2 className="text-lg font-bold first-letter:uppercase">{name} says</h2>
      <SortableList
        id="lines"
        ids={wording.lines.map((_, line) => `line-${line}`)}
        onMove={(from, to) => set(moveLine(wording, from, to))}
        className="grid gap-2"
      >
        {wording.lines.map((_, line) => (
          <SortableRow
            key={line}
            id={`line-${line}`}
            words={`line ${line + 1}`}
            isAlone={wording.lines.length === 1}
            className="items-start gap-1"
          >
            <div className="min-w-0 flex-1">
              <LineParts at={at} name={name} wording={wording} line={line} cursor={cursor} onChange={set} />
            </div>
          </SortableRow>
        ))}
      </SortableList>
      <TokenButtons onToken={(token) => cursor.insert(wording, token)} />
      <div className="flex flex-wrap gap-2">
        <Button disabled={!mayAddLine(wording)} onClick={() => set(addLine(wording))}>
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
