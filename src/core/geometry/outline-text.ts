import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import type { Outline, Ring } from './outline';

/** An outline as plain numbers: islands of rings of `x0, y0, x1, y1, …`, the outer ring first. */
export type OutlineNumbers = readonly (readonly (readonly number[])[])[];

export function outlineToNumbers({ islands }: Outline): OutlineNumbers {
  return islands.map(({ outer, holes }) => [outer, ...holes].map((ring) => Array.from(ring)));
}

/** Islands without rings say nothing and are passed over. */
export function outlineFromNumbers(numbers: OutlineNumbers): Outline {
  return {
    islands: numbers.flatMap((rings) => {
      const [outer, ...holes] = rings.map((ring): Ring => Int32Array.from(ring));
      return outer ? [{ outer, holes }] : [];
    }),
  };
}

/** The one text of an outline: JSON of its integers without spaces. What is stored, bundled and hashed. */
export function writeOutline(outline: Outline): string {
  return JSON.stringify(outlineToNumbers(outline));
}

let hashText = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

/** Hashes with the platform's own SHA-256 from here on, which is ten times as fast: answers hex of a text's UTF-8. */
export function hashWith(hasher: (text: string) => string): void {
  hashText = hasher;
}

/** SHA-256 of the outline's text, in hex: its name wherever it is kept. */
export function outlineSha(text: string): string {
  return hashText(text);
}

const known = new WeakMap<Outline, string>();

/** The same of an outline, worked out once for each. */
export function shaOfOutline(outline: Outline): string {
  const sha = known.get(outline) ?? outlineSha(writeOutline(outline));
  known.set(outline, sha);
  return sha;
}
