import { columnValues, type RunSpec, type SizeRule } from '../spec';
import { wordKey } from '../shop';

export type ClassRule = Extract<SizeRule, { readonly kind: 'classes' }>;

/** A class of a list, and the letter height that was chosen for it. */
export interface SizeClass {
  /** As the list writes it first; empty for those of whom it says nothing. */
  readonly value: string;
  readonly numEntries: number;
  /** Null: as tall as its longest text allows. */
  readonly heightMm: number | null;
}

export function sizeClasses(spec: Pick<RunSpec, 'entries'>, { field, heights }: ClassRule): readonly SizeClass[] {
  return columnValues(spec, field).map(({ value, numEntries }) => ({
    value,
    numEntries,
    heightMm: heights.find((one) => wordKey(one.value) === wordKey(value))?.heightMm ?? null,
  }));
}

/** Null: as tall as its longest text allows. */
export function withClassHeight({ heights, ...rule }: ClassRule, value: string, heightMm: number | null): ClassRule {
  const others = heights.filter((one) => wordKey(one.value) !== wordKey(value));
  return { ...rule, heights: heightMm === null ? others : [...others, { value, heightMm }] };
}

/** By the column of sizes where blanks go by one, else by the list's first. Null: it has none to go by. */
export function firstClassRule({ uses }: Pick<RunSpec, 'uses'>, columns: readonly string[]): ClassRule | null {
  const sizes = uses.flatMap(({ variant }) => (variant.kind === 'byColumn' ? (variant.sizeField ?? []) : []));
  const field = [...sizes, ...columns].at(0);
  return field === undefined ? null : { kind: 'classes', field, heights: [] };
}
