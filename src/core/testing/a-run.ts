import { entriesFromList, parseList } from '../roster';
import { type RunSpec, type SizeRule, newRunSpec } from '../run';
import { seededBytes } from './seeded-bytes';

/** A run with every default and one entry per text. */
export function aRun(texts: readonly string[], title = 'Test run'): RunSpec {
  const random = seededBytes(7);
  const lines = parseList(texts.join('\n'));
  return newRunSpec({ title, dueOn: null, entries: lines.ok ? entriesFromList(lines.value, random) : [] }, random);
}

export function withRule(spec: RunSpec, rule: SizeRule): RunSpec {
  return { ...spec, sizeGroups: spec.sizeGroups.map((group) => ({ ...group, rule })) };
}

/** The run's one place with other measures; its lettering switched when named. */
export function withPlace(spec: RunSpec, widthMm: number, heightMm: number, letteringId?: string): RunSpec {
  const blanks = spec.shop.blanks.map((blank) => ({
    ...blank,
    value: {
      ...blank.value,
      variants: blank.value.variants.map((variant) => ({
        ...variant,
        places: Object.fromEntries(
          Object.entries(variant.places).map(([id, place]) => [
            id,
            { ...place, outline: { kind: 'rect' as const, widthMm, heightMm } },
          ]),
        ),
      })),
    },
  }));
  const uses = spec.uses.map((use) => ({
    ...use,
    places: use.places.map((place) => ({ ...place, letteringId: letteringId ?? place.letteringId })),
  }));
  return { ...spec, uses, shop: { ...spec.shop, blanks } };
}
