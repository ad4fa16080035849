import { applyCase } from '../lettering/case-form';
import { type Entry, type FitRef, type PlaceUse, type RunSpec, findLettering, itemIdOf } from '../run';
import { wordingLines } from '../wording';

/** A place on an item that wants lettering, before any of it is drawn. */
export interface FitSlot {
  readonly ref: FitRef;
  readonly itemId: string;
  readonly entry: Entry;
  readonly place: PlaceUse;
  readonly blankId: string;
  readonly variantId: string;
  /** The lines as they are cut: worded and in their case. */
  readonly text: readonly string[];
}

/** Every slot of a run in roster order: entry by entry, use by use, item by item, place by place. */
export function fitSlots(spec: RunSpec): readonly FitSlot[] {
  let slots = known.get(spec);
  if (!slots) {
    slots = spec.entries.filter(({ withdrawn }) => !withdrawn).flatMap((entry) => slotsOfEntry(spec, entry));
    known.set(spec, slots);
  }
  return slots;
}

/** A spec never changes, and many ask: sizes, pieces, the bench, the check of every mark. */
const known = new WeakMap<RunSpec, readonly FitSlot[]>();

function slotsOfEntry(spec: RunSpec, entry: Entry): FitSlot[] {
  return spec.uses
    .filter(({ onlyEntries }) => onlyEntries === null || onlyEntries.includes(entry.id))
    .flatMap((use) =>
      Array.from({ length: entry.quantity * use.each }, (_, i) => i + 1).flatMap((ordinal) =>
        use.places.flatMap((place) => {
          const text = textOf(spec, entry, place);
          if (!text) return [];
          const ref = { entryId: entry.id, useId: use.id, ordinal, placeId: place.placeId } as FitRef;
          return [
            {
              ref,
              itemId: itemIdOf(ref),
              entry,
              place,
              blankId: use.blankId,
              variantId: use.variant.variantId,
              text,
            },
          ];
        }),
      ),
    );
}

function textOf(spec: RunSpec, entry: Entry, place: PlaceUse): readonly string[] | null {
  const { lines } = findLettering(spec, place.letteringId);
  const worded = wordingLines(entry, place);
  return worded && worded.map((line, i) => applyCase(line, (lines[i] ?? lines[0]!).caseForm, spec.language));
}
