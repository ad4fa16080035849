import type { Preparation } from '../shop';
import { type RunSpec, findBlank } from '../spec';

/** What is done to one of the run's blanks before lettering. */
export interface BlankPreparation {
  readonly useId: string;
  readonly name: string;
  readonly steps: readonly { readonly id: string; readonly step: Preparation; readonly isDone: boolean }[];
}

/** The run's list, blank by blank; blanks that need nothing are left out. */
export function preparationList(spec: RunSpec): BlankPreparation[] {
  const done = new Set(spec.prepare.done);
  return spec.uses.flatMap(({ id: useId, blankId }) => {
    const { name, preparation } = findBlank(spec, blankId);
    const steps = preparation.map((step) => ({ id: `${useId}-${step}`, step, isDone: done.has(`${useId}-${step}`) }));
    return steps.length > 0 ? [{ useId, name, steps }] : [];
  });
}
