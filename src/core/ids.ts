/** Identity within a run; never a hash of content. Branded, so that an entry's id cannot pass for a place's. */
export type Id<K extends string> = string & { readonly k: K };

/** Source of chance for ids: answers `count` random bytes. */
export type RandomBytes = (count: number) => Uint8Array;

export const ID_PATTERN = /^[a-z][a-z0-9]{9}$/;

const FIRST = 'abcdefghijklmnopqrstuvwxyz';
const REST = 'abcdefghijklmnopqrstuvwxyz0123456789';

export function isId(text: string): boolean {
  return ID_PATTERN.test(text);
}

/**
 * A fresh id from ten random bytes: 26 × 36⁹ ≈ 2.6 × 10¹⁵ ids. The remainder makes some letters a seventh likelier, which
 * costs less than half a bit and keeps the function free of loops.
 */
export function makeId<K extends string>(randomBytes: RandomBytes): Id<K> {
  const bytes = randomBytes(10);
  let id = '';
  bytes.forEach((byte, i) => {
    const letters = i === 0 ? FIRST : REST;
    id += letters[byte % letters.length];
  });
  return id as Id<K>;
}
