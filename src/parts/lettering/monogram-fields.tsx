'use client';

import { Label, Radio, RadioGroup } from '@headlessui/react';
import { useRef } from 'react';
import { useLetteringSample } from '@/client';
import { FRAMES, type Lettering, MONOGRAM_SHAPES, type MonogramSetting, OTHER_LINES } from '@/core/shop';
import { FRAME_WORDS, OTHERS_WORDS, SHAPE_WORDS } from '@/core/sentences';
import { SampleDrawing } from '@/drawing';
import { FieldRow, NumberField, Select, optionsOf, useSeen } from '@/ui';

interface MonogramFieldsProps {
  readonly lettering: Lettering;
  readonly numLines: number;
  /** Letters of the run, by which the forms are compared. */
  readonly initials: readonly string[];
  readonly onChange: (change: (lettering: Lettering) => Lettering) => void;
}

const IN_A_ROW: MonogramSetting = { shape: null, gapShare: 0.07, frame: null };
const ROW = 'row';
const BELOW = 'below';

/** As it is chosen: others that are undefined stand below. */
type FormSetting = Omit<MonogramSetting, 'others'> & { readonly others?: MonogramSetting['others'] | undefined };
const NO_FRAME = 'none';

/** The form of a monogram, by what it makes of letters that are there. */
export function MonogramFields({ lettering, numLines, initials, onChange }: MonogramFieldsProps) {
  const section = useRef<HTMLElement>(null);
  const isSeen = useSeen(section);
  const setting = lettering.monogram ?? IN_A_ROW;
  const change = (part: Partial<FormSetting>) =>
    onChange((now) => withMonogram(now, { ...(now.monogram ?? IN_A_ROW), ...part }));
  return (
    <section ref={section} className="grid gap-2">
      <RadioGroup
        value={setting.shape ?? ROW}
        onChange={(id: string) => change({ shape: MONOGRAM_SHAPES.find((shape) => shape === id) ?? null })}
      >
        <Label className="heading-small mb-1.5 block">Form of the monogram</Label>
        <div className="grid grid-cols-2 gap-1.5">
          {[null, ...MONOGRAM_SHAPES].map((shape) => (
            <Radio
              key={shape ?? ROW}
              value={shape ?? ROW}
              aria-label={shape ? SHAPE_WORDS[shape] : 'in a row'}
              className="grid min-w-0 cursor-pointer content-start gap-1 rounded-md border border-rule-strong bg-white p-1.5 data-checked:border-ink data-checked:ring-2 data-checked:ring-ink data-focus:outline-2 data-focus:outline-offset-2 data-focus:outline-verdigris"
            >
              <span className="flex h-9 items-center gap-2 overflow-hidden">
                {(isSeen ? initials : []).map((text) => (
                  <Initials key={text} lettering={withMonogram(lettering, { ...setting, shape })} text={text} />
                ))}
              </span>
              <span className="font-narrow text-sm">{shape ? SHAPE_WORDS[shape] : 'in a row'}</span>
            </Radio>
          ))}
        </div>
      </RadioGroup>
      <FieldRow label="Around it">
        <Select
          options={[[NO_FRAME, 'nothing'], ...FRAMES.map((frame) => [frame, FRAME_WORDS[frame]] as const)]}
          value={setting.frame ?? NO_FRAME}
          onChange={(id) => change({ frame: FRAMES.find((frame) => frame === id) ?? null })}
        />
      </FieldRow>
      {numLines > 1 && (
        <FieldRow label="The other lines stand">
          <Select
            options={[[BELOW, 'below it'], ...optionsOf(OTHERS_WORDS)]}
            value={setting.others ?? BELOW}
            onChange={(id) => change({ others: OTHER_LINES.find((others) => others === id) })}
          />
        </FieldRow>
      )}
      {hasForm(setting) && (
        <NumberField
          label="Clear between letters, of the capitals"
          unit="%"
          value={setting.gapShare * 100}
          min={1}
          max={50}
          onChange={(percent) => change({ gapShare: percent / 100 })}
        />
      )}
    </section>
  );
}

/** What says nothing is left out, so that a lettering is the same as before. */
function withMonogram({ monogram: _, ...lettering }: Lettering, setting: FormSetting): Lettering {
  const { others, ...alone } = setting;
  return hasForm(setting) ? { ...lettering, monogram: { ...alone, ...(others ? { others } : {}) } } : lettering;
}

function hasForm({ shape, frame, others }: FormSetting): boolean {
  return shape !== null || frame !== null || others !== undefined;
}

/** One line alone: the form is what is compared. */
function Initials({ lettering, text }: { readonly lettering: Lettering; readonly text: string }) {
  const { stack: _, bend: __, ...alone } = lettering;
  const sample = useLetteringSample(alone, text, true);
  return sample ? <SampleDrawing sample={sample} className="block max-h-9 min-w-0 max-w-16 shrink" /> : null;
}
