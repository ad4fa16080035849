/** Hashes of every outline that a frozen piece names. */
export function outlinesOf({
  outline,
  lines = [],
}: {
  readonly outline: string;
  readonly lines?: readonly { readonly outline: string }[] | undefined;
}): readonly string[] {
  return [outline, ...lines.map((line) => line.outline)];
}
