import { MOST_CLASSES, type RunSpec, type SizeRule, columnValues } from '../spec';
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

/** Whether the height of a class may be chosen: it is already, or there may be one more. */
export function mayChooseHeight({ heights }: ClassRule, value: string): boolean {
  return heights.length < MOST_CLASSES || heights.some((one) => wordKey(one.value) === wordKey(value));
}

/** Null: as tall as its longest text allows. */
export function withClassHeight({ heights, ...rule }: ClassRule, value: string, heightMm: number | null): ClassRule {
  if (heightMm !== null && !mayChooseHeight({ heights, ...rule }, value)) return { heights, ...rule };
  const others = heights.filter((one) => wordKey(one.value) !== wordKey(value));
  return { ...rule, heights: heightMm === null ? others : [...others, { value, heightMm }] };
}

/** By the column of sizes where blanks go by one, else by the list's first. Null: it has none to go by. */
export function firstClassRule({ uses }: Pick<RunSpec, 'uses'>, columns: readonly string[]): ClassRule | null {
  const sizes = uses.flatMap(({ variant }) => (variant.kind === 'byColumn' ? (variant.sizeField ?? []) : []));
  const field = [...sizes, ...columns].at(0);
  return field === undefined ? null : { kind: 'classes', field, heights: [] };
}

/** What a height begins with that is chosen near the one that a set has: in halves of a millimetre, and never none. */
export function heightToChoose(letterMm: number): number {
  return Math.max(0.5, Math.floor(letterMm * 2) / 2);
}
