import { findBlank } from './lookup';
import type { BlankUse, RunSpec } from './run-spec';

/** `chest`; with the blank before it where the run has several, and a number where it has the same one twice. */
export function placeNameIn(spec: RunSpec, use: BlankUse, placeId: string): string {
  const blank = findBlank(spec, use.blankId);
  const name = blank.places.find(({ id }) => id === placeId)?.name ?? '';
  if (spec.uses.length === 1) return name;
  const alike = spec.uses.filter(({ blankId }) => blankId === use.blankId);
  return `${blank.name}${alike.length > 1 ? ` ${alike.indexOf(use) + 1}` : ''}, ${name}`;
}
