// Everything that has to hold before a change may land, in the order in which it fails fastest; then one line of counts.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureBuilt, ensureChromium, ensureInstalled, runProgram, say } from './prepare.mjs';
import { Stopped } from './stopped.mjs';

const RESULTS = 'test-results';

/** A runner that hangs must not hold everything up; either takes two to three minutes here. */
const LIMIT_MS = 20 * 60_000;

/** @type {[name: string, script: string, words: string[], env?: Record<string, string>][]} */
const CHECKS = [
  ['formatting', 'node_modules/prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.']],
  ['lint', 'node_modules/eslint/bin/eslint.js', ['--max-warnings', '0', '.']],
  ['types', 'node_modules/typescript/bin/tsc', ['--noEmit', '-p', '.']],
  [
    'import directions',
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    ['src', 'demo', '--config', '.dependency-cruiser.cjs'],
  ],
];

/**
 * @param {string[]} words
 * @returns {Promise<number>} exit code
 */
export async function runTests(words) {
  if (words.length > 0) throw new Stopped('npm test takes no words; npm run unit and npm run e2e do.');
  await ensureInstalled();
  rmSync(RESULTS, { recursive: true, force: true });
  mkdirSync(RESULTS);
  const failedChecks = [];
  for (const [name, script, args] of CHECKS) {
    say(`\n${name}`);
    if ((await runProgram(process.execPath, [script, ...args])) !== 0) failedChecks.push(name);
  }
  say('\nunit tests');
  const unitCode = await runProgram(
    process.execPath,
    [
      '--experimental-vm-modules',
      '--no-warnings',
      'node_modules/jest/bin/jest.js',
      '--json',
      `--outputFile=${RESULTS}/unit.json`,
    ],
    {},
    LIMIT_MS,
  );
  const unit = unitCounts(unitCode);
  await ensureChromium();
  await ensureBuilt();
  say('\nend-to-end tests');
  const e2eCode = await runProgram(process.execPath, ['node_modules/@playwright/test/cli.js', 'test'], {}, LIMIT_MS);
  return report(failedChecks, unit, e2eCounts(e2eCode));
}

/**
 * @param {string[]} failedChecks
 * @param {{ code: number, passed: number, failed: number }} unit
 * @param {{ code: number, passed: number, failed: number }} e2e
 */
function report(failedChecks, unit, e2e) {
  const passed = CHECKS.length - failedChecks.length + unit.passed + e2e.passed;
  const failed = failedChecks.length + unit.failed + e2e.failed;
  if (failedChecks.length > 0) say(`\nnot in order: ${failedChecks.join(', ')}`);
  say(`\n${passed} passed, ${failed} failed`);
  return failed > 0 || unit.code !== 0 || e2e.code !== 0 ? 1 : 0;
}

/** A runner that wrote no result counts as one failure, so that a crash cannot look like success. @param {number} code */
function unitCounts(code) {
  const result = readJson(`${RESULTS}/unit.json`);
  if (!result) return { code, passed: 0, failed: 1 };
  // A file that does not even load has no tests in it and is one failure.
  const failed = Math.max(result.numFailedTests + result.numRuntimeErrorTestSuites, code === 0 ? 0 : 1);
  return { code, passed: result.numPassedTests, failed };
}

/** @param {number} code */
function e2eCounts(code) {
  const stats = readJson(`${RESULTS}/e2e.json`)?.stats;
  if (!stats) return { code, passed: 0, failed: 1 };
  return { code, passed: stats.expected, failed: Math.max(stats.unexpected + stats.flaky, code === 0 ? 0 : 1) };
}

/** @param {string} file */
function readJson(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}
