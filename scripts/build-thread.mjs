// Bundles the entry of the server's worker thread: threads start from a file, which the framework's build does not leave.
import { build } from 'esbuild';

await build({
  entryPoints: ['src/services/compute/thread.ts'],
  outfile: 'build/compute-thread.mjs',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  logLevel: 'warning',
});
