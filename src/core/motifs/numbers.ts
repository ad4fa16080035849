const NUMBER = /[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/g;

/** The numbers of a list, however they are put apart: `10,-5`, `10 -5` and `10-5` are the same two. Null where anything else stands in it. */
export function numbersIn(list: string): readonly number[] | null {
  const numbers = list.match(NUMBER)?.map(Number) ?? [];
  const isPlain = /^[\s,]*$/.test(list.replace(NUMBER, ' '));
  return isPlain && numbers.every(Number.isFinite) ? numbers : null;
}
