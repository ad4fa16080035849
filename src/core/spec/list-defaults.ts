import type { ListReading, RunSpec, Wording } from './run-spec';

/** Nothing said about the list yet. Two-digit years up to 35 are to come or just were; a person born in 36 is from 1936. */
export const DEFAULT_LIST: ListReading = { keyColumn: null, dateOrder: null, datePivot: 35, settled: {} };

export const DEFAULT_MONOGRAM: RunSpec['monogram'] = {
  form: 'three',
  doubled: 'first',
  particles: 'drop',
  noFurther: 'two',
  single: 'family',
};

/** One template to a line, all on one item. */
export function wordingOf(templates: readonly string[]): Wording {
  return {
    lines: templates.map((template) => ({ runs: [{ template, slot: 'main', face: null }] })),
    spread: 'together',
    motifBlanks: 0,
    spacesAreBlanks: true,
  };
}
