// Bundles what Node starts from a file of its own: the server's worker thread and the seeding of the demo.
import { build } from 'esbuild';

await build({
  entryPoints: { 'compute-thread': 'src/services/compute/thread.ts', 'seed-demo': 'demo/seed-demo.ts' },
  outdir: 'build',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  logLevel: 'warning',
});
