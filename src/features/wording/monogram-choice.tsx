'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import { MONOGRAM_FORMS, type Monogram, type MonogramRule, monogramOf } from '@/core/names';
import { type RunSpec, changeMonogram } from '@/core/run';
import { people } from '@/core/wording';
import { Choice } from '@/ui';
import { FORM_WORDS } from './sentences';

const MOST_SHOWN = 4;

/** By which custom, shown on the run's own names before it is chosen. */
export function MonogramChoice() {
  const { spec, change } = useRun();
  const { monogram: rule } = spec;
  const set = (part: Partial<MonogramRule>) => change((now) => changeMonogram(now, part));
  return (
    <section aria-label="Monogram" className="grid gap-3">
      <h2 className="text-lg font-bold">Monogram by custom</h2>
      <div role="radiogroup" aria-label="Form" className="grid gap-1.5">
        {MONOGRAM_FORMS.map((form) => (
          <FormOption
            key={form}
            spec={spec}
            rule={{ ...rule, form }}
            isChosen={rule.form === form}
            onChoose={() => set({ form })}
          />
        ))}
      </div>
      <Choice
        label="Two family names with a hyphen"
        value={rule.doubled}
        options={[
          { id: 'first', label: 'first of them' },
          { id: 'last', label: 'last of them' },
          { id: 'both', label: 'both' },
        ]}
        onChange={(doubled) => set({ doubled: doubled as MonogramRule['doubled'] })}
      />
      <Choice
        label="Particles (van, de)"
        value={rule.particles}
        options={[
          { id: 'drop', label: 'left out' },
          { id: 'keep', label: 'counted' },
        ]}
        onChange={(particles) => set({ particles: particles as MonogramRule['particles'] })}
      />
      {(rule.form === 'three' || rule.form === 'largeCentre') && (
        <Choice
          label="Without a further given name"
          value={rule.noFurther}
          options={[
            { id: 'two', label: 'two letters' },
            { id: 'ask', label: 'ask me' },
          ]}
          onChange={(noFurther) => set({ noFurther: noFurther as MonogramRule['noFurther'] })}
        />
      )}
      {rule.form === 'one' && (
        <Choice
          label="Whose letter"
          value={rule.single}
          options={[
            { id: 'family', label: 'family' },
            { id: 'given', label: 'given name' },
          ]}
          onChange={(single) => set({ single: single as MonogramRule['single'] })}
        />
      )}
    </section>
  );
}

interface FormOptionProps {
  readonly spec: RunSpec;
  readonly rule: MonogramRule;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

function FormOption({ spec, rule, isChosen, onChoose }: FormOptionProps) {
  const made = useMemo(() => madeBy(spec, rule), [spec, rule]);
  return (
    <label
      className={`flex items-baseline gap-3 rounded-md border px-2.5 py-1.5 ${isChosen ? 'border-ink bg-white' : 'border-rule bg-shade'}`}
    >
      <input type="radio" name="monogram-form" checked={isChosen} onChange={onChoose} />
      <span className="min-w-0 flex-1">
        {FORM_WORDS[rule.form]}
        <span className="mt-0.5 flex flex-wrap items-baseline gap-x-3">
          {made.shown.map((monogram, i) => (
            <Letters key={i} monogram={monogram} />
          ))}
          {made.numWithout > 0 && <span className="text-brass">{made.numWithout} without</span>}
        </span>
      </span>
    </label>
  );
}

function Letters({ monogram: { letters, large } }: { readonly monogram: Monogram }) {
  if (!large) return <b className="text-lg">{letters}</b>;
  return (
    <b className="text-lg">
      {letters.slice(0, large.at)}
      <span className="text-2xl">{letters.slice(large.at, large.at + large.length)}</span>
      {letters.slice(large.at + large.length)}
    </b>
  );
}

function madeBy({ entries, language }: RunSpec, rule: MonogramRule) {
  const made = entries
    .filter(({ withdrawn }) => !withdrawn)
    .map((entry) => {
      const [first, second] = people(entry);
      return monogramOf(first, second, rule, language);
    });
  const shown = made.flatMap((one) => (one.ok ? [one.value] : [])).slice(0, MOST_SHOWN);
  return { shown, numWithout: made.filter(({ ok }) => !ok).length };
}
