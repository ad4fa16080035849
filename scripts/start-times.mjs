// How long a start takes when everything is built and the data is there: `npm run bench:start`, or so many starts. Wants a build.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const PORT = 4794;
const numStarts = Number(process.argv[2] ?? 3);
const dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-starts-'));

/** Seconds until the address is printed. */
async function start() {
  const startedMs = performance.now();
  const child = spawn(process.execPath, ['scripts/knurl.cjs', 'demo', '--port', String(PORT)], {
    env: { ...process.env, KNURL_DATA_DIR: dataDir },
  });
  try {
    let printed = '';
    for await (const text of child.stdout) {
      printed += String(text);
      if (printed.includes('Knurl runs at')) return (performance.now() - startedMs) / 1000;
    }
    throw new Error(`It did not start: ${printed}`);
  } finally {
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGINT');
    if (child.exitCode === null) await ended;
  }
}

try {
  process.stdout.write(`first start, with the demo seeded: ${(await start()).toFixed(1)} s\n`);
  for (let i = 0; i < numStarts; i++) process.stdout.write(`again: ${(await start()).toFixed(1)} s\n`);
} finally {
  rmSync(dataDir, { recursive: true, force: true });
}
