import { type Looked, type RunSpec, type TextRef, readTextKey, textKeyOf } from '../spec';

/** What was let stand of one text, by the finding's kind, with the layer behind it where there are several. */
export function lookedOf({ looked }: RunSpec, at: TextRef): Readonly<Record<string, Looked>> {
  const prefix = `${textKeyOf(at)}-`;
  const own = lookedByText(looked).get(textKeyOf(at));
  if (!own) return NOTHING_LOOKED;
  return Object.fromEntries(own.map((key) => [key.slice(prefix.length), looked[key]!]));
}

const NOTHING_LOOKED = {};
const knownLooked = new WeakMap<RunSpec['looked'], ReadonlyMap<string, readonly string[]>>();

function lookedByText(looked: RunSpec['looked']): ReadonlyMap<string, readonly string[]> {
  const found = knownLooked.get(looked);
  if (found) return found;
  const byText = new Map<string, string[]>();
  for (const key of Object.keys(looked)) {
    const at = readTextKey(key);
    if (!at) continue;
    const text = textKeyOf(at as TextRef);
    byText.set(text, [...(byText.get(text) ?? []), key]);
  }
  knownLooked.set(looked, byText);
  return byText;
}
