'use client';

import { useState } from 'react';
import { entriesWords, lostByRule, useRun, useWork } from '@/client';
import { type MainPlace, changeWho, toggleValue } from '@/core/edit';
import { ownColumns } from '@/core/roster';
import { type RunSpec, columnValues, getsBlank, takenValues, withoutBlank } from '@/core/spec';
import { Button, Select, Ticks, withOwn } from '@/ui';
import { WhoTable } from './who-table';

/** For whom this blank is: a rule that newcomers of a newer list follow, or people who were chosen. */
export function WhoGets({ place }: { readonly place: MainPlace }) {
  const { spec, change } = useRun();
  const { items } = useWork().bench;
  const [refused, setRefused] = useState<string | null>(null);
  const { use } = place;
  const { who } = use;
  const numTakers = spec.entries.filter((entry) => !entry.withdrawn && getsBlank(use, entry)).length;
  /** What is made for somebody stays for them. */
  const changeRule = (rule: (now: RunSpec) => RunSpec, useId = use.id) => {
    const lost = lostByRule(spec, rule(spec), useId, items);
    setRefused(lost.length === 0 ? null : refusedWords(lost));
    if (lost.length === 0) change(rule);
  };
  const columns = ownColumns(spec.entries);
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-start gap-4">
        <label className="grid gap-1">
          <span className="heading-small">Who gets it</span>
          <Select
            options={withOwn(
              [
                ['all', 'everybody'],
                ...columns.map((field) => [`by ${field}`, `by the column “${field}”`] as const),
                ['chosen', 'people who are chosen'],
              ],
              ruleId(who),
            )}
            value={ruleId(who)}
            onChange={(id) =>
              changeRule((now) =>
                changeWho(
                  now,
                  use.id,
                  id === 'all' || id === 'chosen' ? { kind: id } : { kind: 'byColumn', field: id.slice(3) },
                ),
              )
            }
          />
        </label>
        <p className="mt-6 text-soft">{entriesWords(numTakers)}</p>
        {who.kind === 'byColumn' && (
          <Ticks
            label={`Where “${who.field}” says`}
            options={columnValues(spec, who.field).map(({ value, numEntries }) => ({
              id: value,
              label: `${value || 'nothing'} (${numEntries})`,
            }))}
            value={takenValues(spec, use)}
            onChange={(ids) => {
              const turned = columnValues(spec, who.field).find(
                ({ value }) => ids.includes(value) !== takenValues(spec, use).includes(value),
              );
              if (turned) changeRule((now) => toggleValue(now, use.id, turned.value));
            }}
          />
        )}
      </div>
      {refused && <p className="border-l-4 border-madder bg-madder-tint px-3 py-1.5">{refused}</p>}
      <WithoutAny spec={spec} useId={use.id} name={place.blank.name} onTake={changeRule} />
      {spec.uses.length > 1 && <WhoTable onChange={changeRule} />}
    </div>
  );
}

/** A column that a newer list has lost stays chosen until somebody chooses again. */
function ruleId(who: MainPlace['use']['who']): string {
  return who.kind === 'byColumn' ? `by ${who.field}` : who.kind;
}

function refusedWords(names: readonly string[]): string {
  const most = 3;
  const shown = names.slice(0, most).join(', ');
  const more = names.length > most ? ` and ${names.length - most} more` : '';
  return `It stays as it was: this blank is worked on for ${shown}${more}. Take their pass back first.`;
}

interface WithoutAnyProps {
  readonly spec: RunSpec;
  readonly useId: string;
  readonly name: string;
  readonly onTake: (rule: (now: RunSpec) => RunSpec) => void;
}

/** Those that no rule speaks of, alike ones together. */
function WithoutAny({ spec, useId, name, onTake }: WithoutAnyProps) {
  const use = spec.uses.find(({ id }) => id === useId);
  const lost = withoutBlank(spec, use?.who.kind === 'byColumn' ? use.who.field : null);
  return lost.map(({ field, value, entryIds }) => (
    <p key={value} className="flex flex-wrap items-center gap-3 border-l-4 border-brass bg-brass-tint px-3 py-1.5">
      {field === null
        ? `${entriesWords(entryIds.length)} without any blank.`
        : `${entriesWords(entryIds.length)} ${entryIds.length === 1 ? 'says' : 'say'} “${value || 'nothing'}” in “${field}”, and no blank is for that.`}
      {use?.who.kind === 'byColumn' && use.who.field === field && (
        <Button onClick={() => onTake((now) => toggleValue(now, useId, value))}>
          They get the {name.toLowerCase()}
        </Button>
      )}
    </p>
  ));
}
