'use client';

import { CASE_WORDS, useLengths, useRun } from '@/client';
import { CASE_FORMS, type CaseForm, type Lettering, commonStyle, styleOf } from '@/core/shop';
import { type PlaceAt, changeHead, changeLeastHeight, changeLettering, changeLines } from '@/core/edit';
import { LeastGapField } from '@/parts/lettering';
import { Choice, FieldRow, LengthField, NumberField, Select, withOwn } from '@/ui';
import { LANGUAGES } from './sentences';

interface LetteringPanelProps {
  readonly at: PlaceAt;
  readonly lettering: Lettering;
}

/** Face, case, tracking and least height of the lettering in use. */
export function LetteringPanel({ at, lettering }: LetteringPanelProps) {
  const { spec, change } = useRun();
  const { unit } = useLengths();
  const { faceNames, caseForm, trackingEm } = commonStyle(lettering);
  return (
    <section className="grid gap-2">
      <h3 className="heading-small">{lettering.name}</h3>
      <p className="text-soft">
        {faceNames.length === 1 ? 'Face' : 'Faces'}: {faceNames.join(', ')}.
      </p>
      <Choice
        label="Case"
        options={CASE_FORMS.map((form) => ({ id: form, label: CASE_WORDS[form] }))}
        value={caseForm ?? ''}
        onChange={(form) => change((now) => changeLines(now, at, { caseForm: form as CaseForm }))}
      />
      {caseForm !== 'asTyped' && (
        <FieldRow label="Language of the names">
          <Select
            options={withOwn(LANGUAGES, spec.language)}
            value={spec.language}
            onChange={(language) => change((now) => changeHead(now, { language }))}
          />
        </FieldRow>
      )}
      <div>
        <NumberField
          label="Tracking, of the letter size"
          unit="%"
          value={(trackingEm ?? styleOf(lettering, 0).trackingEm) * 100}
          min={-20}
          max={100}
          onChange={(percent) => change((now) => changeLines(now, at, { trackingEm: percent / 100 }))}
        />
        <LeastGapField lettering={lettering} onChange={(how) => change((now) => changeLettering(now, at, how))} />
        <LengthField
          label="Least letter height"
          unit={unit}
          value={lettering.minLetterHeightMm}
          min={1}
          max={500}
          onChange={(leastMm) => change((now) => changeLeastHeight(now, at, leastMm))}
        />
      </div>
      {trackingEm !== 0 && (
        <p className="border-l-4 border-brass bg-brass-tint px-3 py-1.5">
          Tracking pulls letters apart that join: look at the joins on the wall.
        </p>
      )}
    </section>
  );
}
