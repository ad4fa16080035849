import type { MadePass } from './made-pass';

interface Kept {
  readonly word: string;
  readonly inForce: readonly MadePass[];
}

const known = new WeakMap<readonly MadePass[], Kept>();

/**
 * The made passes without those that were unmade: what is to be cut, and what everything that asks for made pieces reads. As long
 * as neither changes, the answer is the very same array.
 */
export function passesInForce(passes: readonly MadePass[], unmade: ReadonlySet<string>): readonly MadePass[] {
  if (unmade.size === 0) return passes;
  const word = [...unmade].sort().join(' ');
  const kept = known.get(passes);
  if (kept?.word === word) return kept.inForce;
  const inForce = passes.filter(({ id }) => !unmade.has(id));
  known.set(passes, { word, inForce });
  return inForce;
}
