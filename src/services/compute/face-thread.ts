import { readFaceFile } from '../face-file/read-face-file';

/** Entry of the thread that reads font files; bundled by itself at build time. It ends with each of them, so that it loads little. */
export function face({ bytes, fileName }: { readonly bytes: Uint8Array; readonly fileName: string }) {
  return readFaceFile(bytes, fileName);
}
