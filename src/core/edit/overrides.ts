import { type RandomBytes, makeId } from '../ids';
import { withFilms } from './change-place';
import { type Override, type OverrideSet, type RunSpec, type TextRef, textKeyOf } from '../spec';

/** Exceptions of one entry at one place: set and taken back one kind at a time. */

/** The same exception for several entries; one of the same kind that they had is replaced. */
export function setOverrides(
  spec: RunSpec,
  places: readonly TextRef[],
  set: OverrideSet,
  randomBytes: RandomBytes,
): RunSpec {
  const wanted = new Map(places.map((at) => [textKeyOf(at), at]));
  const overrides = spec.overrides.map((override) => {
    const isMeant = override.set.kind === set.kind && wanted.delete(textKeyOf(override.at as TextRef));
    return isMeant ? { ...override, set } : override;
  });
  const added = [...wanted.values()].map((at): Override => ({
    id: makeId(randomBytes),
    at: { entryId: at.entryId, useId: at.useId, placeId: at.placeId },
    set,
  }));
  const changed = { ...spec, overrides: [...overrides, ...added] };
  return set.kind === 'lettering' ? withFilms(changed) : changed;
}

/** Takes exceptions of these kinds back. */
export function dropOverrides(
  spec: RunSpec,
  places: readonly TextRef[],
  kinds: readonly OverrideSet['kind'][],
): RunSpec {
  const keys = new Set(places.map(textKeyOf));
  const overrides = spec.overrides.filter(
    ({ at, set }) => !(kinds.includes(set.kind) && keys.has(textKeyOf(at as TextRef))),
  );
  return overrides.length === spec.overrides.length ? spec : { ...spec, overrides };
}

/** The words of one entry at one place: lines as they are cut, null to leave it empty, `undefined` for what the place says. */
export function setOverride(
  spec: RunSpec,
  at: TextRef,
  lines: readonly string[] | null | undefined,
  randomBytes: RandomBytes,
): RunSpec {
  if (lines === undefined) return dropOverrides(spec, [at], ['wording']);
  return setOverrides(spec, [at], { kind: 'wording', lines: lines && [...lines] }, randomBytes);
}
