'use client';

import { Label, Radio, RadioGroup } from '@headlessui/react';
import type { ReactNode } from 'react';
import { useLetteringSample } from '@/client';
import type { BlankCopy } from '@/core/blanks';
import type { Copy, Lettering } from '@/core/shop';
import { BlankPicture, SampleDrawing } from '@/drawing';

interface PictureChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (id: string) => void;
  readonly className: string;
  readonly children: ReactNode;
}

function PictureChoice({ label, value, onChange, className, children }: PictureChoiceProps) {
  return (
    <RadioGroup value={value} onChange={onChange}>
      <Label className="heading-small mb-1 block">{label}</Label>
      <div className={`grid gap-1.5 overflow-y-auto border border-rule bg-paper p-1.5 ${className}`}>{children}</div>
    </RadioGroup>
  );
}

const CARD =
  'min-w-0 cursor-pointer rounded-md border border-rule-strong bg-white px-2 py-1.5 data-checked:border-ink data-checked:ring-2 data-checked:ring-ink data-focus:outline-2 data-focus:outline-offset-2 data-focus:outline-verdigris';

interface BlankChoiceProps {
  readonly blanks: readonly BlankCopy[];
  readonly value: string;
  readonly onChange: (id: string) => void;
}

/** The blanks of the shop, each as the thing that it is. */
export function BlankChoice({ blanks, value, onChange }: BlankChoiceProps) {
  return (
    <PictureChoice
      label="On what"
      value={value}
      onChange={onChange}
      className="max-h-72 grid-cols-[repeat(auto-fill,minmax(104px,1fr))]"
    >
      {blanks.map(({ id, value: { name, kind, variants } }) => {
        const [variant] = variants;
        return (
          <Radio
            key={id}
            value={id}
            aria-label={name}
            className={`grid justify-items-center gap-1 text-center ${CARD}`}
          >
            {variant && <BlankPicture kind={kind} variant={variant} className="h-14 max-w-full" />}
            <span className="text-sm leading-tight">{name}</span>
          </Radio>
        );
      })}
    </PictureChoice>
  );
}

interface LetteringChoiceProps {
  readonly letterings: readonly Copy<Lettering>[];
  /** What is written in each. */
  readonly text: string;
  readonly value: string;
  readonly onChange: (id: string) => void;
}

/** The letterings of the shop on one name of the list. */
export function LetteringChoice({ letterings, text, value, onChange }: LetteringChoiceProps) {
  return (
    <PictureChoice
      label="In which lettering"
      value={value}
      onChange={onChange}
      className="max-h-52 grid-cols-[repeat(auto-fill,minmax(150px,1fr))]"
    >
      {letterings.map((one) => (
        <Radio key={one.id} value={one.id} aria-label={one.value.name} className={`grid content-start gap-1 ${CARD}`}>
          <SampleLine lettering={one.value} text={text} />
          <span className="text-sm text-soft">{one.value.name}</span>
        </Radio>
      ))}
    </PictureChoice>
  );
}

function SampleLine({ lettering, text }: { readonly lettering: Lettering; readonly text: string }) {
  const sample = useLetteringSample(lettering, text);
  if (!sample) return <span className="block h-7" />;
  return <SampleDrawing sample={sample} className="block h-7 max-w-full" />;
}
