// Bundles what Node starts from a file of its own: the server's worker thread, the seeding of the demo, the checker.
import { bundle } from './bundle.mjs';

await bundle({
  entryPoints: {
    'compute-thread': 'src/services/compute/thread.ts',
    'packing-thread': 'src/services/compute/packing-thread.ts',
    'face-thread': 'src/services/compute/face-thread.ts',
    'reading-thread': 'src/services/compute/reading-thread.ts',
    'checking-thread': 'src/services/compute/checking-thread.ts',
    'set-aside': 'tools/set-aside.ts',
    restore: 'tools/restore.ts',
    'seed-demo': 'demo/seed-demo.ts',
    'write-schema': 'tools/write-schema.ts',
    'write-motifs': 'tools/write-motifs.ts',
    'write-fixture': 'tools/write-fixture.ts',
    'check-cut-file': 'e2e/cut-file-checker/cli.ts',
  },
  outdir: 'build',
  outExtension: { '.js': '.mjs' },
});
