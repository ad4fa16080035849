import { readListFile } from '../list-file/read-list-file';

/** Entry of the thread that reads files from outside; bundled by itself at build time. It may be ended at any moment. */
export function readList({ bytes, fileName }: { bytes: Uint8Array; fileName: string }) {
  return readListFile(bytes, fileName);
}
