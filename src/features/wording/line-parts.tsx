'use client';

import { randomBytes, useRun } from '@/client';
import {
  addPart,
  changePartWords,
  colourPart,
  dropLine,
  dropPart,
  letterColours,
  mayAddColour,
  mayAddPart,
  placeAt,
} from '@/core/edit';
import type { TextRef, Wording } from '@/core/spec';
import { Button, HeldInput, Select, TextButton } from '@/ui';
import type { Cursor } from './use-cursor';

interface LinePartsProps {
  readonly at: Pick<TextRef, 'useId' | 'placeId'>;
  readonly name: string;
  readonly wording: Wording;
  readonly line: number;
  readonly cursor: Cursor;
  readonly onChange: (wording: Wording) => void;
}

/** What one line says, part by part: each with words and the colour of its letters. */
export function LineParts({ at, name, wording, line, cursor, onChange }: LinePartsProps) {
  const { runs } = wording.lines[line]!;
  const isOnlyLine = wording.lines.length === 1;
  return (
    <div role="group" aria-label={`Parts of line ${line + 1} of ${name}`} className="grid gap-1.5">
      {runs.map(({ template, slot }, part) => {
        const here = { line, part };
        const label = `Line ${line + 1} of ${name}${part === 0 ? '' : `, part ${part + 1}`}`;
        return (
          <div key={part} className="flex gap-2">
            <HeldInput
              ref={(field) => cursor.hold(here, field)}
              aria-label={label}
              className="measure w-full min-w-0"
              value={template}
              maxLength={400}
              spellCheck={false}
              onFocus={() => cursor.enter(here)}
              onText={(text) => onChange(changePartWords(wording, here, text))}
            />
            <PartColour at={at} label={`Colour of ${label.toLowerCase()}`} here={here} slot={slot} />
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
          <TextButton onClick={() => onChange(addPart(wording, line))}>A part in another colour</TextButton>
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
  readonly slot: string;
}

const ANOTHER = '';

/** Which colour its letters have: one that the lettering has, or one more. What each is cut from is said on Fit. */
function PartColour({ at, label, here, slot }: PartColourProps) {
  const { spec, change } = useRun();
  const place = { ...at, variantId: null };
  const { lettering } = placeAt(spec, place);
  const colours = letterColours(lettering);
  if (colours.length === 0) return null;
  return (
    <Select
      aria-label={label}
      className="w-40 shrink-0"
      options={[
        ...colours.map((colour, i) => [colour, i === 0 ? 'in the first colour' : `in “${colour}”`] as const),
        ...(mayAddColour(lettering) ? [[ANOTHER, 'in another colour'] as const] : []),
      ]}
      value={slot}
      onChange={(to) =>
        change((now) => colourPart(now, place, { ...here, slot: to === ANOTHER ? null : to }, randomBytes))
      }
    />
  );
}
