import { contrastOf } from '../colour';
import { processOf } from '../shop';
import { type RunSpec, takesOwnFilm } from '../spec';
import { type PlaceAt, placeAt } from './main-place';

/** Of the films that are bonded as the letters are, the one that is told best from all that the place has already, and from its blank. */
export function tellingFilm(spec: RunSpec, at: PlaceAt | null): string {
  const { variant, lettering, placeUse, slots } = placeAt(spec, at);
  const letters = lettering.layers.find(takesOwnFilm);
  const own = slots.find(({ slot }) => slot === letters?.slot);
  const fallback = own?.materialId ?? Object.values(placeUse.materials)[0] ?? '';
  if (!own) return fallback;
  const others = [variant.colour.hex, ...slots.map(({ material }) => material.colour.hex)];
  const told = (hex: string) => Math.min(...others.map((other) => contrastOf(hex, other)));
  const films = spec.shop.materials.filter(
    ({ value }) => processOf(value) === processOf(own.material) && value.kind === own.material.kind,
  );
  const [best] = [...films].sort((a, b) => told(b.value.colour.hex) - told(a.value.colour.hex));
  return best?.id ?? fallback;
}
