import { fabricClassOf } from './fabric-class';

type Json = Record<string, unknown>;

/**
 * Brings the JSON of a blank from before its clear zones had ids, or from before its fabric had a class, up to the present; anything
 * else comes back as it is. The ids are counted, so that equal blanks stay equal.
 */
export function upgradeBlank(blank: unknown): unknown {
  if (!isObject(blank) || !Array.isArray(blank.variants)) return blank;
  return {
    fabricClass: typeof blank.fabric === 'string' ? fabricClassOf(blank.fabric) : null,
    ...blank,
    variants: blank.variants.map((variant: unknown) =>
      isObject(variant) && isObject(variant.places)
        ? {
            ...variant,
            places: Object.fromEntries(Object.entries(variant.places).map(([id, place]) => [id, withZoneIds(place)])),
          }
        : variant,
    ),
  };
}

function withZoneIds(place: unknown): unknown {
  if (!isObject(place) || !Array.isArray(place.clear)) return place;
  const clear = place.clear.map((zone: unknown, i) =>
    isObject(zone) ? { id: `zone${String(i + 1).padStart(6, '0')}`, mayLieInLoop: false, ...zone } : zone,
  );
  return { ...place, clear };
}

function isObject(value: unknown): value is Json {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
