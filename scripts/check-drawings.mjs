// Reads spoilt drawings, as many as wanted and by a seed: `npm run check:drawings 1000 7`.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

await bundle({
  entryPoints: ['e2e/drawings/fuzz.ts'],
  outfile: 'build/fuzz-drawings.mjs',
});
process.exitCode =
  spawnSync(process.execPath, ['build/fuzz-drawings.mjs', ...process.argv.slice(2)], { stdio: 'inherit' }).status ?? 1;
