// Holds shaping against the machine's own engine, in every shipped face: `npm run check:shaping [texts]`. Wants libharfbuzz-bin.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

await bundle({ entryPoints: ['e2e/measures/compare-shaping.ts'], outfile: 'build/compare-shaping.mjs' });
const { status } = spawnSync(process.execPath, ['build/compare-shaping.mjs', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
process.exitCode = status ?? 1;
