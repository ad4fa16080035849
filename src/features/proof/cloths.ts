import { HOUSE } from '@/core/tokens';
import { type RunSpec, findBlank, readTextKey, textKeyOf, variantFor } from '@/core/spec';
import type { ScreenFit } from '@/workers/fit-protocol';

/** The colour of the blank that each text goes on, by `entry-use-place`; of the use's first while none is known. */
export function clothsBySlot(fits: readonly ScreenFit[], spec: RunSpec): (key: string) => string {
  const uses = new Map(spec.uses.map((use) => [use.id, { use, blank: findBlank(spec, use.blankId) }]));
  const known = new Map<string, string>();
  for (const fit of fits) {
    const variant = uses.get(fit.useId)?.blank.variants.find(({ id }) => id === fit.variantId);
    if (variant) known.set(textKeyOf(fit), variant.colour.hex);
  }
  return (key) => {
    const use = uses.get(readTextKey(key)?.useId ?? '')?.use;
    return known.get(key) ?? (use ? variantFor(spec, use).colour.hex : HOUSE.white);
  };
}
