import { contrastOf, contrastProblem } from '../colour';
import { type Material, isWholeBlank, processOf } from '../shop';
import { type RunSpec, liesOn, placeLayers } from '../spec';
import { changePlaceUse } from './change-place';
import { type MainPlace, type PlaceAt, placeAt } from './main-place';

/** Which film each colour of a place is cut from, of several ways to choose between. */

/** The two colours of an arrangement that are told apart least: a layer and what it lies on. */
export interface LeastTold {
  readonly film: string;
  readonly ground: string;
  /** Perceptual distance, 0 the same, 100 black on white. */
  readonly difference: number;
  /** Too near to each other, or a failed match. */
  readonly isHard: boolean;
}

export interface Arrangement {
  /** By colour slot, every one that is cut. */
  readonly materials: Readonly<Record<string, string>>;
  readonly least: LeastTold;
}

export const MOST_ARRANGEMENTS = 4;
/** More ways than that are not tried one by one: then each colour has its first films alone. */
const MOST_TRIED = 5000;

type MaterialCopy = RunSpec['shop']['materials'][number];

/**
 * As it is, and up to three others in films of the same kinds that the run has, those told best first, each with other letters than
 * those before it as long as there are any. What the list says by a column stays as it is. One alone: there is nothing to choose.
 */
export function arrangementsFor(spec: RunSpec, at: PlaceAt | null): readonly Arrangement[] {
  const place = placeAt(spec, at);
  const rules = place.placeUse.films ?? {};
  const present = Object.fromEntries(place.slots.map(({ slot, materialId }) => [slot, materialId]));
  const byId = new Map(spec.shop.materials.map(({ id, value }) => [id, value]));
  const told = toldIn(place);
  const materialOf = (materials: Arrangement['materials']) => (slot: string) => byId.get(materials[slot] ?? '')!;
  const asItIs: Arrangement = { materials: present, least: told(materialOf(present)) };
  const choices = place.slots.map(({ slot, material }) => ({
    slot,
    ids: Object.hasOwn(rules, slot) ? [present[slot]!] : alike(spec.shop.materials, material),
  }));
  const others = allWays(narrowed(choices))
    .filter((materials) => choices.some(({ slot }) => materials[slot] !== present[slot]))
    .map((materials): Arrangement => ({ materials, least: told(materialOf(materials)) }))
    .sort((a, b) => b.least.difference - a.least.difference);
  const letters = place.lettering.layers.findLast(({ tool, make }) => !tool && make.kind === 'text')?.slot;
  const chosen = [asItIs];
  const isOther = ({ materials }: Arrangement) =>
    letters === undefined || chosen.every((one) => one.materials[letters] !== materials[letters]);
  while (chosen.length < MOST_ARRANGEMENTS) {
    const left = others.filter((one) => !chosen.includes(one) && one.least.difference > 0);
    const next = left.find(isOther) ?? left[0];
    if (!next) break;
    chosen.push(next);
  }
  return chosen;
}

export function takeArrangement(spec: RunSpec, at: PlaceAt | null, materials: Arrangement['materials']): RunSpec {
  return changePlaceUse(spec, at, (place) => ({ ...place, materials: { ...place.materials, ...materials } }));
}

/** Of the same kind and process. */
function alike(materials: readonly MaterialCopy[], { kind }: Material): readonly string[] {
  return materials
    .filter(({ value }) => value.kind === kind && processOf(value) === processOf({ kind }))
    .map(({ id }) => id);
}

interface Choices {
  readonly slot: string;
  readonly ids: readonly string[];
}

/** The first films of each colour, as many as may be tried in all. */
function narrowed(choices: readonly Choices[]): readonly Choices[] {
  const each = Math.max(1, Math.floor(MOST_TRIED ** (1 / Math.max(1, choices.length))));
  return choices.map(({ slot, ids }) => ({ slot, ids: ids.slice(0, each) }));
}

function allWays(choices: readonly Choices[]): readonly Record<string, string>[] {
  return choices.reduce<readonly Record<string, string>[]>(
    (ways, { slot, ids }) => ways.flatMap((way) => ids.map((id) => ({ ...way, [slot]: id }))),
    [{}],
  );
}

const NOTHING_TOLD: LeastTold = { film: '', ground: '', difference: 100, isHard: false };

/** Tells the pair that is told least, each two colours compared once. */
function toldIn({
  lettering,
  placeUse,
  variant,
  measured,
}: MainPlace): (materialOf: (slot: string) => Material) => LeastTold {
  const layers = placeLayers(lettering, placeUse).filter(({ tool }) => !tool);
  const pairs = layers.flatMap(({ slot, make }, i) => {
    // A card as large as the blank is the item itself.
    if (make.kind === 'backing' && make.body === 'place' && isWholeBlank(variant, measured)) return [];
    return [{ slot, below: layers.slice(0, i).findLast((lower) => liesOn(make, lower.make))?.slot }];
  });
  const known = new Map<string, LeastTold>();
  const compared = (film: Material['colour'], ground: Material['colour']): LeastTold => {
    const key = `${film.hex} ${film.name} ${ground.hex} ${ground.name}`;
    const found = known.get(key);
    if (found) return found;
    const isHard = contrastProblem(film.hex, ground.hex) !== null;
    const told = { film: film.name, ground: ground.name, difference: contrastOf(film.hex, ground.hex), isHard };
    known.set(key, told);
    return told;
  };
  return (materialOf) =>
    pairs.reduce((least, { slot, below }) => {
      const told = compared(materialOf(slot).colour, below === undefined ? variant.colour : materialOf(below).colour);
      return told.difference < least.difference ? told : least;
    }, NOTHING_TOLD);
}
