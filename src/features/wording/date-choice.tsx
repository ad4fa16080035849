'use client';

import { useRun } from '@/client';
import { changeHead, changeList } from '@/core/edit';
import { Choice, NumberField, Select, withOwn } from '@/ui';
import { DATE_LANGUAGES } from './sentences';

/** How the dates of the list are read, and in which language they are written. */
export function DateChoice() {
  const { spec, change } = useRun();
  const { list, language } = spec;
  return (
    <section aria-label="Dates" className="grid gap-3">
      <h2 className="text-lg font-bold">Dates</h2>
      <label className="flex items-center gap-2">
        <span className="heading-small">Language</span>
        <Select
          options={withOwn(DATE_LANGUAGES, language)}
          value={language}
          onChange={(tag) => change((now) => changeHead(now, { language: tag }))}
        />
      </label>
      <Choice
        label="3/4 in the list is"
        value={list.dateOrder ?? 'ask'}
        options={[
          { id: 'dmy', label: '3 April' },
          { id: 'mdy', label: 'March 4' },
          { id: 'ask', label: 'not said' },
        ]}
        onChange={(id) => change((now) => changeList(now, { dateOrder: id === 'dmy' || id === 'mdy' ? id : null }))}
      />
      <NumberField
        label="Two-figure years are after 2000 up to"
        unit=""
        value={list.datePivot}
        min={0}
        max={99}
        decimals={0}
        onChange={(datePivot) => change((now) => changeList(now, { datePivot: Math.round(datePivot) }))}
      />
    </section>
  );
}
