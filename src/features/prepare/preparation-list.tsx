'use client';

import { PREPARATION_WORDS, useRun } from '@/client';
import { preparationList } from '@/core/blanks';
import { changePrepare } from '@/core/edit';
import { Ticks } from '@/ui';

/** What is done to each blank before lettering; ticked for the whole run. */
export function PreparationList() {
  const { spec, change } = useRun();
  const lists = preparationList(spec);
  return (
    <section>
      <h2 className="mb-2 text-lg font-semibold">Before lettering</h2>
      {lists.length === 0 && <p className="text-soft">Nothing to be done to these blanks beforehand.</p>}
      <div className="grid gap-3">
        {lists.map(({ useId, name, steps }) => (
          <Ticks
            key={useId}
            label={name}
            options={steps.map(({ id, step }) => ({ id, label: PREPARATION_WORDS[step] }))}
            value={steps.filter(({ isDone }) => isDone).map(({ id }) => id)}
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
