'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import { type MainPlace, changeLettering } from '@/core/edit';
import { monogramsOf, tellingTexts } from '@/core/figures';
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
  return (
    <FormFields
      lettering={lettering}
      numLines={wording?.lines.length ?? 1}
      initials={initials}
      onChange={(how) => change((now) => changeLettering(now, at, how))}
    />
  );
}
