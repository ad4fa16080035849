import { readFileSync } from 'node:fs';
import path from 'node:path';
import { faceFilePath, isShippedFace } from '@/core/shop';
import { attachmentReader } from '@/store';

/** Bytes of a face's file by its hash: as it ships, or as somebody brought it in; null where it is not here. */
export function faceReader(dataDir: string): (sha: string) => Uint8Array | null {
  const kept = attachmentReader(dataDir);
  return (sha) =>
    isShippedFace(sha) ? readFileSync(path.join(process.cwd(), 'public', faceFilePath(sha))) : kept(sha);
}
