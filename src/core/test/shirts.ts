import { STARTER_BLANKS, replaceBlank } from '../blanks';
import { presentOrThrow } from '../outcome';
import { type BlanksTaken, blanksTaken } from '../resolve';
import type { RunSpec } from '../spec';
import { aRun } from './a-run';

/** A blank that a bare shop begins with. */
export function starterBlank(id: string) {
  return presentOrThrow(
    STARTER_BLANKS.find((blank) => blank.id === id),
    id,
  );
}

/** A run of shirts whose list says a size and a colour for each. */
export function shirtRun(rows: readonly (readonly [name: string, size: string, colour: string])[]): RunSpec {
  const spec = aRun(rows.map(([name]) => name));
  const entries = spec.entries.map((entry, i) => ({
    ...entry,
    fields: { ...entry.fields, size: rows[i]![1], colour: rows[i]![2] },
  }));
  return replaceBlank({ ...spec, entries }, spec.uses[0]!.id, starterBlank('t-shirt'));
}

/** How many blanks each entry takes, lettered or not. */
export function takenBy(
  spec: RunSpec,
): (Omit<BlanksTaken, 'items' | 'motifs' | 'empty'> & { readonly count: number })[] {
  return blanksTaken(spec).map(({ items, motifs, empty, ...of }) => ({ ...of, count: items + motifs + empty }));
}
