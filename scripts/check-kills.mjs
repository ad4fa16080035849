// Kills the server in the middle of marks and saves as often as wanted: `npm run check:kills 20`. Wants a build.
import { spawnSync } from 'node:child_process';

const [count = '20'] = process.argv.slice(2);
const { status } = spawnSync(
  process.execPath,
  ['node_modules/@playwright/test/cli.js', 'test', 'kill-nine', '-g', 'random moments'],
  { stdio: 'inherit', env: { ...process.env, KNURL_KILLS: count } },
);
process.exitCode = status ?? 1;
