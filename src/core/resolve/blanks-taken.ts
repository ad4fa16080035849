import { type BlankUse, type Entry, type RunSpec, type TextRef, getsBlank } from '../spec';
import { spreadLetters, wordEntry } from '../wording';
import { chooseVariant } from './choose-variant';
import { resolveSlots } from './resolve-slots';
import { isSpreadAt } from './spread-blanks';

/** Blanks that one entry takes of one kind. All counts in pieces. */
export interface BlanksTaken {
  readonly entryId: string;
  readonly useId: string;
  /** Null when the blank does not come in what the list asks for: nothing can be taken or bought for it. */
  readonly variantId: string | null;
  /** Each is an item: lettered, or with all its places empty for now. */
  readonly items: number;
  /** Beside the letters of spread texts: blanks that carry a motif, and spaces that are a blank left empty. */
  readonly motifs: number;
  readonly empty: number;
}

/** What a run takes of its blanks, in roster order, use by use. */
export function blanksTaken(spec: RunSpec): BlanksTaken[] {
  const itemsOf = new Map<string, Set<string>>();
  for (const { ref, itemId } of resolveSlots(spec)) {
    const key = `${ref.entryId} ${ref.useId}`;
    const items = itemsOf.get(key);
    if (items) items.add(itemId);
    else itemsOf.set(key, new Set([itemId]));
  }
  return spec.entries
    .filter(({ withdrawn, quantity }) => !withdrawn && quantity > 0)
    .flatMap((entry) =>
      spec.uses
        .filter((use) => getsBlank(use, entry))
        .map((use): BlanksTaken => {
          const copies = entry.quantity * use.each;
          const variant = chooseVariant(spec, use, entry);
          const beside = besideLetters(spec, entry, use);
          return {
            entryId: entry.id,
            useId: use.id,
            variantId: variant.ok ? variant.value.id : null,
            items: itemsOf.get(`${entry.id} ${use.id}`)?.size ?? copies,
            motifs: beside.motifs * copies,
            empty: beside.empty * copies,
          };
        }),
    );
}

/** All that a run takes for one of its uses. */
export function blanksOfUse(spec: RunSpec, useId: string): Pick<BlanksTaken, 'items' | 'motifs' | 'empty'> {
  const own = blanksTaken(spec).filter((taken) => taken.useId === useId);
  const sum = (part: 'items' | 'motifs' | 'empty') => own.reduce((total, taken) => total + taken[part], 0);
  return { items: sum('items'), motifs: sum('motifs'), empty: sum('empty') };
}

/** Of one copy: places of one blank share them, so the one that asks for most says how many. */
function besideLetters(
  spec: RunSpec,
  entry: Entry,
  use: BlankUse,
): { readonly motifs: number; readonly empty: number } {
  const each = use.places.flatMap((place) => {
    if (!place.wording || !isSpreadAt(place)) return [];
    const at = { entryId: entry.id, useId: use.id, placeId: place.placeId } as TextRef;
    const words = wordEntry(spec, entry, at, place)?.lines.map(({ text }) => text) ?? [];
    const { numSpaces } = spreadLetters(words.join(' '));
    // With a motif of the place they are items like the letters, and counted with those.
    return [
      { motifs: place.motif ? 0 : place.wording.motifBlanks, empty: place.wording.spacesAreBlanks ? numSpaces : 0 },
    ];
  });
  return {
    motifs: Math.max(0, ...each.map(({ motifs }) => motifs)),
    empty: Math.max(0, ...each.map(({ empty }) => empty)),
  };
}
