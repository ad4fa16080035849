/** Encodings of text files that are understood, one byte to a letter after the first three. */
export const ENCODINGS = [
  'utf-8',
  'utf-16le',
  'utf-16be',
  'windows-1252',
  'windows-1250',
  'iso-8859-2',
  'windows-1254',
  'windows-1251',
  'windows-1253',
  'macintosh',
] as const;
export type Encoding = (typeof ENCODINGS)[number];

/** Those of older programs, the likeliest first where letters do not tell them apart. */
export const ONE_BYTE = ENCODINGS.slice(3) as readonly OneByte[];
export type OneByte = Exclude<Encoding, 'utf-8' | 'utf-16le' | 'utf-16be'>;

/** What stands at 0x80 to 0x9f of the western one; five places stand for nothing and are taken as they are. */
const WESTERN = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

export function oneByteText(bytes: Uint8Array, encoding: OneByte): string {
  if (encoding !== 'windows-1252') return new TextDecoder(encoding).decode(bytes);
  // By our own table: this version of Node reads those places as Latin-1, browsers do not.
  const latin = new TextDecoder('latin1').decode(bytes);
  return latin.replace(/[\u0080-\u009f]/g, (c) => WESTERN[c.charCodeAt(0) - 0x80]!);
}

/** Letters beyond a to z that one language writes its names with, in small letters, by the encodings that have them. */
const WEST = [
  'äöüßé',
  'àâæçéèêëîïôœùûüÿ',
  'áéíñóúü',
  'àèéìíîòóùú',
  'áâãàçéêíóôõúü',
  'áéëïóöüè',
  'åäöæøéèü',
  'áðéíóúýþæö',
];
const CENTRAL = ['ąćęłńóśźż', 'áčďéěíňóřšťúůýž', 'áäčďéíĺľňóôŕšťúýž', 'áéíóöőúüű', 'ăâîşţșțéöü', 'čćđšž', 'äöüß'];
const LANGUAGES: Readonly<Record<OneByte, readonly string[]>> = {
  'windows-1252': WEST,
  'windows-1250': CENTRAL,
  'iso-8859-2': CENTRAL,
  'windows-1254': ['çğıöşüâîû', 'çğıöşüâîûi\u0307'],
  'windows-1251': [
    'абвгдежзийклмнопрстуфхцчшщъыьэюяё',
    'абвгґдеєжзиіїйклмнопрстуфхцчшщьюяў',
    'абвгдђежзијклљмнњопрстћуфхцчџшѓќѕ',
  ],
  'windows-1253': ['αβγδεζηθικλμνξοπρστυφχψωςάέήίόύώϊϋΐΰ'],
  macintosh: WEST,
};

const LATIN = /\p{Script=Latin}/u;
const FAR = /[^\u0000-\u007f]/gu;

/**
 * How well a text reads in an encoding: 1 where every letter beyond a to z is one of a single language, in its place; less where
 * signs stand inside words, capitals inside small letters, two scripts in one word, or letters of several languages.
 */
export function likelihood(text: string, encoding: OneByte): number {
  // Printers' marks stand in every language.
  const far = (text.match(FAR) ?? []).filter((c) => !/[’‘“”„–—…€•°«»´]/u.test(c));
  if (far.length === 0) return 0.9;
  const letters = far.filter((c) => /\p{L}/u.test(c)).map((c) => c.toLowerCase());
  const inBest = Math.max(...LANGUAGES[encoding].map((own) => letters.filter((c) => own.includes(c)).length));
  const faults =
    count(text, /\p{L}[^\p{L}\p{M}\p{N}\s\u0000-\u007f’‘–—]\p{L}/gu) * 2 +
    count(text, CAPITAL_INSIDE) * 2 +
    count(text, /[\u0080-\u009f\ufffd]/gu) * 3 +
    wordsIn(text).filter((word) => isMixed(word)).length * 3 +
    // A word of nothing but accented letters is a word of another script.
    count(text, /(?=\p{Script=Latin})[^\u0000-\u007f](?:(?=\p{Script=Latin})[^\u0000-\u007f]){2,}/gu) * 4;
  // Icelandic has them beside its long vowels; alone they are more likely the Turkish letters of the same bytes.
  const isDoubtful = letters.some((c) => 'ðþý'.includes(c)) && !letters.some((c) => 'áéíóúæ'.includes(c));
  return (inBest - faults - (far.length - letters.length)) / far.length - (isDoubtful ? 0.1 : 0);
}

/** A capital behind a small letter, one of them beyond a to z; two capitals before a small one likewise. */
const CAPITAL_INSIDE =
  /(?<=\p{Ll})(?![A-Z])\p{Lu}|(?<=(?![a-z])\p{Ll})\p{Lu}|(?<=(?![A-Z])\p{Lu})(?![A-Z])\p{Lu}(?=\p{Ll})/gu;

function count(text: string, pattern: RegExp): number {
  return text.match(pattern)?.length ?? 0;
}

function wordsIn(text: string): readonly string[] {
  return text.match(/\p{L}+/gu) ?? [];
}

function isMixed(word: string): boolean {
  const letters = [...word];
  return letters.some((c) => LATIN.test(c)) && letters.some((c) => !LATIN.test(c));
}
