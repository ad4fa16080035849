import { ENCODINGS, type Encoding, ONE_BYTE, type OneByte, likelihood, oneByteText } from './encodings';

export interface DecodedText {
  readonly text: string;
  readonly encoding: Encoding;
  /** Bytes that are no text in that encoding; each stands as U+FFFD. */
  readonly numBroken: number;
  /** Where the encoding was guessed by its letters: how some of them would look in each, the chosen one first. */
  readonly readings: readonly EncodingReading[];
}

export interface EncodingReading {
  readonly encoding: Encoding;
  /** Words with letters beyond a to z. */
  readonly sample: string;
}

export function isEncoding(name: string): name is Encoding {
  return (ENCODINGS as readonly string[]).includes(name);
}

/**
 * Text of a file. A byte order mark says the encoding; without one UTF-16 is told by its zero bytes, UTF-8 by being right, and what
 * is neither comes from an older program: the encoding whose letters make words of one language. A person who sees otherwise says
 * which it is.
 */
export function decodeText(bytes: Uint8Array, told: Encoding | null = null): DecodedText {
  if (told === null) {
    if (bytes[0] === 0xff && bytes[1] === 0xfe) return decoded(bytes.subarray(2), 'utf-16le');
    if (bytes[0] === 0xfe && bytes[1] === 0xff) return decoded(bytes.subarray(2), 'utf-16be');
    const hasMark = bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf;
    if (hasMark) return decoded(bytes.subarray(3), 'utf-8');
    const wide = wideOrder(bytes);
    if (wide) return decoded(bytes, wide);
    const utf8 = decoded(bytes, 'utf-8');
    // A few broken bytes in much right UTF-8 are damage, not another encoding.
    const numWide = (utf8.text.match(/[\u0080-\ufffc]/gu) ?? []).length;
    if (utf8.numBroken === 0 || utf8.numBroken * 4 < numWide) return utf8;
  }
  const sample = farPart(bytes);
  const ranked = ONE_BYTE.map((encoding, i) => ({
    encoding,
    i,
    says: likelihood(oneByteText(sample, encoding), encoding),
  }))
    .sort((a, b) => b.says - a.says || a.i - b.i)
    .map(({ encoding }): Encoding => encoding);
  const encoding = told ?? ranked[0]!;
  const others = ranked.filter((other) => other !== encoding);
  return {
    ...decoded(bytes, encoding),
    readings: [encoding, ...others].map((one) => ({ encoding: one, sample: farWords(decoded(sample, one).text) })),
  };
}

function decoded(bytes: Uint8Array, encoding: Encoding): DecodedText {
  const text = isOneByte(encoding)
    ? oneByteText(bytes, encoding)
    : new TextDecoder(encoding, { ignoreBOM: true }).decode(bytes);
  return { text, encoding, numBroken: (text.match(/\ufffd/g) ?? []).length, readings: [] };
}

function isOneByte(encoding: Encoding): encoding is OneByte {
  return (ONE_BYTE as readonly string[]).includes(encoding);
}

const MOST_SAMPLED = 20_000;

/** Lines that have bytes beyond ASCII, so that a few names far down in a long list are judged too. */
function farPart(bytes: Uint8Array): Uint8Array {
  const parts: number[] = [];
  let start = 0;
  let isFar = false;
  for (let i = 0; i <= bytes.length && parts.length < MOST_SAMPLED; i++) {
    const byte = bytes[i];
    if (byte !== undefined && byte >= 0x80) isFar = true;
    if (byte !== undefined && byte !== 10 && byte !== 13) continue;
    if (isFar) parts.push(...bytes.subarray(start, Math.min(i, start + MOST_SAMPLED)), 10);
    start = i + 1;
    isFar = false;
  }
  return Uint8Array.from(parts);
}

const MOST_WORDS = 3;

function farWords(text: string): string {
  const words = text.split(/[\s;,\t"]+/).filter((word) => /[^\u0000-\u007f]/.test(word));
  return [...new Set(words)].slice(0, MOST_WORDS).join(' ');
}

const SAMPLE = 4096;

/** Every other byte of Latin text in UTF-16 is zero; text in one-byte encodings has none. */
function wideOrder(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | null {
  const length = Math.min(bytes.length, SAMPLE) & ~1;
  if (length < 4) return null;
  let [evenZeros, oddZeros] = [0, 0];
  for (let i = 0; i < length; i += 2) {
    if (bytes[i] === 0) evenZeros++;
    if (bytes[i + 1] === 0) oddZeros++;
  }
  const pairs = length / 2;
  if (oddZeros > pairs * 0.4 && evenZeros < pairs * 0.1) return 'utf-16le';
  return evenZeros > pairs * 0.4 && oddZeros < pairs * 0.1 ? 'utf-16be' : null;
}
