import { fieldOf, DEFAULT_GROUP, type BlankUse, type RunSpec, findBlank, wordingOf } from '../spec';
import { type Blank, measuredOf } from '../shop';
import { type RandomBytes, makeId } from '../ids';
import { changeBlank, mainPlace } from '../edit';

export type BlankCopy = RunSpec['shop']['blanks'][number];

/** The run's copy of a blank becomes this one; its uses stay, on sizes and colours that are still there. */
export function putBlankCopy(spec: RunSpec, copy: BlankCopy): RunSpec {
  const isKnown = spec.shop.blanks.some(({ id }) => id === copy.id);
  const blanks = isKnown
    ? spec.shop.blanks.map((known) => (known.id === copy.id ? copy : known))
    : [...spec.shop.blanks, copy];
  return { ...spec, shop: { ...spec.shop, blanks } };
}

/**
 * One more blank for every entry of the run. Its first place says the name, as does that place's twin; others stay empty for
 * now. Lettering and film are those of the run's first place.
 */
export function addBlank(spec: RunSpec, copy: BlankCopy, randomBytes: RandomBytes): RunSpec {
  const sizeGroupId = makeId<'size'>(randomBytes);
  const use: BlankUse = {
    id: makeId<'use'>(randomBytes),
    blankId: copy.id,
    variant: variantChoice(spec, copy.value),
    each: 1,
    who: { kind: 'all' },
    places: placeUses(spec, copy.value, sizeGroupId),
  };
  return {
    ...putBlankCopy(spec, copy),
    uses: [...spec.uses, use],
    sizeGroups: [...spec.sizeGroups, { id: sizeGroupId, rule: { kind: 'fill' }, ...DEFAULT_GROUP }],
  };
}

/** Another blank instead of the one that a use takes; how its first place is worded and lettered is kept. */
export function replaceBlank(spec: RunSpec, useId: string, copy: BlankCopy): RunSpec {
  const uses = spec.uses.map((use) => {
    if (use.id !== useId) return use;
    const [first] = use.places;
    const places = placeUses(spec, copy.value, first!.sizeGroupId).map((place) => ({
      ...first!,
      placeId: place.placeId,
      wording: place.wording && first!.wording,
    }));
    return { ...use, blankId: copy.id, variant: variantChoice(spec, copy.value), places };
  });
  // What was said for single entries was said of places that are gone.
  const overrides = spec.overrides.filter(({ at }) => at.useId !== useId);
  return withoutUnusedBlanks({ ...putBlankCopy(spec, copy), uses, overrides });
}

/**
 * Changes the run's copy of a blank. A use that stood on a size or colour that is gone goes to the first one left, and places
 * that are gone are lettered no more.
 */
export function changeRunBlank(spec: RunSpec, blankId: string, change: (blank: Blank) => Blank): RunSpec {
  const changed = changeBlank(spec, blankId, change);
  const blank = findBlank(changed, blankId);
  const uses = changed.uses.map((use) => {
    if (use.blankId !== blankId) return use;
    const places = use.places.filter(({ placeId }) => blank.places.some(({ id }) => id === placeId));
    const { variant } = use;
    const isThere = variant.kind === 'byColumn' || blank.variants.some(({ id }) => id === variant.variantId);
    if (isThere && places.length === use.places.length) return use;
    const first: BlankUse['variant'] = { kind: 'fixed', variantId: blank.variants[0]!.id };
    return { ...use, variant: isThere ? variant : first, places };
  });
  const isSame = uses.every((use, i) => use === changed.uses[i]);
  return isSame ? changed : { ...changed, uses };
}

/** Without this blank; the last one stays. */
export function removeUse(spec: RunSpec, useId: string): RunSpec {
  if (spec.uses.length === 1) return spec;
  const uses = spec.uses.filter(({ id }) => id !== useId);
  const overrides = spec.overrides.filter(({ at }) => at.useId !== useId);
  return withoutUnusedBlanks({ ...spec, uses, overrides });
}

function withoutUnusedBlanks(spec: RunSpec): RunSpec {
  const blanks = spec.shop.blanks.filter(({ id }) => spec.uses.some(({ blankId }) => blankId === id));
  return { ...spec, shop: { ...spec.shop, blanks } };
}

/** By the columns of the list where the blank comes in several and the list says which; otherwise the first one. */
function variantChoice(spec: RunSpec, blank: Blank): BlankUse['variant'] {
  const says = (field: string) => spec.entries.some(({ fields }) => fieldOf(fields, field) !== '');
  const hasSizes = new Set(blank.variants.map(({ size }) => size)).size > 1;
  const hasColours = new Set(blank.variants.map(({ colour }) => colour.name)).size > 1;
  const sizeField = hasSizes && says('size') ? 'size' : null;
  const colourField = hasColours && says('colour') ? 'colour' : null;
  if (sizeField === null && colourField === null) return { kind: 'fixed', variantId: blank.variants[0]!.id };
  return { kind: 'byColumn', sizeField, colourField };
}

function placeUses(spec: RunSpec, blank: Blank, sizeGroupId: string): BlankUse['places'] {
  const { placeUse } = mainPlace(spec);
  const measured = blank.places.filter(({ id }) => blank.variants.every((one) => measuredOf(blank, one, id) !== null));
  const [first] = measured;
  return measured.map(({ id, twinOf }) => ({
    placeId: id,
    wording: id === first?.id || twinOf === first?.id ? wordingOf(['{text}']) : null,
    letteringId: placeUse.letteringId,
    sizeGroupId,
    materials: placeUse.materials,
    ...(placeUse.films ? { films: placeUse.films } : {}),
  }));
}
