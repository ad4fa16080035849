import type { Encoding } from '@/core/intake';
import { readListFile } from '../list-file/read-list-file';

export interface ReadRequest {
  readonly bytes: Uint8Array;
  readonly fileName: string;
  readonly encoding: Encoding | null;
}

/** Entry of the thread that reads files from outside; bundled by itself at build time. It may be ended at any moment. */
export function readList({ bytes, fileName, encoding }: ReadRequest) {
  return readListFile(bytes, fileName, encoding);
}
