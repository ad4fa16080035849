// Measures what the core costs: bundled first, so that the time is that of the code and not of its loading.
import { spawnSync } from 'node:child_process';
import { build } from 'esbuild';

await build({
  entryPoints: ['bench/main.ts'],
  outfile: 'build/bench.mjs',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  logLevel: 'warning',
});
const { status } = spawnSync(process.execPath, ['--expose-gc', 'build/bench.mjs', ...process.argv.slice(2)], {
  stdio: 'inherit',
});
process.exitCode = status ?? 1;
