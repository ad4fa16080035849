export interface DecodedText {
  readonly text: string;
  readonly encoding: 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';
  /** Bytes that are no text in that encoding; each stands as U+FFFD. */
  readonly numBroken: number;
}

/**
 * Text of a file. A byte order mark says the encoding; without one UTF-16 is told by its zero bytes, UTF-8 by being right,
 * and what is neither comes from an older program of western Europe.
 */
export function decodeText(bytes: Uint8Array): DecodedText {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return decoded(bytes.subarray(2), 'utf-16le');
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return decoded(bytes.subarray(2), 'utf-16be');
  const hasMark = bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf;
  if (hasMark) return decoded(bytes.subarray(3), 'utf-8');
  const wide = wideOrder(bytes);
  if (wide) return decoded(bytes, wide);
  const utf8 = decoded(bytes, 'utf-8');
  // A few broken bytes in much right UTF-8 are damage, not another encoding.
  const numWide = (utf8.text.match(/[\u0080-\ufffc]/gu) ?? []).length;
  return utf8.numBroken === 0 || utf8.numBroken * 4 < numWide ? utf8 : decoded(bytes, 'windows-1252');
}

function decoded(bytes: Uint8Array, encoding: DecodedText['encoding']): DecodedText {
  const text =
    encoding === 'windows-1252' ? westernText(bytes) : new TextDecoder(encoding, { ignoreBOM: true }).decode(bytes);
  return { text, encoding, numBroken: (text.match(/\ufffd/g) ?? []).length };
}

/** What stands at 0x80 to 0x9f; five places stand for nothing and are taken as they are. */
const WESTERN = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

/** By our own table: this version of Node reads those places as Latin-1, browsers do not. */
function westernText(bytes: Uint8Array): string {
  const latin = new TextDecoder('latin1').decode(bytes);
  return latin.replace(/[\u0080-\u009f]/g, (c) => WESTERN[c.charCodeAt(0) - 0x80]!);
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
