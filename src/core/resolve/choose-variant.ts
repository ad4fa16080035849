import { type Outcome, fail, ok, presentOrThrow } from '../outcome';
import { fieldOf, findBlank, type BlankUse, type Entry, type RunSpec } from '../spec';
import { type Blank, type Variant, sizeKey, wordKey } from '../shop';

/** What the list asks for and the blank does not come in. */
export interface VariantMissing {
  readonly part: 'size' | 'colour' | 'both';
  /** As the list says it; empty when it says nothing and there is more than one to choose from. */
  readonly said: string;
  /** What there is. */
  readonly has: readonly string[];
}

/** The size and colour that one entry gets. */
export function chooseVariant(spec: RunSpec, use: BlankUse, entry: Entry): Outcome<Variant, VariantMissing> {
  const blank = findBlank(spec, use.blankId);
  if (use.variant.kind === 'fixed') {
    const { variantId } = use.variant;
    return ok(
      presentOrThrow(
        blank.variants.find(({ id }) => id === variantId),
        `variant ${variantId}`,
      ),
    );
  }
  const { sizeField, colourField } = use.variant;
  const size = sizeField === null ? null : fieldOf(entry.fields, sizeField);
  const colour = colourField === null ? null : fieldOf(entry.fields, colourField);
  const bySize = ofValue(blank.variants, size, (variant) => sizeKey(variant.size), sizeKey);
  if (bySize.length === 0) return fail({ part: 'size', said: size ?? '', has: sizesOf(blank) });
  const byColour = ofValue(bySize, colour, (variant) => wordKey(variant.colour.name), wordKey);
  const [found] = byColour;
  if (found) return ok(found);
  const has = [...new Set(bySize.map((variant) => variant.colour.name))];
  const isKnown = blank.variants.some((variant) => wordKey(variant.colour.name) === wordKey(colour ?? ''));
  return fail({ part: isKnown ? 'both' : 'colour', said: colour ?? '', has });
}

/** Those of the asked value; all of them when nothing is asked; with an empty cell only where there is one value. */
function ofValue(
  variants: readonly Variant[],
  asked: string | null,
  keyOf: (variant: Variant) => string,
  key: (text: string) => string,
): readonly Variant[] {
  if (asked === null) return variants;
  const values = new Set(variants.map(keyOf));
  if (asked.trim() === '') return values.size === 1 ? variants : [];
  return variants.filter((variant) => keyOf(variant) === key(asked));
}

function sizesOf(blank: Blank): string[] {
  return [...new Set(blank.variants.map(({ size }) => size))];
}
