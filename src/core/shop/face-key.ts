import { z } from 'zod';

/** Where the axes of a variable face are set, by their tags; nothing for a face that does not vary. */
export type FaceAxes = Readonly<Record<string, number>>;

/** As many axes as a face may have set. */
export const MOST_AXES = 8;

/** Hash of the face's file; of a variable one followed by where its axes are set: `…@wdth=80,wght=700`. */
export const faceKeySchema = z
  .string()
  .max(220)
  .regex(/^[0-9a-f]{64}(@[A-Za-z0-9]{4}=-?\d{1,5}(\.\d{1,3})?(,[A-Za-z0-9]{4}=-?\d{1,5}(\.\d{1,3})?){0,7})?$/);

/** What a face is called by wherever it is used. Equal settings give equal keys. */
export function faceKey(sha: string, axes: FaceAxes): string {
  const set = Object.entries(axes)
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([tag, value]) => `${tag}=${Math.round(value * 1000) / 1000}`);
  return set.length === 0 ? sha : `${sha}@${set.join(',')}`;
}

/** The file of a face, and where its axes are set. */
export function partsOfFaceKey(key: string): { readonly sha: string; readonly axes: FaceAxes } {
  const [sha = '', set = ''] = key.split('@');
  const axes = set.split(',').flatMap((one) => {
    const [tag, value] = one.split('=');
    return tag && value !== undefined ? [[tag, Number(value)] as const] : [];
  });
  return { sha, axes: Object.fromEntries(axes) };
}
