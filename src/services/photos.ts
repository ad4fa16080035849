import { createHash } from 'node:crypto';
import { imageSize } from 'image-size';
import { type Outcome, fail, ok } from '@/core/outcome';
import { findAttachment, putAttachment } from '@/store';
import type { Context } from './context';
import type { ServiceProblem } from './problem';

/** Longest side of a photo as it is kept: enough to measure half a millimetre on a towel. */
export const MOST_PHOTO_PX = 1600;
export const MOST_PHOTO_BYTES = 4_000_000;

export interface KeptPhoto {
  readonly sha: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Keeps a photo: a JPEG of at most `MOST_PHOTO_PX` on its longest side (the page makes it that small), without what the camera
 * wrote into it: place, time, owner.
 */
export async function keepPhoto(context: Context, bytes: Uint8Array): Promise<Outcome<KeptPhoto, ServiceProblem>> {
  const cleaned = withoutMetadata(bytes);
  const size = cleaned && sizeOf(cleaned);
  if (!cleaned || !size) return fail({ kind: 'badPhoto', why: 'noJpeg' });
  const { width: widthPx, height: heightPx } = size;
  if (Math.max(widthPx, heightPx) > MOST_PHOTO_PX) {
    return fail({ kind: 'badPhoto', why: 'tooLarge', widthPx, heightPx, mostPx: MOST_PHOTO_PX });
  }
  const sha = shaOf(cleaned);
  await putAttachment(context.store.db, sha, cleaned, context.nowIso());
  return ok({ sha, widthPx, heightPx });
}

/** True for a clean JPEG under its own hash: what another Knurl may bring along in a bundle. */
export function isPhotoOf(bytes: Uint8Array, sha: string): boolean {
  return bytes.length <= MOST_PHOTO_BYTES && withoutMetadata(bytes)?.length === bytes.length && shaOf(bytes) === sha;
}

function shaOf(bytes: Uint8Array): string {
  return createHash('sha256').update(bytes).digest('hex');
}

export async function photoBytes({ store }: Context, sha: string): Promise<Outcome<Uint8Array, ServiceProblem>> {
  const bytes = await findAttachment(store.db, sha);
  return bytes ? ok(bytes) : fail({ kind: 'photoNotFound', sha });
}

function sizeOf(jpeg: Uint8Array): { width: number; height: number } | null {
  try {
    return imageSize(jpeg);
  } catch {
    return null;
  }
}

const START_OF_SCAN = 0xda;
/** JFIF, and the colour transform that a picture cannot be shown rightly without. */
const KEPT_APP = [0xe0, 0xee];
const COMMENT = 0xfe;

/**
 * The JPEG without its application segments and comments: camera data, places, previews of the uncut picture. Null when it is no
 * whole JPEG. Segments are a marker (FF xx), a length of two bytes that counts itself, and the content.
 */
export function withoutMetadata(bytes: Uint8Array): Uint8Array | null {
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== 0xd8) return null;
  const parts: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return null;
    const marker = bytes[at + 1]!;
    const end = at + 2 + (bytes[at + 2]! << 8) + bytes[at + 3]!;
    if (end > bytes.length) return null;
    const isApp = marker >= 0xe0 && marker <= 0xef;
    if (marker !== COMMENT && (!isApp || KEPT_APP.includes(marker))) parts.push(bytes.subarray(at, end));
    if (marker === START_OF_SCAN) {
      // What stands behind the end of the picture is no part of it.
      const stop = endOfImage(bytes, end);
      return stop === null ? null : new Uint8Array(Buffer.concat([...parts, bytes.subarray(end, stop)]));
    }
    at = end;
  }
  return null;
}

/** The last FF D9: restart marks and further scans lie before it. */
function endOfImage(bytes: Uint8Array, from: number): number | null {
  for (let at = bytes.length - 2; at >= from; at--) {
    if (bytes[at] === 0xff && bytes[at + 1] === 0xd9) return at + 2;
  }
  return null;
}
