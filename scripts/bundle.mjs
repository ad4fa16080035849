// How programs of ours become files that Node starts.
import { build } from 'esbuild';

/** @param {import('esbuild').BuildOptions} options where from and where to */
export async function bundle(options) {
  await build({
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    packages: 'external',
    logLevel: 'warning',
    ...options,
  });
}
