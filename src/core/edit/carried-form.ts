import { type LetterStyle, type Lettering, formOf, lineStandOf, styleOf } from '../shop';
import { type RunSpec, findLettering } from '../spec';

/**
 * A lettering of the run in the form of another: how lines stand, are formed and bent, and how each stands beside the others. A
 * lettering that has a form of its own keeps it, and so does one that is used elsewhere in the run, where nobody asked for another.
 */
export function withCarriedForm(spec: RunSpec, letteringId: string, before: Lettering): RunSpec {
  const own = findLettering(spec, letteringId);
  const form = formOf(before);
  if (own === before || isFormed(own) || !isFormed(before) || isUsed(spec, letteringId)) return spec;
  const lines = before.lines.some(standsByItself)
    ? before.lines.map((style, no) => ({ ...styleOf(own, no), ...lineStandOf(style) }))
    : own.lines;
  const letterings = spec.shop.letterings.map((copy) =>
    copy.id === letteringId ? { ...copy, value: { ...own, lines, ...form } } : copy,
  );
  return { ...spec, shop: { ...spec.shop, letterings } };
}

function isFormed(lettering: Lettering): boolean {
  return Object.keys(formOf(lettering)).length > 0 || lettering.lines.some(standsByItself);
}

function standsByItself(style: LetterStyle): boolean {
  return Object.keys(lineStandOf(style)).length > 0;
}

function isUsed({ uses, overrides }: RunSpec, letteringId: string): boolean {
  return (
    uses.some(({ places }) => places.some((place) => place.letteringId === letteringId)) ||
    overrides.some(({ set }) => set.kind === 'lettering' && set.letteringId === letteringId)
  );
}
