'use client';

import { Radio, RadioGroup } from '@headlessui/react';
import { useMemo } from 'react';
import { useRun } from '@/client';
import { MONOGRAM_FORMS, type Monogram, type MonogramRule, monogramOf } from '@/core/names';
import type { RunSpec } from '@/core/spec';
import { changeMonogram } from '@/core/edit';
import { people } from '@/core/wording';
import { Choice } from '@/ui';
import { FINER_RULES, type FinerRule, FORM_WORDS } from './sentences';

const MOST_SHOWN = 4;

/** By which custom, shown on the run's own names before it is chosen. */
export function MonogramChoice() {
  const { spec, change } = useRun();
  const { monogram: rule } = spec;
  const set = (part: Partial<MonogramRule>) => change((now) => changeMonogram(now, part));
  return (
    <section aria-label="Monogram" className="grid gap-3">
      <h2 className="text-lg font-bold">Monogram by custom</h2>
      <RadioGroup aria-label="Form" value={rule.form} onChange={(form) => set({ form })} className="grid gap-1.5">
        {MONOGRAM_FORMS.map((form) => (
          <FormOption key={form} spec={spec} rule={{ ...rule, form }} />
        ))}
      </RadioGroup>
      {FINER_RULES.filter(({ forms }) => forms === null || forms.includes(rule.form)).map((finer) => (
        <FinerChoice key={finer.part} finer={finer} onChoose={set} />
      ))}
    </section>
  );
}

/** One finer rule, each answer shown on the first of the run's names for which it matters. */
function FinerChoice({
  finer,
  onChoose,
}: {
  readonly finer: FinerRule;
  readonly onChoose: (part: Partial<MonogramRule>) => void;
}) {
  const { spec } = useRun();
  const { part, label, answers } = finer;
  const shown = useMemo(
    () =>
      madeByEach(
        spec,
        answers.map(({ id }) => ({ ...spec.monogram, [part]: id })),
      ),
    [spec, part, answers],
  );
  return (
    <Choice
      label={label}
      value={spec.monogram[part]}
      options={answers.map(({ id, words }, i) => ({
        id,
        label: (
          <>
            {words} {shown && <b className="measure">{shown[i]}</b>}
          </>
        ),
      }))}
      onChange={(id) => onChoose({ [part]: id })}
    />
  );
}

/** What each rule makes of the first name of which they make different things; null when there is none. */
function madeByEach({ entries, language }: RunSpec, rules: readonly MonogramRule[]): readonly string[] | null {
  for (const entry of entries) {
    if (entry.withdrawn) continue;
    const [first, second] = people(entry);
    const made = rules.map((rule) => {
      const monogram = monogramOf(first, second, rule, language);
      return monogram.ok ? monogram.value.letters : '–';
    });
    if (new Set(made).size > 1) return made;
  }
  return null;
}

interface FormOptionProps {
  readonly spec: RunSpec;
  readonly rule: MonogramRule;
}

function FormOption({ spec, rule }: FormOptionProps) {
  const made = useMemo(() => madeBy(spec, rule), [spec, rule]);
  return (
    <Radio
      value={rule.form}
      className="group flex cursor-pointer items-baseline gap-3 rounded-md border border-rule bg-shade px-2.5 py-1.5 data-checked:border-ink data-checked:bg-white"
    >
      <span
        className="grid size-4 shrink-0 translate-y-0.5 place-items-center rounded-full border border-rule-strong bg-white group-data-checked:border-4 group-data-checked:border-ink"
        aria-hidden
      />
      <span className="min-w-0 flex-1">
        {FORM_WORDS[rule.form]}
        <span className="mt-0.5 flex flex-wrap items-baseline gap-x-3">
          {made.shown.map((monogram, i) => (
            <Letters key={i} monogram={monogram} />
          ))}
          {made.numWithout > 0 && <span className="text-brass">{made.numWithout} without</span>}
        </span>
      </span>
    </Radio>
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
