import { createHash } from 'node:crypto';

export const MOST_PHOTO_BYTES = 4_000_000;

/** True for a clean JPEG under its own hash: what another Knurl may bring along in a bundle. */
export function isPhotoOf(bytes: Uint8Array, sha: string): boolean {
  return bytes.length <= MOST_PHOTO_BYTES && withoutMetadata(bytes)?.length === bytes.length && shaOf(bytes) === sha;
}

export function shaOf(bytes: Uint8Array): string {
  return createHash('sha256').update(bytes).digest('hex');
}

const START_OF_SCAN = 0xda;
const END_OF_IMAGE = 0xd9;
const JFIF = 0xe0;

/** Tables, restart intervals and frames: what a picture is drawn from. The rest is about it, or another one. */
function isKept(marker: number, content: Uint8Array): boolean {
  const isFrame = marker >= 0xc0 && marker <= 0xcf && marker !== 0xc8;
  if (isFrame || [0xdb, 0xdd, START_OF_SCAN].includes(marker)) return true;
  return marker === JFIF && Buffer.from(content.subarray(0, 5)).toString('latin1') === 'JFIF\0';
}

/**
 * The JPEG without what is not needed to draw it: camera data, places, comments, previews, further pictures behind it. Null when it is
 * no whole JPEG. Segments are a marker (FF xx), a length of two bytes that counts itself, and the content; behind the head of a scan
 * stand its bytes, in which FF is followed by 00 or by a restart mark.
 */
export function withoutMetadata(bytes: Uint8Array): Uint8Array | null {
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== 0xd8) return null;
  const parts: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 2 <= bytes.length) {
    if (bytes[at] !== 0xff) return null;
    const marker = bytes[at + 1]!;
    if (marker === END_OF_IMAGE) {
      parts.push(bytes.subarray(at, at + 2));
      return parts.length > 2 ? new Uint8Array(Buffer.concat(parts)) : null;
    }
    // Any number of FF may stand before a marker.
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (at + 4 > bytes.length) return null;
    const end = at + 2 + (bytes[at + 2]! << 8) + bytes[at + 3]!;
    if (end > bytes.length || end < at + 4) return null;
    const stop = marker === START_OF_SCAN ? endOfScan(bytes, end) : end;
    if (isKept(marker, bytes.subarray(at + 4, end))) parts.push(bytes.subarray(at, stop));
    at = stop;
  }
  return null;
}

/** Where the bytes of a scan end: at the next marker, or where there is nothing more. */
function endOfScan(bytes: Uint8Array, from: number): number {
  let at = bytes.indexOf(0xff, from);
  while (at >= 0 && at + 1 < bytes.length) {
    const next = bytes[at + 1]!;
    const isRestart = next >= 0xd0 && next <= 0xd7;
    if (next !== 0x00 && !isRestart) return at;
    at = bytes.indexOf(0xff, at + 2);
  }
  return bytes.length;
}
