import { type SlotRef, slotKeyOf } from './refs';
import type { Override, OwnSize, RunSpec } from './run-spec';

/** Exceptions of one entry at one place, read as a whole. */

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
