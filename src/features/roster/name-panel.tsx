'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import Link from 'next/link';
import { useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { useRun } from '@/client';
import { NAME_PARTS, type NameParts, monogramOf } from '@/core/names';
import { changeField, changeParts } from '@/core/roster';
import type { Entry } from '@/core/spec';
import { entryParts, people } from '@/core/wording';
import { Button, ButtonLink, useHeldText } from '@/ui';

/** Of one part of a name. */
const MOST_LETTERS = 200;

const PART_WORDS: Readonly<Record<keyof NameParts, string>> = {
  title: 'Title',
  given: 'Given name',
  further: 'Further names',
  particle: 'Particle',
  family: 'Family name',
  suffix: 'Suffix',
  pet: 'Pet name',
};

/** Beside the table: the name in hand as it is taken apart, and the ways in and out of the list. */
export function RosterSide({ entry }: { readonly entry: Entry | null }) {
  const { runId } = useRun();
  return (
    <aside className="border-l border-rule-strong bg-paper p-4">
      <div className="lg:sticky lg:top-4">
        {entry ? (
          <NameForm key={entry.id} entry={entry} />
        ) : (
          <p className="text-soft">Go to a row to see how its name is taken apart.</p>
        )}
        <h2 className="heading-small mt-6 mb-2">The list</h2>
        <div className="grid gap-2">
          <Link
            href={`/runs/${runId}/list`}
            className="inline-flex min-h-9 items-center justify-center rounded-md border border-verdigris bg-white px-3.5 py-1.5 font-semibold text-verdigris hover:bg-verdigris-tint"
          >
            Bring in a newer list…
          </Link>
          <ButtonLink href={`/api/runs/${runId}/roster.xlsx`} download>
            Roster as a spreadsheet
          </ButtonLink>
          <ButtonLink href={`/api/runs/${runId}/roster.csv`} download>
            Roster as text (CSV)
          </ButtonLink>
        </div>
      </div>
    </aside>
  );
}

const partsSchema = z.object(
  Object.fromEntries(NAME_PARTS.map((part) => [part, z.string().trim().max(MOST_LETTERS)])) as {
    [K in keyof NameParts]: z.ZodString;
  },
);

function NameForm({ entry }: { readonly entry: Entry }) {
  const { spec, change } = useRun();
  const before = entryParts(entry);
  const { control, register, handleSubmit, reset, formState } = useForm<NameParts>({
    values: before,
    // What somebody is typing stays when the name is changed elsewhere meanwhile.
    resetOptions: { keepDirtyValues: true },
    resolver: zodResolver(partsSchema),
  });
  const parts = { ...before, ...useWatch({ control }) };
  const monogram = useHeldText(entry.fields.monogram ?? '');
  const [first, second] = people(entry);
  const isChanged = NAME_PARTS.some((part) => parts[part].trim() !== before[part]);
  const made = monogramOf(second ? first : parts, second, spec.monogram, spec.language);
  return (
    <form onSubmit={handleSubmit((trimmed) => change((now) => changeParts(now, entry.id, trimmed)))}>
      <h2 className="heading-small">The name, taken apart</h2>
      <p className="mb-2 text-lg font-semibold break-words">{entry.fields.text || '(empty)'}</p>
      <div className="grid gap-1.5">
        {NAME_PARTS.map((part) => (
          <label key={part} className="grid grid-cols-[6.5rem_minmax(0,1fr)] items-center gap-2">
            <span className="text-soft">{PART_WORDS[part]}</span>
            <input
              className="w-full min-w-0"
              spellCheck={false}
              aria-invalid={formState.errors[part] !== undefined}
              {...register(part)}
            />
            {formState.errors[part] && (
              <span className="col-start-2 text-sm text-madder">at most {MOST_LETTERS} letters</span>
            )}
          </label>
        ))}
      </div>
      <label className="mt-2 grid grid-cols-[6.5rem_minmax(0,1fr)] items-center gap-2">
        <span className="text-soft">Monogram</span>
        <input
          className="measure w-full min-w-0"
          placeholder={made.ok ? `${made.value.letters} by custom` : 'none by custom'}
          value={monogram.text}
          spellCheck={false}
          onFocus={monogram.enter}
          onChange={(event) => monogram.type(event.target.value)}
          onBlur={() => {
            if (monogram.isTyped) change((now) => changeField(now, entry.id, 'monogram', monogram.text));
            monogram.leave();
          }}
        />
      </label>
      <div className="mt-2 flex gap-2">
        <Button type="submit" weight="main" disabled={!isChanged}>
          Take it apart so
        </Button>
        <Button disabled={!isChanged} onClick={() => reset(before)}>
          As before
        </Button>
      </div>
    </form>
  );
}
