import { type Lettering, formOf, styleOf } from '../shop';
import { type RunSpec, findLettering } from '../spec';

/**
 * A lettering of the run in the form of another: how lines stand, are formed and bent, and how large each is beside the others. A
 * lettering that has a form of its own keeps it, and so does one that is used elsewhere in the run, where nobody asked for another.
 */
export function withCarriedForm(spec: RunSpec, letteringId: string, before: Lettering): RunSpec {
  const own = findLettering(spec, letteringId);
  const form = formOf(before);
  if (own === before || isFormed(own) || !isFormed(before) || isUsed(spec, letteringId)) return spec;
  const isSized = before.lines.some(({ sizeShare }) => sizeShare !== undefined);
  const lines = isSized
    ? before.lines.map(({ sizeShare }, no) => ({
        ...styleOf(own, no),
        ...(sizeShare === undefined ? {} : { sizeShare }),
      }))
    : own.lines;
  const letterings = spec.shop.letterings.map((copy) =>
    copy.id === letteringId ? { ...copy, value: { ...own, lines, ...form } } : copy,
  );
  return { ...spec, shop: { ...spec.shop, letterings } };
}

function isFormed(lettering: Lettering): boolean {
  return Object.keys(formOf(lettering)).length > 0 || lettering.lines.some(({ sizeShare }) => sizeShare !== undefined);
}

function isUsed({ uses, overrides }: RunSpec, letteringId: string): boolean {
  return (
    uses.some(({ places }) => places.some((place) => place.letteringId === letteringId)) ||
    overrides.some(({ set }) => set.kind === 'lettering' && set.letteringId === letteringId)
  );
}
