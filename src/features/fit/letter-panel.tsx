'use client';

import { useState } from 'react';
import { randomBytes, useRun } from '@/client';
import { changeOwnLetter, mayChangeLetter, ownLetterAt } from '@/core/edit';
import { MOST_OWN_LETTERS, type TextRef, letteringOfText } from '@/core/spec';
import type { Lettering } from '@/core/shop';
import { type TextLetter, textLetters } from '@/core/wording';
import { Fold } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { textOf } from './fit-key';
import { LetterFields } from './letter-fields';

interface LetterPanelProps {
  readonly subject: ScreenFit;
}

/** Single letters of the text in hand: one is picked, and set otherwise than its line. */
export function LetterPanel({ subject }: LetterPanelProps) {
  const { spec } = useRun();
  const at = textOf(subject);
  const lines = textLetters(spec, at);
  // The run may be past what the text in hand was fitted as: the run is asked, and not the fit.
  const lettering = letteringOfText(spec, at);
  if (subject.isSpread || lines.flat().length === 0 || !lettering) return null;
  return (
    <Fold summary={`Single letters of ${subject.text.join(' / ')}`} summaryClassName="heading-small">
      <Letters key={`${at.entryId} ${at.placeId}`} lettering={lettering} at={at} lines={lines} />
    </Fold>
  );
}

interface LettersProps {
  readonly lettering: Lettering;
  readonly at: TextRef;
  readonly lines: readonly (readonly TextLetter[])[];
}

function Letters({ lettering, at, lines }: LettersProps) {
  const { spec, change } = useRun();
  const [picked, setPicked] = useState<string | null>(null);
  const letter = lines.flat().find((one) => keyOf(one) === picked) ?? null;
  return (
    <div className="grid gap-2 pt-2">
      {lines.map((letters, i) => (
        <div key={i} role="group" aria-label={`Letters of line ${i + 1}`} className="flex flex-wrap gap-1">
          {letters.map((one) => (
            <LetterButton
              key={keyOf(one)}
              letter={one}
              isPicked={keyOf(one) === picked}
              isOwn={ownLetterAt(spec, at, one) !== null}
              onPick={() => setPicked(keyOf(one))}
            />
          ))}
        </div>
      ))}
      {letter && !mayChangeLetter(spec, at, letter) ? (
        <p>
          {MOST_OWN_LETTERS} letters of this text are set otherwise, as many as one may have: give one its line’s
          setting again first.
        </p>
      ) : letter ? (
        <LetterFields
          key={keyOf(letter)}
          lettering={lettering}
          letter={letter}
          own={ownLetterAt(spec, at, letter)}
          onChange={(part) => change((now) => changeOwnLetter(now, { at, letter: whichOf(letter) }, part, randomBytes))}
        />
      ) : (
        <p className="text-soft">Pick a letter to give it another face or form, or to move it.</p>
      )}
    </div>
  );
}

interface LetterButtonProps {
  readonly letter: TextLetter;
  readonly isPicked: boolean;
  readonly isOwn: boolean;
  readonly onPick: () => void;
}

function LetterButton({ letter: { character, no }, isPicked, isOwn, onPick }: LetterButtonProps) {
  const colours = isPicked ? 'border-ink bg-ink text-paper' : 'border-rule-strong bg-white';
  return (
    <button
      type="button"
      aria-pressed={isPicked}
      aria-label={`Letter ${no + 1}, ${character}${isOwn ? ', set otherwise' : ''}`}
      className={`min-w-8 rounded-sm border px-1.5 py-1 text-base ${colours} ${isOwn ? 'border-b-4 border-b-brass' : ''}`}
      onClick={onPick}
    >
      {character}
    </button>
  );
}

function keyOf({ line, no }: TextLetter): string {
  return `${line} ${no}`;
}

function whichOf({ line, no, character }: TextLetter) {
  return { line, no, character };
}
