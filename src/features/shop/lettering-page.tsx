'use client';

import { useState } from 'react';
import { CASE_WORDS, useLengths, useShopFaces } from '@/client';
import { CASE_FORMS, type CaseForm, type Lettering, styleOf, withFace } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { FormFields, LeastGapField } from '@/parts/lettering';
import { Choice, FieldRow, LengthField, NumberField, Select } from '@/ui';
import { LetteringSample } from './lettering-sample';
import { TextToTry } from './text-to-try';
import { ThingPage } from './thing-page';
import { Words } from './words-field';

/** One lettering of the shop, with a text of one's own set in it. */
export function LetteringPage({ initial }: { readonly initial: ShopThingView<Lettering> }) {
  return (
    <ThingPage
      shelf="letterings"
      words="letterings"
      initial={initial}
      titleOf={({ name }) => <h1 className="text-xl font-bold">{name}</h1>}
    >
      {(lettering, change) => (
        <LetteringFields
          lettering={lettering}
          onChange={(part) => change((now) => ({ ...now, ...part }))}
          onFormed={change}
        />
      )}
    </ThingPage>
  );
}

interface LetteringFieldsProps {
  readonly lettering: Lettering;
  readonly onChange: (part: Partial<Lettering>) => void;
  readonly onFormed: (change: (lettering: Lettering) => Lettering) => void;
}

/** What forms of a monogram are tried with. */
const INITIALS = ['GÅM', 'JIL', 'AB'];

function LetteringFields({ lettering, onChange, onFormed }: LetteringFieldsProps) {
  const { unit } = useLengths();
  const [text, setText] = useState('Gwendolen Åse');
  const [second, setSecond] = useState('');
  const tried = second.trim() === '' ? text : `${text}\n${second}`;
  const faces = useShopFaces();
  const first = styleOf(lettering, 0);
  const { caseForm, trackingEm } = first;
  const style = (part: Partial<Lettering['lines'][number]>) =>
    onChange({ lines: lettering.lines.map((line) => ({ ...line, ...part })) });
  return (
    <div className="grid gap-6 p-6 lg:grid-cols-[minmax(0,480px)_minmax(0,1fr)]">
      <section className="grid content-start gap-2 border border-rule-strong bg-paper p-5">
        <Words label="Name" value={lettering.name} most={120} isNeeded onChange={(name) => onChange({ name })} />
        <FieldRow label="Face">
          <Select
            options={faces.optionsWith(first)}
            value={first.face}
            onChange={(key) => onFormed((now) => withFace(now, 'all', faces.choiceOf(key)))}
          />
        </FieldRow>
        <Choice
          label="Case"
          options={CASE_FORMS.map((id) => ({ id, label: CASE_WORDS[id] }))}
          value={caseForm}
          onChange={(id) => style({ caseForm: id as CaseForm })}
        />
        <NumberField
          label="Tracking, of the letter size"
          unit="%"
          value={trackingEm * 100}
          min={-20}
          max={100}
          onChange={(percent) => style({ trackingEm: percent / 100 })}
        />
        <LeastGapField lettering={lettering} onChange={onFormed} />
        <LengthField
          label="Least letter height"
          unit={unit}
          value={lettering.minLetterHeightMm}
          min={1}
          max={500}
          onChange={(minLetterHeightMm) => onChange({ minLetterHeightMm })}
        />
        <FormFields
          lettering={lettering}
          numLines={second.trim() === '' ? 1 : 2}
          text={text}
          initials={INITIALS}
          onChange={onFormed}
        />
      </section>
      <section className="grid content-start gap-3 self-start lg:sticky lg:top-4">
        <TextToTry text={text} most={60} onText={setText} />
        <TextToTry label="with a second line" text={second} most={30} isOptional onText={setSecond} />
        <div className="border border-rule-strong bg-white p-6">
          <LetteringSample lettering={lettering} text={tried} className="max-h-40 w-full" />
        </div>
      </section>
    </div>
  );
}
