import { isShippedFace, partsOfFaceKey } from '@/core/shop';
import { findAttachment } from '@/store';
import type { Context } from './context';

/** Keys of faces whose files are not here. */
export async function missingFaces({ store }: Context, keys: Iterable<string>): Promise<string[]> {
  const missing: string[] = [];
  for (const key of keys) {
    const { sha } = partsOfFaceKey(key);
    if (!isShippedFace(sha) && (await findAttachment(store.db, sha)) === null) missing.push(key);
  }
  return missing;
}
