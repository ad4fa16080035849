import { imageSize } from 'image-size';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { KeptPhoto } from '@/services';
import { api } from './api';
import { problemSentence } from './problem-sentence';

/** More would take the browser a gigabyte to look at. */
const MOST_MEGAPIXELS = 36;
/** As large as the server keeps one. */
const KEPT_PX = 1600;
const QUALITY = 0.86;

/**
 * Makes a picture file as small as it is kept and sends it. It is drawn anew, so nothing that the camera wrote into it goes along.
 * The problem is a sentence: what is wrong with which file, and what would do.
 */
export async function keepPhotoFile(file: File): Promise<Outcome<KeptPhoto, string>> {
  const size = await sizeOf(file);
  if (!size) return fail(`${file.name} is no picture that can be opened. Take a JPEG or PNG.`);
  const megapixels = (size.width * size.height) / 1_000_000;
  if (megapixels > MOST_MEGAPIXELS) {
    return fail(
      `${file.name} has ${Math.round(megapixels)} megapixels (${size.width} × ${size.height}); up to ${MOST_MEGAPIXELS} are read. Make it smaller, or take it with a smaller setting: 2 are plenty.`,
    );
  }
  const jpeg = await drawnSmall(file, size);
  if (!jpeg) return fail(`${file.name} says it is a picture, and cannot be drawn: it is damaged. Take it again.`);
  const kept = await api.keepPhoto(jpeg);
  return kept.ok ? ok(kept.value) : fail(problemSentence(kept.problem));
}

async function sizeOf(file: File): Promise<{ width: number; height: number } | null> {
  try {
    const { width, height, type } = imageSize(new Uint8Array(await file.slice(0, 512_000).arrayBuffer()));
    return type === 'svg' ? null : { width, height };
  } catch {
    return null;
  }
}

/** What a picture is made smaller by, so that its longest side is kept; small ones stay as they are. */
export function keptScale(width: number, height: number): number {
  return Math.min(1, KEPT_PX / Math.max(width, height));
}

/** Whole pixels of a picture made smaller; a very narrow one keeps one. */
export function scaledSize({ width, height }: { width: number; height: number }, scale: number) {
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

async function drawnSmall(file: File, { width, height }: { width: number; height: number }): Promise<Blob | null> {
  try {
    const scale = keptScale(width, height);
    const bitmap = await createImageBitmap(file);
    // The camera's turn is applied by now, so the sides may have changed over.
    const canvas = document.createElement('canvas');
    Object.assign(canvas, scaledSize(bitmap, scale));
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    return await new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
  } catch {
    return null;
  }
}
