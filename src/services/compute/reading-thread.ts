import { createHash } from 'node:crypto';
import { hashWith } from '@/core/geometry';
import type { Encoding } from '@/core/intake';
import { readMotif } from '@/core/motifs';
import { readBundle } from '../bundle-file';
import { readListFile } from '../list-file/read-list-file';

export interface ReadRequest {
  readonly bytes: Uint8Array;
  readonly fileName: string;
  readonly encoding: Encoding | null;
}

/** Entry of the thread that reads files from outside; bundled by itself at build time. It may be ended at any moment. */
hashWith((text) => createHash('sha256').update(text).digest('hex'));

export function readList({ bytes, fileName, encoding }: ReadRequest) {
  return readListFile(bytes, fileName, encoding);
}

export function motif({ text, name }: { readonly text: string; readonly name: string }) {
  return readMotif(text, name);
}

export function bundle(bytes: Uint8Array) {
  return readBundle(bytes);
}
