import { type RandomBytes, makeId } from '../ids';
import { presentOrThrow } from '../outcome';
import { type Copy, type EdgeTool, type Motif } from '../shop';
import {
  type MotifSpot,
  type MotifUse,
  type PlaceUse,
  type RunSpec,
  MOST_RUN_MOTIFS,
  placeLayers,
  takesOwnFilm,
} from '../spec';
import { changePlaceUse, withFilms, withoutFilms } from './change-place';
import { mayAddLayer, withCard } from './layers';
import { type MainPlace, type PlaceAt, placeAt } from './main-place';
import { tellingFilm } from './telling-film';

/** The motif of a place: a shape beside its text, or instead of it. */

/** What a spot begins with: heights of capitals; around a text, how much of the room within it the text fills. */
const FIRST_SHARE: Readonly<Record<MotifSpot, number>> = {
  before: 1.4,
  after: 1.4,
  both: 1.4,
  above: 1.6,
  below: 1.2,
  topLeft: 1,
  topRight: 1,
  bottomLeft: 1,
  bottomRight: 1,
  behind: 3,
  around: 0.9,
  alone: 1,
};

const FIRST_GAP = 0.35;

/** What a motif of the shop is copied into: there is room for so many, those that no place uses go first. */
export function mayTakeMotif(spec: RunSpec, at: PlaceAt | null, motifId: string): boolean {
  const { placeUse } = placeAt(spec, at);
  // What it takes the place of makes room.
  const used = usedMotifs(spec, placeUse);
  return used.has(motifId) || used.size < MOST_RUN_MOTIFS;
}

/** A motif for a place: all of its parts, the first in the colour of the letters, the others in colours of their own. */
export function takeMotif(spec: RunSpec, at: PlaceAt | null, copy: Copy<Motif>, randomBytes: RandomBytes): RunSpec {
  if (!mayTakeMotif(spec, at, copy.id)) return spec;
  const { placeUse, lettering } = placeAt(spec, at);
  const known = putMotifCopy(spec, copy);
  const spot = placeUse.motif?.spot ?? 'before';
  const letters = presentOrThrow(lettering.layers.find(takesOwnFilm), 'a layer of letters').slot;
  const motif: MotifUse = {
    motifId: copy.id,
    spot,
    share: placeUse.motif?.share ?? FIRST_SHARE[spot],
    ...(placeUse.motif?.heightMm === undefined ? {} : { heightMm: placeUse.motif.heightMm }),
    gapShare: placeUse.motif?.gapShare ?? FIRST_GAP,
    layers: copy.value.parts.map((_, part) => ({
      id: makeId<'layer'>(randomBytes),
      part,
      slot: part === 0 ? letters : motifSlotName(part),
    })),
  };
  return withMotifUse(known, at, motif);
}

/** What the colour of a part is called where it has one of its own. */
export function motifSlotName(part: number): string {
  return part <= 1 ? 'motif' : `motif ${part}`;
}

/** Where it stands; its size begins anew, since each spot measures it by something else. */
export function changeMotifSpot(spec: RunSpec, at: PlaceAt | null, spot: MotifSpot): RunSpec {
  const { motif } = placeAt(spec, at).placeUse;
  if (!motif) return spec;
  const { heightMm, ...others } = motif;
  const own = heightMm !== undefined && mayBeOwnHeight(spot) ? { heightMm } : {};
  return withMotifUse(spec, at, { ...others, ...own, spot, share: FIRST_SHARE[spot] });
}

export function changeMotif(
  spec: RunSpec,
  at: PlaceAt | null,
  part: Partial<Pick<MotifUse, 'spot' | 'share' | 'gapShare'>>,
): RunSpec {
  const { motif } = placeAt(spec, at).placeUse;
  return motif ? withMotifUse(spec, at, { ...motif, ...part }) : spec;
}

/** A part is cut in a colour; null leaves it out, but for the last that is left. */
export function changeMotifPart(
  spec: RunSpec,
  at: PlaceAt | null,
  { part, slot }: { readonly part: number; readonly slot: string | null },
  randomBytes: RandomBytes,
): RunSpec {
  const { motif } = placeAt(spec, at).placeUse;
  if (!motif) return spec;
  const others = motif.layers.filter((layer) => layer.part !== part);
  if (slot === null && others.length === 0) return spec;
  const known = motif.layers.find((layer) => layer.part === part);
  const own = slot === null ? [] : [{ id: known?.id ?? makeId<'layer'>(randomBytes), part, slot }];
  return withMotifUse(spec, at, { ...motif, layers: [...others, ...own].sort((a, b) => a.part - b.part) });
}

/**
 * A part is cut, drawn or marked. What is drawn needs something to be drawn on: where nothing of its lettering lies below, a card as large as
 * the place does from now on.
 */
export function changeMotifTool(
  spec: RunSpec,
  at: PlaceAt | null,
  { part, tool }: { readonly part: number; readonly tool: EdgeTool | null },
  randomBytes: RandomBytes,
): RunSpec {
  const { motif } = placeAt(spec, at).placeUse;
  if (!motif) return spec;
  const isLeftOut = motif.layers.every((layer) => layer.part !== part);
  if (isLeftOut) {
    const taken = changeMotifPart(spec, at, { part, slot: motifSlotName(part) }, randomBytes);
    return changeMotifTool(taken, at, { part, tool }, randomBytes);
  }
  const layers = motif.layers.map(({ tool: had, ...layer }) => {
    const own = layer.part === part ? tool : had;
    return own ? { ...layer, tool: own } : layer;
  });
  const changed = withMotifUse(spec, at, { ...motif, layers });
  const { lettering, placeUse } = placeAt(changed, at);
  if (!tool || motifToolIn({ lettering, placeUse }, part)) return changed;
  return mayAddLayer(lettering) ? withCard(changed, at, randomBytes) : spec;
}

/** What a part of a motif is: cut, or what draws or marks it on something below. */
export function motifToolIn(
  { lettering, placeUse }: Pick<MainPlace, 'lettering' | 'placeUse'>,
  part: number,
): EdgeTool | null {
  const own = placeLayers(lettering, placeUse).find(({ make }) => make.kind === 'motif' && make.part === part);
  return own?.tool ?? null;
}

/** A height of its own, whatever the text's is; null: it goes by the text. */
export function changeMotifHeight(spec: RunSpec, at: PlaceAt | null, heightMm: number | null): RunSpec {
  const { motif } = placeAt(spec, at).placeUse;
  if (!motif || (heightMm !== null && !mayBeOwnHeight(motif.spot))) return spec;
  const { heightMm: _, ...others } = motif;
  return withMotifUse(spec, at, heightMm === null ? others : { ...others, heightMm });
}

/** Around a text its inside decides, and alone its place does. */
export function mayBeOwnHeight(spot: MotifSpot): boolean {
  return spot !== 'around' && spot !== 'alone';
}

/** With what nothing uses any more: its copy, and the films of its colours. */
export function dropMotif(spec: RunSpec, at: PlaceAt | null): RunSpec {
  const { motif } = placeAt(spec, at).placeUse;
  if (!motif) return spec;
  const changed = changePlaceUse(spec, at, ({ motif: _, ...place }) => place);
  return withoutUnused(changed, motif);
}

function withMotifUse(spec: RunSpec, at: PlaceAt | null, motif: MotifUse): RunSpec {
  const before = placeAt(spec, at).placeUse.motif;
  const filmId = tellingFilm(spec, at);
  const changed = withFilms(
    changeWithoutFilms(spec, at, motif),
    Object.fromEntries(motif.layers.map(({ slot }) => [slot, filmId])),
  );
  return before ? withoutUnused(changed, before) : changed;
}

/** Not by `changePlaceUse`, which would give new colours the place's first film. */
function changeWithoutFilms(spec: RunSpec, at: PlaceAt | null, motif: MotifUse): RunSpec {
  const { use, placeUse } = placeAt(spec, at);
  const uses = spec.uses.map((one) =>
    one.id === use.id
      ? { ...one, places: one.places.map((place) => (place === placeUse ? { ...place, motif } : place)) }
      : one,
  );
  return { ...spec, uses };
}

function withoutUnused(spec: RunSpec, before: MotifUse): RunSpec {
  const used = usedMotifs(spec);
  const motifs = spec.shop.motifs.filter(({ id }) => used.has(id));
  const kept = motifs.length === spec.shop.motifs.length ? spec : { ...spec, shop: { ...spec.shop, motifs } };
  return before.layers.reduce((now, { slot }) => withoutFilms(now, slot), kept);
}

/** By any place but `except`. */
function usedMotifs({ uses }: RunSpec, except: PlaceUse | null = null): ReadonlySet<string> {
  const places = uses.flatMap((use) => use.places).filter((place) => place !== except);
  return new Set(places.flatMap(({ motif }) => motif?.motifId ?? []));
}

/** The run's own copy of a motif; one that it did not have is added, and those that nothing uses make room. */
function putMotifCopy(spec: RunSpec, copy: Copy<Motif>): RunSpec {
  const used = usedMotifs(spec);
  const others = spec.shop.motifs.filter(({ id }) => id !== copy.id && used.has(id));
  return { ...spec, shop: { ...spec.shop, motifs: [...others, copy] } };
}
