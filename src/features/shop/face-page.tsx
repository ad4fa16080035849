'use client';

import { PERMIT_WORDS } from '@/core/sentences';
import { type OwnFace, keyOfOwnFace, mayTravel, NEW_LETTERING, withFace } from '@/core/shop';
import { useState } from 'react';
import type { ShopThingView } from '@/services';
import { Choice, NumberField } from '@/ui';
import { LetteringSample } from './lettering-sample';
import { TextToTry } from './text-to-try';
import { ThingPage } from './thing-page';
import { Words } from './words-field';

/** One face that was brought in: what it is called, whether it may be cut with, and where its axes are set. */
export function FacePage({ initial }: { readonly initial: ShopThingView<OwnFace> }) {
  return (
    <ThingPage
      shelf="faces"
      words="faces"
      initial={initial}
      titleOf={({ name }) => <h1 className="text-xl font-bold">{name}</h1>}
    >
      {(face, change) => <FaceFields face={face} onChange={(part) => change((now) => ({ ...now, ...part }))} />}
    </ThingPage>
  );
}

interface FaceFieldsProps {
  readonly face: OwnFace;
  readonly onChange: (part: Partial<OwnFace>) => void;
}

const MAY_CUT = [
  { id: 'yes', label: 'yes, its licence says so' },
  { id: 'unknown', label: 'nobody has looked it up' },
];

const ALPHABET = ['ABCDEFGHIJKLM', 'NOPQRSTUVWXYZ', 'abcdefghijklm', 'nopqrstuvwxyz', '0123456789'].join('\n');

function FaceFields({ face, onChange }: FaceFieldsProps) {
  const [text, setText] = useState('Gwendolen Åse');
  const lettering = withFace(NEW_LETTERING, 'all', { face: keyOfOwnFace(face), faceName: face.name });
  return (
    <div className="grid gap-6 p-6 lg:grid-cols-[minmax(0,480px)_minmax(0,1fr)]">
      <section className="grid content-start gap-3 border border-rule-strong bg-paper p-5">
        <Choice
          label="May goods be cut with it?"
          options={MAY_CUT}
          value={face.mayCut}
          onChange={(id) => onChange({ mayCut: id === 'yes' ? 'yes' : 'unknown' })}
        />
        <p className="text-soft">
          {face.licence === '' ? 'Its file says nothing of a licence.' : `Its file says: ${face.licence}`}
        </p>
        <p className="text-soft">
          {PERMIT_WORDS[face.permit]}
          {mayTravel(face.permit)
            ? ' A run that is taken along carries it.'
            : ' A run that is taken along names it, and does not carry it.'}
        </p>
        <Words label="Name" value={face.name} most={120} isNeeded onChange={(name) => onChange({ name })} />
        <p className="text-soft">From {face.fileName}.</p>
        {face.varies.map(({ tag, name, min, max, initial }) => (
          <NumberField
            key={tag}
            label={`${name}, from ${min} to ${max}`}
            unit=""
            value={face.axes[tag] ?? initial}
            min={min}
            max={max}
            onChange={(value) => onChange({ axes: { ...face.axes, [tag]: value } })}
          />
        ))}
        {face.varies.length > 0 && (
          <p className="text-soft">Letterings that are set in it keep what it was when they were made.</p>
        )}
      </section>
      <section className="grid content-start gap-3 self-start lg:sticky lg:top-4">
        <TextToTry text={text} most={40} onText={setText} />
        <div className="border border-rule-strong bg-white p-6">
          <LetteringSample lettering={lettering} text={text} className="max-h-28 w-full" />
        </div>
        <div className="grid gap-3 border border-rule-strong bg-white p-6">
          <LetteringSample lettering={lettering} text={ALPHABET} className="max-h-56 w-full" />
        </div>
      </section>
    </div>
  );
}
