import type { Bend, Lettering } from '../shop';
import { assertNever } from '../outcome';
import { findLettering, findPlaceUse } from './lookup';
import { type TextRef, textKeyOf } from './refs';
import type { Override, OwnLetter, OwnSize, PlaceUse, RunSpec } from './run-spec';

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
  readonly borderShare?: number;
  readonly size?: OwnSize;
  /** Null: straight. */
  readonly bend?: Bend | null;
  readonly letters?: readonly OwnLetter[];
  readonly lie?: 'largest';
}

const NONE: OwnSettings = {};
const known = new WeakMap<RunSpec['overrides'], ReadonlyMap<string, OwnSettings>>();

export function ownSettingsAt({ overrides }: RunSpec, at: TextRef): OwnSettings {
  let byKey = known.get(overrides);
  if (!byKey) {
    const settings = new Map<string, OwnSettings>();
    for (const override of overrides) {
      const key = textKeyOf(override.at as TextRef);
      settings.set(key, { ...settings.get(key), ...settingOf(override.set) });
    }
    byKey = settings;
    known.set(overrides, byKey);
  }
  return byKey.get(textKeyOf(at)) ?? NONE;
}

/** Its own, or that of its place. */
export function letteringIdOf(place: Pick<PlaceUse, 'letteringId'>, own: Pick<OwnSettings, 'letteringId'>): string {
  return own.letteringId ?? place.letteringId;
}

/** What a text is set in; null where its place is in the run no more, as on a page whose blank was taken out. */
export function letteringOfText(spec: RunSpec, at: TextRef): Lettering | null {
  const place = findPlaceUse(spec, at);
  return place && findLettering(spec, letteringIdOf(place, ownSettingsAt(spec, at)));
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
    case 'border':
      return { borderShare: set.share };
    case 'size':
      return { size: set.size };
    case 'bend':
      return { bend: set.bend };
    case 'letters':
      return { letters: set.letters };
    case 'lie':
      return { lie: set.at };
    default:
      return assertNever(set);
  }
}
