import type { Wording } from './run-spec';

/** A line that is the monogram and nothing else: the form that its lettering has for one is for it. */
export function isMonogramLine(runs: Wording['lines'][number]['runs'] | undefined): boolean {
  return runs?.every(({ template }) => template.trim() === '{monogram}') ?? false;
}
