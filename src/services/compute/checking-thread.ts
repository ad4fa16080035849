import { faultsOfFile } from '@/store';

/** Entry of the thread that looks databases through; bundled by itself at build time. */
export function check(file: string): readonly string[] {
  return faultsOfFile(file);
}
