// Everything that has to hold before a change may land, in two lanes side by side; then one line of counts.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureBuilt, ensureChromium, ensureEngine, ensurePackages, say } from './prepare.mjs';
import { Stopped } from './stopped.mjs';

const RESULTS = 'test-results';

/** A runner that hangs must not hold everything up; on a machine at half its speed journeys take half an hour. */
const LIMIT_MS = 60 * 60_000;

/** @type {[name: string, script: string, words: string[]][]} */
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

const UNIT = [
  '--experimental-vm-modules',
  '--no-warnings',
  'node_modules/jest/bin/jest.js',
  '--config=jest.bundles.config.mjs',
  // Half of what journeys do is waiting: two workers beside them are done sooner than one.
  '--maxWorkers=2',
  '--json',
  `--outputFile=${RESULTS}/unit.json`,
];

/** @type {{ name: string, seconds: number }[]} */
const phases = [];

/**
 * @param {string[]} words
 * @returns {Promise<number>} exit code
 */
export async function runTests(words) {
  if (words.length > 0) throw new Stopped('npm test takes no words; npm run unit and npm run e2e do.');
  await timed('packages', ensurePackages);
  rmSync(RESULTS, { recursive: true, force: true });
  mkdirSync(RESULTS);
  await timed('browser', ensureChromium);
  // Compiled while the sources are built and checked: nothing of that opens a database.
  const engine = timed('engine', ensureEngine);
  const [sources, application] = await Promise.all([sourcesLane(engine), applicationLane(engine)]);
  return report([...sources.failed, ...application.failed], sources.unit, application.e2e);
}

/**
 * Unit tests, then the slowest check.
 * @param {Promise<void>} engine
 */
async function sourcesLane(engine) {
  // What bundles them is a package, which is not there when this file is read.
  const { bundleTests } = await import('./bundle-tests.mjs');
  await timed('bundling', bundleTests);
  await engine;
  const code = await timed('unit tests', () => told('unit tests', UNIT));
  return { failed: await checked(CHECKS.filter(([name]) => name === 'lint')), unit: unitCounts(code) };
}

/**
 * A build and the quick checks, then journeys through what was built.
 * @param {Promise<void>} engine
 */
async function applicationLane(engine) {
  await timed('build', ensureBuilt);
  const failed = await checked(CHECKS.filter(([name]) => name !== 'lint'));
  await engine;
  const code = await timed('journeys', () => told('journeys', ['node_modules/@playwright/test/cli.js', 'test']));
  return { failed, e2e: e2eCounts(code) };
}

/** @param {typeof CHECKS} checks */
async function checked(checks) {
  const failed = [];
  for (const [name, script, args] of checks) {
    if ((await timed(name, () => told(name, [script, ...args]))) !== 0) failed.push(name);
  }
  return failed;
}

/**
 * Runs a program and tells all that it said once it has ended: two lanes that write at once cannot be read.
 * @param {string} name
 * @param {string[]} words
 * @returns {Promise<number>} its exit code; 1 when a signal ended it
 */
function told(name, words) {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, words, { stdio: ['ignore', 'pipe', 'pipe'], timeout: LIMIT_MS });
    /** @type {Buffer[]} */
    const output = [];
    child.stdout.on('data', (part) => output.push(part));
    child.stderr.on('data', (part) => output.push(part));
    child.on('error', reject);
    child.on('close', (code) => {
      say(`\n${name}`);
      process.stdout.write(Buffer.concat(output));
      resolve(code ?? 1);
    });
  });
}

/**
 * @template T
 * @param {string} name
 * @param {() => Promise<T>} work
 */
async function timed(name, work) {
  const start = Date.now();
  try {
    return await work();
  } finally {
    phases.push({ name, seconds: (Date.now() - start) / 1000 });
  }
}

/**
 * @param {string[]} failedChecks
 * @param {{ code: number, passed: number, failed: number }} unit
 * @param {{ code: number, passed: number, failed: number }} e2e
 */
function report(failedChecks, unit, e2e) {
  const passed = CHECKS.length - failedChecks.length + unit.passed + e2e.passed;
  const failed = failedChecks.length + unit.failed + e2e.failed;
  say(`\n${phases.map(({ name, seconds }) => `${name} ${seconds.toFixed(0)} s`).join(', ')}`);
  if (failedChecks.length > 0) say(`not in order: ${failedChecks.join(', ')}`);
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
