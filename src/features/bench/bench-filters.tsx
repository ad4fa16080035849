'use client';

import { filterChoices } from './bench-filter';
import type { Bench } from './use-bench';

/** Shows only what waits for one deed, each choice with its number. */
export function BenchFilters({ bench: { all, filter, setFilter } }: { readonly bench: Bench }) {
  return (
    <div role="group" aria-label="Show" className="mb-2 flex flex-wrap gap-1.5">
      {filterChoices(all, filter).map((choice) => (
        <button
          key={choice.filter}
          type="button"
          aria-pressed={choice.filter === filter}
          onClick={() => setFilter(choice.filter)}
          className={`min-h-[48px] min-w-[48px] rounded-md border px-2.5 ${choice.filter === filter ? 'border-ink bg-ink text-white' : 'border-rule-strong bg-white'}`}
        >
          {choice.label} <span className="measure text-sm">{choice.count}</span>
        </button>
      ))}
    </div>
  );
}
