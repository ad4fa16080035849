// Reads spoilt font files, as many as wanted and by a seed: `npm run check:faces 300 7`.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

await bundle({
  entryPoints: ['e2e/faces/fuzz.ts'],
  outfile: 'build/fuzz-faces.mjs',
});
process.exitCode =
  spawnSync(process.execPath, ['build/fuzz-faces.mjs', ...process.argv.slice(2)], { stdio: 'inherit' }).status ?? 1;
