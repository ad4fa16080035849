// Installs and builds what is missing or out of date, and says so.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { keyOf, stampState, stamped } from './stamp.mjs';
import { Stopped } from './stopped.mjs';

const BUILT_FROM = [
  'src',
  'demo',
  'tools',
  'e2e/cut-file-checker',
  'public',
  'package.json',
  'package-lock.json',
  'next.config.ts',
  'tsconfig.json',
  'postcss.config.mjs',
  'scripts/build-bundles.mjs',
];

const BUILT_FILES = [
  '.next/BUILD_ID',
  'build/compute-thread.mjs',
  'build/checking-thread.mjs',
  'build/seed-demo.mjs',
  'build/restore.mjs',
  'build/check-cut-file.mjs',
];

/**
 * Runs a program to its end with its output in sight.
 * @param {string} command
 * @param {string[]} words
 * @param {Record<string, string>} env
 * @param {number} [limitMs] it is ended after this long
 * @returns {Promise<number>} its exit code; 1 when a signal ended it
 */
export function runProgram(command, words, env = {}, limitMs) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, words, { stdio: 'inherit', env: { ...process.env, ...env }, timeout: limitMs });
    child.on('error', reject);
    child.on('exit', (code) => resolve(code ?? 1));
  });
}

/** The packages and the database engine. */
export async function ensureInstalled() {
  await ensurePackages();
  await ensureEngine();
}

/** The packages as the lock file names them; the scripts of those that want one are run, but for the engine's. */
export async function ensurePackages() {
  const key = installKey();
  const state = stampState('install', key);
  if (state === 'current' && existsSync('node_modules/next')) return;
  say(
    state === 'unfinished'
      ? 'The last install did not finish. Installing the packages again; this takes a few minutes.'
      : 'Installing the packages; this takes a few minutes.',
  );
  await stamped('install', key, async () => {
    const words = ['ci', '--include=dev', '--no-audit', '--no-fund', '--ignore-scripts'];
    const code = (await runProgram('npm', words)) || (await runProgram('npm', ['rebuild', 'esbuild', '@swc/core']));
    if (code !== 0) {
      throw new Stopped(
        `The packages could not be installed (npm ended with ${code}). Its last lines say why; the way to the package registry is needed. Start again when that is mended.`,
      );
    }
  });
}

/** The database engine, compiled here with this Node's own headers. Takes longer than all else: a build can run beside it. */
export async function ensureEngine() {
  const key = installKey();
  const isThere = existsSync('node_modules/better-sqlite3/build/Release/better_sqlite3.node');
  if (stampState('engine', key) === 'current' && isThere) return;
  say('Compiling the database engine; this takes about two minutes.');
  await stamped('engine', key, async () => {
    const code = await runProgram('npm', ['rebuild', 'better-sqlite3'], {
      npm_config_build_from_source: 'true',
      npm_config_jobs: 'max',
      npm_config_nodedir: path.resolve(path.dirname(process.execPath), '..'),
    });
    if (code !== 0) {
      throw new Stopped(
        `The database engine could not be compiled (npm ended with ${code}). Its last lines say why; a compiler, make and python3 are needed. Start again when that is mended.`,
      );
    }
  });
}

function installKey() {
  return keyOf(['package-lock.json'], `${process.version} ${process.platform} ${process.arch}`);
}

export async function ensureBuilt() {
  const key = keyOf(BUILT_FROM, process.version);
  const state = stampState('build', key);
  if (state === 'current' && BUILT_FILES.every((file) => existsSync(file))) return;
  say(
    state === 'unfinished' ? 'The last build did not finish. Building again.' : 'Building; this takes about a minute.',
  );
  await stamped('build', key, async () => {
    for (const words of [['node_modules/next/dist/bin/next', 'build'], ['scripts/build-bundles.mjs']]) {
      const code = await runProgram(process.execPath, words, { NEXT_TELEMETRY_DISABLED: '1' });
      if (code !== 0) {
        throw new Stopped(`Knurl could not be built (${words[0]} ended with ${code}). The lines above say where.`);
      }
    }
  });
}

/** Debian's Chromium, for the tests that drive the real interface. */
export async function ensureChromium() {
  if (findChromium()) return;
  say('Installing Chromium from Debian’s packages for the browser tests.');
  const isRoot = process.getuid?.() === 0;
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  if (isRoot && (await runProgram('apt-get', ['update'], env)) === 0) {
    await runProgram('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], env);
  }
  if (!findChromium()) {
    throw new Stopped('The browser tests need Chromium: install Debian’s package "chromium" and run the tests again.');
  }
}

export function findChromium() {
  const found = spawnSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' });
  return found.status === 0 ? found.stdout.trim() : null;
}

/** @param {string} sentence */
export function say(sentence) {
  process.stdout.write(`${sentence}\n`);
}
