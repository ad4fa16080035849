import { type Bought, type FinestCut, type Material, type MaterialPart, kindFacts } from '@/core/shop';
import { formatMoney } from '@/core/units';
import type { Lengths } from './use-lengths';

type LengthWords = Pick<Lengths, 'figure' | 'pair' | 'word'>;

/** `roll, 500 mm wide, 5000 mm long`, `20 sheets of 210 × 297 mm`. */
export function boughtWords(bought: Bought | null, { figure, pair, word }: LengthWords): string {
  if (!bought) return 'not said';
  if (bought.kind === 'roll')
    return `roll, ${figure(bought.widthMm, 0)} ${word} wide, ${figure(bought.lengthMm, 0)} ${word} long`;
  return `${bought.count} ${bought.count === 1 ? 'sheet' : 'sheets'} of ${pair(bought.widthMm, bought.heightMm, 0)}`;
}

export function priceWords({ priceCents, currency }: Pick<Material, 'priceCents' | 'currency'>): string {
  return priceCents === null ? 'not said' : formatMoney(priceCents, currency);
}

/** Thinnest stroke, narrowest gap, smallest hole. */
export function finestWords({ strokeMm, gapMm, holeMm }: FinestCut, { figure }: LengthWords): string {
  return [strokeMm, gapMm, holeMm].map((mm) => figure(mm, 2)).join(' · ');
}

const PART_WORDS: Record<MaterialPart, string> = {
  name: 'name',
  kind: 'kind',
  colour: 'colour',
  pattern: 'pattern runs',
  finest: 'finest stroke · gap · hole',
  bought: 'size as bought',
  priceCents: 'price',
  currency: 'currency',
  blade: 'blade setting',
  note: 'note',
};

/** One part of a material as it stands there: what is compared is seen. */
export function materialPart(material: Material, part: MaterialPart, lengths: LengthWords): string {
  switch (part) {
    case 'kind':
      return kindFacts(material.kind).words;
    case 'colour':
      return `${material.colour.name} (${material.colour.hex})`;
    case 'finest':
      return `${finestWords(material.finest, lengths)} ${lengths.word}`;
    case 'bought':
      return boughtWords(material.bought, lengths);
    case 'pattern':
      return material.pattern ?? 'any way';
    case 'priceCents':
      return priceWords(material);
    default:
      return material[part] === '' ? 'nothing' : material[part];
  }
}

export const materialPartName = (part: MaterialPart): string => PART_WORDS[part];
