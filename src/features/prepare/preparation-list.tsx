'use client';

import { PREPARATION_WORDS, useRun } from '@/client';
import { type RunSpec, changePrepare, findBlank } from '@/core/run';
import { Ticks } from '@/ui';

/** What is done to each blank before lettering; ticked for the whole run. */
export function PreparationList() {
  const { spec, change } = useRun();
  const { done } = spec.prepare;
  const lists = preparationOf(spec);
  return (
    <section>
      <h2 className="mb-2 text-lg font-semibold">Before lettering</h2>
      {lists.length === 0 && <p className="text-soft">Nothing to be done to these blanks beforehand.</p>}
      <div className="grid gap-3">
        {lists.map(({ useId, name, steps }) => (
          <Ticks
            key={useId}
            label={name}
            options={steps.map((step) => ({ id: `${useId}-${step}`, label: PREPARATION_WORDS[step] }))}
            value={done.filter((id) => id.startsWith(useId))}
            onChange={(ids) =>
              change((now) => {
                const others = now.prepare.done.filter((id) => !id.startsWith(useId));
                return changePrepare(now, { done: [...others, ...ids] });
              })
            }
          />
        ))}
      </div>
    </section>
  );
}

function preparationOf(spec: RunSpec) {
  return spec.uses.flatMap(({ id, blankId }) => {
    const { name, preparation } = findBlank(spec, blankId);
    return preparation.length > 0 ? [{ useId: id, name, steps: preparation }] : [];
  });
}
