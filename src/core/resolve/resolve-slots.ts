import type { Finding } from '../finding';
import { presentOrThrow } from '../outcome';
import { measuredOf } from '../shop';
import {
  type BlankUse,
  type Entry,
  type FitRef,
  type OwnSettings,
  type PlaceUse,
  type RunSpec,
  type TextRef,
  UNREAD_QUANTITY,
  bedRoomOf,
  filmsOf,
  findBlank,
  itemIdOf,
  letteringIdOf,
  ownSettingsAt,
  takesOwnFilm,
  textKeyOf,
  getsBlank,
} from '../spec';
import { type Worded, type WordedLine, lookOf, numberOf, proofStateOf, wordEntry } from '../wording';
import { chooseVariant } from './choose-variant';
import { groupOf } from './group-of';
import { lookedOf } from './looked-of';
import { entryPartsOf, saysNumber } from './entry-parts-of';
import { type SettingChoice, setText } from './set-text';
import { type BlankText, MOTIF_BLANK, blankTexts, choiceOnBlank, isSpreadAt } from './spread-blanks';
import type { Slot, SlotSetting } from './slot';
import { textStops } from './text-limits';

/**
 * Every slot of a run in roster order: entry by entry, use by use, item by item, place by place. What an entry leads to is kept
 * by what it was made from, so that a change of one entry resolves one, and a change of the title none.
 */
export function resolveSlots(spec: RunSpec): readonly Slot[] {
  let slots = known.get(spec);
  if (!slots) {
    slots = spec.entries.filter(({ withdrawn }) => !withdrawn).flatMap((entry) => slotsOfEntry(spec, entry));
    const same = lastOf.get(spec.entries);
    // The very same array where nothing is otherwise, so that whatever hangs on it need not be made again.
    if (same && same.length === slots.length && slots.every((slot, i) => slot === same[i])) slots = same;
    lastOf.set(spec.entries, slots);
    known.set(spec, slots);
  }
  return slots;
}

const known = new WeakMap<RunSpec, readonly Slot[]>();
const lastOf = new WeakMap<RunSpec['entries'], readonly Slot[]>();

/** What the slots of one entry were made from. */
interface Made {
  readonly shared: readonly unknown[];
  readonly own: string;
  readonly slots: readonly Slot[];
}

const madeOf = new WeakMap<Entry, Made>();

function slotsOfEntry(spec: RunSpec, entry: Entry): readonly Slot[] {
  const shared = [spec.uses, spec.sizeGroups, spec.list, spec.monogram, spec.language, spec.shop, bedRoomOf(spec)];
  const no = saysNumber(spec.uses) ? numberOf(spec, entry.id) : 0;
  const own = `${no} ${entryPartsOf(spec, entry.id)}`;
  const made = madeOf.get(entry);
  if (made && made.own === own && made.shared.every((part, i) => part === shared[i])) return made.slots;
  const slots = spec.uses
    .filter((use) => getsBlank(use, entry))
    .flatMap((use) => slotsOfUse(spec, { entry, ownParts: own }, use));
  madeOf.set(entry, { shared, own, slots });
  return slots;
}

/** An entry with what the run says of it alone. */
interface EntryAt {
  readonly entry: Entry;
  readonly ownParts: string;
}

/** What a place says on every item of one entry. */
interface PlaceText {
  readonly placeId: string;
  readonly slotOn: (item: Pick<Slot, 'ref' | 'itemId' | 'copy'>) => Slot;
  readonly choice: SettingChoice;
  /** What each blank gets of one copy: a letter, or the motif; null when the whole stands on every item. */
  readonly letters: readonly BlankText[] | null;
}

function slotsOfUse(spec: RunSpec, of: EntryAt, use: BlankUse): Slot[] {
  const { entry } = of;
  const texts = use.places.flatMap((place) => placeText(spec, of, use, place) ?? []);
  const numBlanks = blanksToCopy(texts);
  return Array.from({ length: entry.quantity * use.each * numBlanks }, (_, i) => i + 1).flatMap((ordinal) =>
    texts.flatMap(({ placeId, slotOn, choice, letters }) => {
      const ref = { entryId: entry.id, useId: use.id, ordinal, placeId } as FitRef;
      const slot = slotOn({ ref, itemId: itemIdOf(ref), copy: Math.ceil(ordinal / numBlanks) });
      if (!letters) return [slot];
      const letter = letters[(ordinal - 1) % numBlanks];
      if (letter === undefined) return [];
      const setFrom = letter === MOTIF_BLANK ? [] : [letter];
      return [{ ...slot, setFrom, ...setText(spec, setFrom, choiceOnBlank(choice, letter === MOTIF_BLANK)) }];
    }),
  );
}

/** The place with most letters says how many blanks one copy takes. */
function blanksToCopy(texts: readonly PlaceText[]): number {
  return Math.max(1, ...texts.map(({ letters }) => letters?.length ?? 1));
}

/** How many items an entry comes to, counted without making them. */
export function numItemsOfEntry(spec: RunSpec, entry: Entry): number {
  const of = { entry, ownParts: `0 ${entryPartsOf(spec, entry.id)}` };
  return spec.uses
    .filter((use) => getsBlank(use, entry))
    .reduce((sum, use) => {
      const texts = use.places.flatMap((place) => placeText(spec, of, use, place) ?? []);
      return sum + (texts.length === 0 ? 0 : entry.quantity * use.each * blanksToCopy(texts));
    }, 0);
}

/** How a place's words are set for one entry: whatever its blank, its measures and its size rule are. */
interface SetWords {
  readonly from: readonly unknown[];
  readonly worded: Worded;
  readonly own: OwnSettings;
  readonly choice: SettingChoice;
  readonly filmStops: readonly Finding[];
  readonly setting: SlotSetting;
  readonly letters: readonly BlankText[];
}

const wordsOf = new WeakMap<Entry, Map<string, SetWords>>();

/** Kept for each entry and place, so that a change of measures or of a rule words nothing again. Null where nothing is said. */
function setWords(spec: RunSpec, { entry, ownParts }: EntryAt, at: TextRef, place: PlaceUse): SetWords | null {
  const { list, monogram, language, shop } = spec;
  const from = [place, ownParts, list, monogram, language, shop.letterings, shop.materials, shop.motifs];
  const key = textKeyOf(at);
  const known = wordsOf.get(entry) ?? new Map<string, SetWords>();
  const found = known.get(key);
  if (found && found.from.every((part, i) => part === from[i])) return found;
  const worded = wordEntry(spec, entry, at, place);
  if (!worded) return null;
  const own = ownSettingsAt(spec, at);
  const choice = choiceOf(place, own, entry);
  const setting = setText(spec, worded.lines, choice);
  const isSpread = isSpreadAt(place);
  const letters = isSpread ? blankTexts(spec, worded.lines, choice, place) : [];
  const set: SetWords = {
    from,
    worded,
    own,
    choice,
    filmStops: filmStops(place, own, entry, setting),
    setting,
    letters,
  };
  wordsOf.set(entry, known.set(key, set));
  return set;
}

function placeText(spec: RunSpec, of: EntryAt, use: BlankUse, place: PlaceUse): PlaceText | null {
  const { entry } = of;
  const at = { entryId: entry.id, useId: use.id, placeId: place.placeId } as TextRef;
  const set = setWords(spec, of, at, place);
  if (!set) return null;
  const { worded, own, choice, filmStops: noFilm, setting, letters } = set;
  const blank = findBlank(spec, use.blankId);
  const chosen = chooseVariant(spec, use, entry);
  const variant = chosen.ok ? chosen.value : null;
  const { words } = worded;
  const proof = proofStateOf(spec, at, { words, look: () => lookOf(spec, place, choice.letteringId) });
  const stops: Finding[] = [
    ...(chosen.ok ? [] : [{ kind: 'variantMissing', severity: 'stop', ...chosen.problem } as const]),
    ...worded.findings.filter(({ severity }) => severity === 'stop'),
    ...noFilm,
    ...textStops(setting.text.join(' ')),
  ];
  const checks: Finding[] = [
    ...worded.findings.filter(({ severity }) => severity !== 'stop'),
    ...(proof.kind === 'changed'
      ? [{ kind: 'changedSinceProof', severity: 'check', was: proof.tick.lines.join(' / ') } as const]
      : []),
    ...quantityFindings(entry),
  ];
  const role = presentOrThrow(
    blank.places.find(({ id }) => id === place.placeId),
    `place ${place.placeId}`,
  );
  const shared = {
    textKey: textKeyOf(at),
    whose: entry.fields.text || words.join(' '),
    measured: variant && measuredOf(blank, variant, place.placeId),
    group: groupOf(spec, place.sizeGroupId, entry),
    looked: lookedOf(spec, at),
    findings: [...stops, ...checks],
  };
  return {
    placeId: role.id,
    slotOn: ({ ref, itemId, copy }) => ({
      // Named one by one: what is defined behind a spread costs ten times as much, 500 times over.
      ref,
      itemId,
      copy,
      letteringId: setting.letteringId,
      leastHeightMm: setting.leastHeightMm,
      lines: setting.lines,
      form: setting.form,
      leadFace: setting.leadFace,
      text: setting.text,
      layers: setting.layers,
      motif: setting.motif,
      widthShare: setting.widthShare,
      textKey: shared.textKey,
      entry,
      whose: shared.whose,
      blankId: use.blankId,
      blank,
      cards: spec.shop.cards,
      bedRoom: bedRoomOf(spec),
      variant,
      role,
      measured: shared.measured,
      words: worded.lines,
      setFrom: worded.lines,
      isSpread: isSpreadAt(place),
      group: shared.group,
      ownSize: own.size ?? null,
      liesLargest: own.lie === 'largest',
      proof,
      looked: shared.looked,
      findings: shared.findings,
    }),
    choice,
    letters: letters.length > 0 ? letters : null,
  };
}

function choiceOf(place: PlaceUse, own: OwnSettings, entry: Entry): SettingChoice {
  return {
    letteringId: letteringIdOf(place, own),
    materials: filmsOf(place, entry).materials,
    motif: place.motif,
    ownMaterialId: own.materialId ?? null,
    trackingEm: own.trackingEm ?? null,
    widthShare: own.widthShare ?? 1,
    ...(own.bend === undefined ? {} : { bend: own.bend }),
    ...(own.letters ? { letters: own.letters } : {}),
    borderShare: own.borderShare ?? 1,
  };
}

/** Only colours that its lettering has are asked for; letters whose film was chosen by hand do not go by the list. */
function filmStops(
  place: PlaceUse,
  { materialId }: OwnSettings,
  entry: Entry,
  { layers }: Pick<SlotSetting, 'layers'>,
): Finding[] {
  const asking = layers.filter((layer) => !takesOwnFilm(layer) || materialId === undefined);
  const missing = filmsOf(place, entry).missing.filter(({ slot }) => asking.some((one) => one.colourSlot === slot));
  return missing.map(({ slot, field, said }) => ({
    kind: 'filmMissing',
    severity: 'stop',
    slot,
    field,
    said,
  }));
}

function quantityFindings(entry: Entry): Finding[] {
  const said = entry.fields[UNREAD_QUANTITY];
  return said === undefined ? [] : [{ kind: 'unreadQuantity', severity: 'check', said }];
}

/** A slot set otherwise, as a remedy tries it; the words before their case, where they are named. */
export interface Reset extends Partial<
  Pick<SettingChoice, 'letteringId' | 'trackingEm' | 'widthShare' | 'borderShare' | 'ownMaterialId' | 'letters'>
> {
  readonly setFrom?: readonly WordedLine[];
  readonly liesLargest?: boolean;
}

/** The same slot with another setting. */
export function resetSlot(spec: RunSpec, slot: Slot, { setFrom = slot.setFrom, liesLargest, ...part }: Reset): Slot {
  const use = presentOrThrow(
    spec.uses.find(({ id }) => id === slot.ref.useId),
    `use ${slot.ref.useId}`,
  );
  const place = presentOrThrow(
    use.places.find(({ placeId }) => placeId === slot.ref.placeId),
    `place ${slot.ref.placeId}`,
  );
  const whole = { ...choiceOf(place, ownSettingsAt(spec, slot.ref), slot.entry), ...part };
  const choice = slot.isSpread ? choiceOnBlank(whole, slot.setFrom.length === 0) : whole;
  return { ...slot, setFrom, ...setText(spec, setFrom, choice), liesLargest: liesLargest ?? slot.liesLargest };
}
