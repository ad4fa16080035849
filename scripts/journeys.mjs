// Journeys with more of something than their share in `npm test`; they want a build.
import { spawnSync } from 'node:child_process';

/**
 * @param {string[]} words which journeys, as the runner takes them
 * @param {Record<string, string>} env how much of what
 */
export function runJourneys(words, env) {
  const { status } = spawnSync(process.execPath, ['node_modules/@playwright/test/cli.js', 'test', ...words], {
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  process.exitCode = status ?? 1;
}
