import { type Entry, type FitRef, type PlaceUse, type RunSpec, itemIdOf } from '../run';
import { wordingLines } from '../wording';

/** A place on an item that wants lettering, before any of it is drawn. */
export interface FitSlot {
  readonly ref: FitRef;
  readonly itemId: string;
  readonly entry: Entry;
  readonly place: PlaceUse;
  readonly blankId: string;
  readonly variantId: string;
  readonly text: readonly string[];
}

/** Every slot of a run in roster order: entry by entry, use by use, item by item, place by place. */
export function fitSlots(spec: RunSpec): FitSlot[] {
  return spec.entries.filter(({ withdrawn }) => !withdrawn).flatMap((entry) => slotsOfEntry(spec, entry));
}

function slotsOfEntry(spec: RunSpec, entry: Entry): FitSlot[] {
  return spec.uses
    .filter(({ onlyEntries }) => onlyEntries === null || onlyEntries.includes(entry.id))
    .flatMap((use) =>
      Array.from({ length: entry.quantity * use.each }, (_, i) => i + 1).flatMap((ordinal) =>
        use.places.flatMap((place) => {
          const text = wordingLines(entry, place);
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
