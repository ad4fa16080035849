// A list of as many entries as a run may have, through the real interface: `npm run check:large [entries]`. Wants a build.
import { spawnSync } from 'node:child_process';

const [entries = '20000'] = process.argv.slice(2);
const { status } = spawnSync(
  process.execPath,
  ['node_modules/@playwright/test/cli.js', 'test', 'list-journey', '-g', 'a large list works'],
  { stdio: 'inherit', env: { ...process.env, KNURL_ENTRIES: entries } },
);
process.exitCode = status ?? 1;
