import { isSameJson } from '../same-json';
import { kindFacts, type MaterialKind } from './material-kind';
import type { Material } from './shop-schema';

/** Another kind; how fine it is cut follows the kind as long as nobody chose otherwise. */
export function changeKind(material: Material, kind: MaterialKind): Material {
  const isUsual = isSameJson(material.finest, kindFacts(material.kind).finest);
  return { ...material, kind, finest: isUsual ? kindFacts(kind).finest : material.finest };
}

/** What a form of a material shows. */
export type MaterialPart = Exclude<keyof Material, 'open'>;

/** The parts in which two of a material differ, in the order in which a form shows them. */
export function materialDifferences(own: Material, other: Material): MaterialPart[] {
  const parts: readonly MaterialPart[] = [
    'name',
    'kind',
    'colour',
    'pattern',
    'finest',
    'bought',
    'priceCents',
    'currency',
    'blade',
    'note',
  ];
  return parts.filter((part) => !isSameJson(own[part], other[part]));
}
