// Holds card, bench, template, proof, beds and fits against each other at as many made-up places as wanted:
// `npm run check:positions 200 [seed]`. Wants a build.
import { spawnSync } from 'node:child_process';

const [count = '200', seed] = process.argv.slice(2);
const { status } = spawnSync(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', 'one-position'], {
  stdio: 'inherit',
  env: { ...process.env, KNURL_PLACES: count, ...(seed ? { KNURL_SEED: seed } : {}) },
});
process.exitCode = status ?? 1;
