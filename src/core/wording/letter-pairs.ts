/**
 * Capitals and their small letters for the scripts that the shipped faces draw: Latin, Greek, Cyrillic. A table of our own,
 * because the platform's is another one in every browser and server, and a cut must not depend on that.
 */
const capitalOf = new Map<string, string>();
const smallOf = new Map<string, string>();

function pair(capital: number, small: number): void {
  capitalOf.set(String.fromCharCode(small), String.fromCharCode(capital));
  smallOf.set(String.fromCharCode(capital), String.fromCharCode(small));
}

/** Small letters `first` to `last` stand `distance` after their capitals. */
function shifted(first: number, last: number, distance: number): void {
  for (let small = first; small <= last; small++) pair(small - distance, small);
}

/** Capital and small letter take turns from `first` on. */
function alternating(first: number, last: number): void {
  for (let capital = first; capital < last; capital += 2) pair(capital, capital + 1);
}

shifted(0x61, 0x7a, 0x20);
shifted(0xe0, 0xf6, 0x20);
shifted(0xf8, 0xfe, 0x20);
pair(0x178, 0xff);
for (const [first, last] of [
  [0x100, 0x12f],
  [0x132, 0x137],
  [0x139, 0x148],
  [0x14a, 0x177],
  [0x179, 0x17e],
  [0x1a0, 0x1a5],
  [0x1af, 0x1b0],
  [0x1cd, 0x1dc],
  [0x1de, 0x1ef],
  [0x1f4, 0x1f5],
  [0x1f8, 0x21f],
  [0x222, 0x233],
  [0x1e00, 0x1e95],
  [0x1ea0, 0x1eff],
] as const) {
  alternating(first, last);
}
pair(0x18f, 0x259);
// Greek: the accented small letters stand apart from their capitals.
shifted(0x3b1, 0x3c1, 0x20);
shifted(0x3c3, 0x3cb, 0x20);
pair(0x386, 0x3ac);
shifted(0x3ad, 0x3af, 0x25);
pair(0x38c, 0x3cc);
pair(0x38e, 0x3cd);
pair(0x38f, 0x3ce);
// Cyrillic.
shifted(0x430, 0x44f, 0x20);
shifted(0x450, 0x45f, 0x50);
for (const [first, last] of [
  [0x460, 0x481],
  [0x48a, 0x4bf],
  [0x4c1, 0x4ce],
  [0x4d0, 0x52f],
] as const) {
  alternating(first, last);
}
pair(0x4c0, 0x4cf);
// One way only: these have no partner, or share one.
capitalOf.set('ß', 'SS').set('ŉ', 'ʼN').set('ſ', 'S').set('ς', 'Σ').set('ı', 'I').set('ΐ', 'Ϊ').set('ΰ', 'Ϋ');
smallOf.set('ẞ', 'ß').set('İ', 'i');

/** The capital of one character; the character itself when it has none. May be two letters. */
export function toCapital(character: string): string {
  return capitalOf.get(character) ?? character;
}

/** The small letter of one character; the character itself when it has none. */
export function toSmall(character: string): string {
  return smallOf.get(character) ?? character;
}
