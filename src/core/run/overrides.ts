import { type RandomBytes, makeId } from './ids';
import { type SlotRef, slotKeyOf } from './refs';
import type { Override, OwnSize, RunSpec } from './run-spec';

/** Exceptions of one entry at one place: read as a whole, set and taken back one kind at a time. */

export type OverrideSet = Override['set'];

/** What is otherwise than the place and its lettering say; undefined where nothing is. */
export interface OwnSettings {
  /** Null: stays empty for now. */
  readonly lines?: readonly string[] | null;
  readonly letteringId?: string;
  readonly materialId?: string;
  readonly trackingEm?: number;
  readonly widthShare?: number;
  readonly size?: OwnSize;
}

const NONE: OwnSettings = {};
const known = new WeakMap<RunSpec['overrides'], ReadonlyMap<string, OwnSettings>>();

export function ownSettingsAt({ overrides }: RunSpec, at: SlotRef): OwnSettings {
  let byKey = known.get(overrides);
  if (!byKey) {
    const settings = new Map<string, OwnSettings>();
    for (const override of overrides) {
      const key = slotKeyOf(override.at as SlotRef);
      settings.set(key, { ...settings.get(key), ...settingOf(override.set) });
    }
    byKey = settings;
    known.set(overrides, byKey);
  }
  return byKey.get(slotKeyOf(at)) ?? NONE;
}

function settingOf(set: OverrideSet): OwnSettings {
  switch (set.kind) {
    case 'wording':
      return { lines: set.lines };
    case 'lettering':
      return { letteringId: set.letteringId };
    case 'material':
      return { materialId: set.materialId };
    case 'tracking':
      return { trackingEm: set.trackingEm };
    case 'width':
      return { widthShare: set.share };
    default:
      return { size: set.size };
  }
}

/** The same exception for several entries; one of the same kind that they had is replaced. */
export function setOverrides(
  spec: RunSpec,
  places: readonly SlotRef[],
  set: OverrideSet,
  randomBytes: RandomBytes,
): RunSpec {
  const wanted = new Map(places.map((at) => [slotKeyOf(at), at]));
  const overrides = spec.overrides.map((override) => {
    const isMeant = override.set.kind === set.kind && wanted.delete(slotKeyOf(override.at as SlotRef));
    return isMeant ? { ...override, set } : override;
  });
  const added = [...wanted.values()].map((at): Override => ({
    id: makeId(randomBytes),
    at: { entryId: at.entryId, useId: at.useId, placeId: at.placeId },
    set,
  }));
  return { ...spec, overrides: [...overrides, ...added] };
}

/** Takes exceptions of these kinds back. */
export function dropOverrides(
  spec: RunSpec,
  places: readonly SlotRef[],
  kinds: readonly OverrideSet['kind'][],
): RunSpec {
  const keys = new Set(places.map(slotKeyOf));
  const overrides = spec.overrides.filter(
    ({ at, set }) => !(kinds.includes(set.kind) && keys.has(slotKeyOf(at as SlotRef))),
  );
  return overrides.length === spec.overrides.length ? spec : { ...spec, overrides };
}

/** The words of one entry at one place: lines as they are cut, null to leave it empty, `undefined` for what the place says. */
export function setOverride(
  spec: RunSpec,
  at: SlotRef,
  lines: readonly string[] | null | undefined,
  randomBytes: RandomBytes,
): RunSpec {
  if (lines === undefined) return dropOverrides(spec, [at], ['wording']);
  return setOverrides(spec, [at], { kind: 'wording', lines: lines && [...lines] }, randomBytes);
}
