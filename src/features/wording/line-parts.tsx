'use client';

import { useEffect, useRef } from 'react';
import { randomBytes, useRun } from '@/client';
import {
  addPart,
  changePartWords,
  chooseLetters,
  colourPart,
  dropLetters,
  dropLine,
  dropPart,
  letterColours,
  mayAddColour,
  mayAddPart,
  moveLine,
  placeAt,
} from '@/core/edit';
import { SINGLE_LETTERS, type SingleLetters, type TextRef, type Wording, type WordingRun } from '@/core/spec';
import { Button, Select, TextButton } from '@/ui';
import { ChipField } from './chip-field';
import { PartFace } from './part-face';
import type { Cursor } from './use-cursor';

interface LinePartsProps {
  readonly at: Pick<TextRef, 'useId' | 'placeId'>;
  readonly name: string;
  readonly wording: Wording;
  readonly line: number;
  readonly cursor: Cursor;
  readonly onChange: (wording: Wording) => void;
}

const UP_DOWN: Readonly<Record<string, number>> = { ArrowUp: -1, ArrowDown: 1 };

/** What one line says, part by part: each with words and the colour of its letters. */
export function LineParts({ at, name, wording, line, cursor, onChange }: LinePartsProps) {
  const { spec } = useRun();
  // A field tells what was typed in it later than it was drawn: the other lines are those of now.
  const latest = useRef(wording);
  useEffect(() => {
    latest.current = wording;
  });
  const { lettering } = placeAt(spec, { ...at, variantId: null });
  const { runs } = wording.lines[line]!;
  const isOnlyLine = wording.lines.length === 1;
  return (
    <div role="group" aria-label={`Parts of line ${line + 1} of ${name}`} className="grid gap-1.5">
      {runs.map((run, part) => {
        const here = { line, part };
        const label = `Line ${line + 1} of ${name}${part === 0 ? '' : `, part ${part + 1}`}`;
        return (
          <div key={part} className="flex flex-wrap gap-2">
            <ChipField
              label={label}
              template={run.template}
              language={spec.language}
              onEditor={(editor) => cursor.hold(here, editor)}
              onEnter={() => cursor.enter(here)}
              onTemplate={(text) => onChange(changePartWords(latest.current, here, text))}
              onKeyDown={(event) => {
                const by = event.altKey ? (UP_DOWN[event.key] ?? 0) : 0;
                if (by === 0 || !wording.lines[line + by]) return;
                event.preventDefault();
                if (event.currentTarget instanceof HTMLElement) event.currentTarget.blur();
                onChange(moveLine(wording, line, line + by));
                cursor.follow({ line: line + by, part });
              }}
            />
            <PartColour at={at} label={label.toLowerCase()} here={here} run={run} />
            {(runs.length > 1 || run.face !== null) && (
              <PartFace
                lettering={lettering}
                label={label.toLowerCase()}
                here={here}
                wording={wording}
                onChange={onChange}
              />
            )}
            {runs.length > 1 && (
              <Button aria-label={`Take part ${part + 1} away`} onClick={() => onChange(dropPart(wording, here))}>
                −
              </Button>
            )}
          </div>
        );
      })}
      <div className="flex gap-4 text-sm">
        {mayAddPart(wording, line) && (
          <TextButton onClick={() => onChange(addPart(wording, line))}>A part in another colour or face</TextButton>
        )}
        {!isOnlyLine && (
          <TextButton aria-label={`Take line ${line + 1} away`} onClick={() => onChange(dropLine(wording, line))}>
            Take the line away
          </TextButton>
        )}
      </div>
    </div>
  );
}

interface PartColourProps {
  readonly at: Pick<TextRef, 'useId' | 'placeId'>;
  readonly label: string;
  readonly here: { readonly line: number; readonly part: number };
  readonly run: WordingRun;
}

const ANOTHER = '';
const NONE = 'none';

const SINGLE_WORDS: Readonly<Record<SingleLetters, string>> = {
  first: 'its first letter',
  last: 'its last letter',
  ofWords: 'the first of each word',
};

/** Which colour its letters have: one that the lettering has, or one more. What each is cut from is said on Fit. */
function PartColour({ at, label, here, run: { slot, letter } }: PartColourProps) {
  const { spec, change } = useRun();
  const place = { ...at, variantId: null };
  const { lettering } = placeAt(spec, place);
  const colours = letterColours(lettering);
  if (colours.length === 0) return null;
  const options = [
    ...colours.map((colour, i) => [colour, i === 0 ? 'in the first colour' : `in “${colour}”`] as const),
    ...(mayAddColour(lettering) ? [[ANOTHER, 'in another colour'] as const] : []),
  ];
  const colour = (to: string, letters?: SingleLetters) =>
    change((now) => colourPart(now, place, { ...here, slot: to === ANOTHER ? null : to, letters }, randomBytes));
  const single = (which: string) => {
    const [others] = colours.filter((one) => one !== slot);
    if (which === NONE) change((now) => dropLetters(now, place, here));
    else if (letter) change((now) => chooseLetters(now, place, here, which as SingleLetters));
    else colour(others ?? ANOTHER, which as SingleLetters);
  };
  const mayBeSingle = letter !== undefined || colours.length > 1 || mayAddColour(lettering);
  return (
    <>
      <Select
        aria-label={`Colour of ${label}`}
        className="w-40 shrink-0"
        options={options}
        value={slot}
        onChange={(to) => colour(to)}
      />
      {mayBeSingle && (
        <Select
          aria-label={`Single letters of ${label}`}
          className="min-w-28 flex-1"
          options={[
            [NONE, 'all its letters'],
            ...SINGLE_LETTERS.map((which) => [which, `but ${SINGLE_WORDS[which]}`] as const),
          ]}
          value={letter?.which ?? NONE}
          onChange={single}
        />
      )}
      {letter && (
        <Select
          aria-label={`Colour of single letters of ${label}`}
          className="w-40 shrink-0"
          options={options}
          value={letter.slot}
          onChange={(to) => colour(to, letter.which)}
        />
      )}
    </>
  );
}
