import { type Blank, type PressCard, type ValueDifference, fabricFacts, valueDifferences } from '@/core/shop';
import type { Heats } from './use-heat';
import type { Lengths } from './use-lengths';

/** How values are written at this station. */
export interface StationWords {
  readonly lengths: Pick<Lengths, 'exact'>;
  readonly heats: Pick<Heats, 'heat'>;
}

/** A value that stands otherwise in the run than in the shop. */
export interface DifferenceWords {
  readonly name: string;
  readonly here: string;
  readonly there: string;
}

/** What the last key of a value is called. */
const NAMES: Readonly<Record<string, string>> = {
  name: 'name',
  kind: 'kind',
  uses: 'use',
  fabric: 'fabric',
  fabricClass: 'pressed like',
  polyesterPct: 'share of polyester, %',
  texture: 'surface',
  thicknessMm: 'thickness',
  stretch: 'stretch',
  bearsC: 'bears',
  count: 'in a pack',
  priceCents: 'price of a pack, hundredths',
  currency: 'currency',
  preparation: 'preparation',
  photo: 'photo',
  size: 'size',
  hex: 'colour',
  widthMm: 'width',
  heightMm: 'height',
  radiusMm: 'radius',
  topMm: 'from the top',
  leftMm: 'from the left',
  lineMm: 'height of the line',
  dropMm: 'drop',
  anchor: 'held at',
  anchorGapMm: 'kept from the side',
  readingDeg: 'turned, °',
  clear: 'kept clear',
  wrap: 'how it is seen',
  centring: 'centring',
  side: 'side',
  least: 'least',
  most: 'most',
  chosen: 'taken',
  pressure: 'pressure',
  dryOutSeconds: 'dry out, s',
  cover: 'cover',
  backSide: 'from the back',
  peels: 'peel',
  ceilingC: 'the film bears',
  mostSeconds: 'most seconds in all',
  reason: 'why',
  care: 'care',
  heater: 'heater',
};

/** What is on hand is the shop's own affair. */
const isStock = ({ path }: ValueDifference) => path.includes('stock');

export function blankDifferences(own: Blank, shop: Blank, words: StationWords): readonly DifferenceWords[] {
  const variantNames = new Map(
    [...shop.variants, ...own.variants].map(({ id, size, colour }) => [
      id as string,
      [size, colour.name].filter(Boolean).join(', '),
    ]),
  );
  const placeNames = new Map([...shop.places, ...own.places].map(({ id, name }) => [id as string, name]));
  return valueDifferences(own, shop)
    .filter((one) => !isStock(one))
    .map((one) => {
      const where = one.path.slice(0, -1).flatMap((key) => variantNames.get(key) ?? placeNames.get(key) ?? []);
      const last = one.path.at(-1) ?? '';
      const whole = variantNames.get(last) ?? placeNames.get(last);
      const name = [...where, whole ?? NAMES[last] ?? last].join(', ');
      return { name, here: valueWords(last, one.own, words), there: valueWords(last, one.other, words) };
    });
}

export function cardDifferences(own: PressCard, shop: PressCard, words: StationWords): readonly DifferenceWords[] {
  return valueDifferences(own, shop).map(({ path, own: mine, other }) => {
    const last = path.at(-1) ?? '';
    const isRange = path.length > 1;
    const group = path[0] === 'heatC' ? 'heat, ' : path[0] === 'seconds' ? 'seconds, ' : '';
    const unit = path[0] === 'heatC' ? 'heatC' : path[0] === 'seconds' ? 'seconds' : last;
    const name = isRange ? `${group}${NAMES[last] ?? last}` : (NAMES[last] ?? last);
    return { name, here: valueWords(unit, mine, words), there: valueWords(unit, other, words) };
  });
}

function valueWords(key: string, value: unknown, { lengths, heats }: StationWords): string {
  if (value === undefined) return 'not there';
  if (value === null || value === '') return 'not said';
  if (Array.isArray(value)) return value.length === 0 ? 'none' : listWords(value);
  if (typeof value === 'object') return 'set';
  if (typeof value === 'number') {
    if (key.endsWith('Mm')) return lengths.exact(value);
    if (key.endsWith('C')) return heats.heat(value);
    return key === 'seconds' ? `${value} s` : String(value);
  }
  return key === 'fabricClass' ? fabricFacts(value as NonNullable<Blank['fabricClass']>).words : String(value);
}

function listWords(values: readonly unknown[]): string {
  return values.every((one) => typeof one === 'string') ? values.join(', ') : `${values.length}`;
}
