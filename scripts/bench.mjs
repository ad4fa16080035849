// Measures what the core costs: bundled first, so that the time is that of the code and not of its loading.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

await bundle({
  entryPoints: ['bench/main.ts'],
  outfile: 'build/bench.mjs',
});
const { status } = spawnSync(process.execPath, ['--expose-gc', 'build/bench.mjs', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
process.exitCode = status ?? 1;
