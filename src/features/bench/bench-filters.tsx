'use client';

import { filterChoices, isInPass } from './bench-filter';
import { passesOf } from './bench-stages';
import { toItemInHand } from './focus';
import type { Bench } from './use-bench';

/** Shows only what waits for one deed, and only one made pass, each choice with its number. */
export function BenchFilters({ bench: { all, filter, setFilter, passNo, setPassNo } }: { readonly bench: Bench }) {
  const passes = passesOf(all);
  const inPass = passNo === null ? all : all.filter((item) => isInPass(item, passNo));
  return (
    <>
      <div role="group" aria-label="Show" className="mb-2 flex flex-wrap gap-1.5">
        {filterChoices(inPass, filter).map((choice) => (
          <FilterButton
            key={choice.filter}
            label={choice.label}
            count={choice.count}
            isOn={choice.filter === filter}
            onClick={() => setFilter(choice.filter)}
          />
        ))}
      </div>
      {passes.length > 1 && (
        <div role="group" aria-label="Show the pass" className="mb-2 flex flex-wrap gap-1.5">
          {passes.map(({ no, numItems }) => (
            <FilterButton
              key={no}
              label={`pass ${no}`}
              count={numItems}
              isOn={no === passNo}
              onClick={() => setPassNo(no === passNo ? null : no)}
            />
          ))}
        </div>
      )}
    </>
  );
}

interface FilterButtonProps {
  readonly label: string;
  readonly count: number;
  readonly isOn: boolean;
  readonly onClick: () => void;
}

function FilterButton({ label, count, isOn, onClick }: FilterButtonProps) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      onClick={() => {
        onClick();
        // The space bar is for the item then, and not for this button once more.
        toItemInHand();
      }}
      className={`min-h-touch min-w-touch rounded-md border px-2.5 ${isOn ? 'border-ink bg-ink text-white' : 'border-rule-strong bg-white'}`}
    >
      {label} <span className="measure text-sm">{count}</span>
    </button>
  );
}
