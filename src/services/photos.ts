import { imageSize } from 'image-size';
import { type Outcome, fail, ok } from '@/core/outcome';
import { findAttachment, putAttachment } from '@/store';
import type { Context } from './context';
import { shaOf, withoutMetadata } from './jpeg';
import type { ServiceProblem } from './problem';

/** Longest side of a photo as it is kept: enough to measure half a millimetre on a towel. */
export const MOST_PHOTO_PX = 1600;

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
  if (!cleaned || !size || size.width === 0 || size.height === 0) return fail({ kind: 'badPhoto', why: 'noJpeg' });
  const { width: widthPx, height: heightPx } = size;
  if (Math.max(widthPx, heightPx) > MOST_PHOTO_PX) {
    return fail({ kind: 'badPhoto', why: 'tooLarge', widthPx, heightPx, mostPx: MOST_PHOTO_PX });
  }
  const sha = shaOf(cleaned);
  await putAttachment(context.store.db, sha, cleaned, context.nowIso());
  return ok({ sha, widthPx, heightPx });
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
