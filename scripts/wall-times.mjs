// Prints how long the wall of fits takes in a real browser; wants a build (`npm run build`) and Debian's Chromium.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

await bundle({
  entryPoints: ['e2e/measures/wall-times.ts'],
  outfile: 'build/wall-times.mjs',
});
const { status } = spawnSync(process.execPath, ['build/wall-times.mjs'], { stdio: 'inherit' });
process.exitCode = status ?? 1;
