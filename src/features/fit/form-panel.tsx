'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import { type MainPlace, changeLettering } from '@/core/edit';
import { monogramsOf, nameOfFit, tellingTexts } from '@/core/figures';
import { FormFields } from '@/parts/lettering';
import type { ScreenFit } from '@/workers/fit-protocol';

interface FormPanelProps {
  readonly place: MainPlace;
  readonly shown: readonly ScreenFit[];
}

/** How the lines of the lettering in use stand and run, and what form its monograms have. */
export function FormPanel({ place, shown }: FormPanelProps) {
  const { change } = useRun();
  const { at, lettering, placeUse } = place;
  const { wording } = placeUse;
  const initials = useMemo(() => tellingTexts(monogramsOf(wording, shown)), [wording, shown]);
  const [text] = useMemo(() => tellingTexts(shown.map((fit) => nameOfFit(fit).slice(0, MOST_CHARACTERS))), [shown]);
  return (
    <FormFields
      lettering={lettering}
      numLines={wording?.lines.length ?? 1}
      {...(text === undefined ? {} : { text })}
      initials={initials}
      onChange={(how) => change((now) => changeLettering(now, at, how))}
    />
  );
}

/** As much of a text as other letters are looked at in. */
const MOST_CHARACTERS = 40;
