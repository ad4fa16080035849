// Starts Knurl: prepares what is missing, seeds the demo where asked, runs the server and tells its address.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, realpathSync } from 'node:fs';
import { get } from 'node:http';
import { createServer } from 'node:net';
import path from 'node:path';
import { json } from 'node:stream/consumers';
import { readArguments } from './arguments.mjs';
import { ensureBuilt, ensureInstalled, runProgram, say } from './prepare.mjs';
import { Stopped } from './stopped.mjs';

/** Longer than whoever asks keeps a connection: one that is closed while it is used again is an answer that never comes. */
const KEEP_ALIVE_MS = '65000';
const HOST = '127.0.0.1';
const START_LIMIT_MS = 120_000;
const HEALTH_LIMIT_MS = 2000;
/** What setting aside ends with when another works on the folder. */
const IN_USE = 3;

/**
 * @param {'demo' | 'start'} command
 * @param {string[]} words
 */
export async function start(command, words) {
  const { port, reset } = readArguments(words);
  const dataDir = dataFolder();
  const url = `http://${HOST}:${port}`;
  await refuseSecondServer(dataDir);
  await refuseTakenPort(port);
  await ensureInstalled();
  await ensureBuilt();
  if (reset) await setAside(dataDir);
  if (command === 'demo' && isFresh(dataDir)) await seedDemo(dataDir);
  await serve({ port, url, dataDir });
}

/** The one name of the folder, whichever links lead to it. */
export function dataFolder() {
  const named = path.resolve(process.env.KNURL_DATA_DIR ?? 'data');
  try {
    mkdirSync(named, { recursive: true });
    return realpathSync(named);
  } catch (error) {
    const { code } = /** @type {NodeJS.ErrnoException} */ (error);
    throw new Stopped(
      `The data folder ${named} cannot be made or read (${code}). Set KNURL_DATA_DIR to a folder that you may write.`,
    );
  }
}

/** Neither a database nor remains of one: those are for the server to judge. @param {string} dataDir */
function isFresh(dataDir) {
  return ['knurl.sqlite', 'knurl-server.json', 'knurl-acknowledged.json', 'backups'].every(
    (name) => !existsSync(path.join(dataDir, name)),
  );
}

/** The lock in the server is the truth; asking first saves a build and gives the address. @param {string} dataDir */
async function refuseSecondServer(dataDir) {
  let running;
  try {
    running = JSON.parse(readFileSync(path.join(dataDir, 'knurl-server.json'), 'utf8'));
  } catch {
    return;
  }
  const health = running.url ? await healthOf(running.url) : null;
  if (health?.dataDir === dataDir) {
    throw new Stopped(
      `Knurl already runs on ${dataDir}, at ${running.url}. Use that one, stop it first, or set KNURL_DATA_DIR to another folder.`,
    );
  }
}

/**
 * One connection a question, ended by a timer of ours: the built-in fetch was seen to keep an answer's body waiting for good, one start
 * in seven, although its time was up.
 * @param {string} url
 * @returns {Promise<{ dataDir?: string } | null>}
 */
async function healthOf(url) {
  const asked = get(`${url}/api/health`, { agent: false });
  // Late in the answer it is the answer that fails; nobody else listens for it then.
  asked.on('error', () => undefined);
  const timer = setTimeout(() => asked.destroy(new Error('late')), HEALTH_LIMIT_MS);
  try {
    const [response] = await once(asked, 'response');
    // A server that cannot write says so with 503, and is there all the same.
    const isThere = response.statusCode === 200 || response.statusCode === 503;
    const health = await json(response);
    return isThere ? /** @type {object} */ (health) : null;
  } catch {
    return null;
  } finally {
    clearTimeout(timer);
  }
}

/** @param {number} port */
function refuseTakenPort(port) {
  return new Promise((resolve, reject) => {
    // A page that was left open asks for its server all the time: one that is let in keeps the probe from ending.
    const probe = createServer((asked) => asked.destroy());
    probe.once('error', (/** @type {NodeJS.ErrnoException} */ error) => {
      const why =
        error.code === 'EADDRINUSE'
          ? `Port ${port} is taken by another program.`
          : `Port ${port} cannot be used (${error.code}).`;
      reject(new Stopped(`${why} Choose another, for example: npm run demo -- --port ${port + 1}`));
    });
    probe.listen(port, HOST, () => probe.close(() => resolve(undefined)));
  });
}

/** Under the lock that a server holds: one that does not answer may work there all the same. @param {string} dataDir */
async function setAside(dataDir) {
  const code = await runProgram(process.execPath, ['build/set-aside.mjs'], { KNURL_DATA_DIR: dataDir });
  if (code === IN_USE) {
    throw new Stopped(`A Knurl works on ${dataDir}, so that nothing was touched. Stop it first, then start over.`);
  }
  if (code !== 0) throw new Stopped('What was there could not be set aside. The lines above say why.');
}

/** @param {string[]} words */
export async function restore(words) {
  if (words.length > 1 || (words[0]?.startsWith('--') && words[0] !== '--list')) {
    throw new Stopped('npm run restore takes the name of a copy, or --list; without either it takes the newest.');
  }
  const dataDir = dataFolder();
  await ensureInstalled();
  await ensureBuilt();
  process.exitCode = await runProgram(process.execPath, ['build/restore.mjs', ...words], { KNURL_DATA_DIR: dataDir });
}

/** @param {string} dataDir */
async function seedDemo(dataDir) {
  say('Seeding the demo.');
  const code = await runProgram(process.execPath, ['build/seed-demo.mjs'], { KNURL_DATA_DIR: dataDir });
  if (code !== 0) throw new Stopped(`The demo could not be seeded (it ended with ${code}). The lines above say why.`);
}

/** @param {{ port: number, url: string, dataDir: string }} at */
async function serve({ port, url, dataDir }) {
  const words = [
    'node_modules/next/dist/bin/next',
    'start',
    '-H',
    HOST,
    '-p',
    String(port),
    '--keepAliveTimeout',
    KEEP_ALIVE_MS,
  ];
  const server = spawn(process.execPath, words, {
    // The framework's own banner names an address that other machines cannot reach; errors stay in sight.
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      KNURL_DATA_DIR: dataDir,
      KNURL_URL: url,
      NEXT_TELEMETRY_DISABLED: '1',
    },
  });
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM'])) process.on(signal, () => server.kill(signal));
  const ended = new Promise((resolve) => server.on('exit', (code, signal) => resolve({ code, signal })));
  const first = await Promise.race([ended, answers(url, dataDir)]);
  if (first === 'answers') say(`\nKnurl runs at ${url}\nThe data is in ${dataDir}. Stop it with Ctrl C.`);
  if (first === 'silent') {
    server.kill();
    throw new Stopped('The server did not answer within two minutes. The lines above may say why; start again.');
  }
  const { code, signal } = /** @type {{ code: number | null, signal: string | null }} */ (await ended);
  if (signal !== null && signal !== 'SIGINT' && signal !== 'SIGTERM') {
    throw new Stopped(`The server was ended by ${signal}. Every mark it had acknowledged is kept; start it again.`);
  }
  process.exitCode = code ?? 0;
}

/**
 * @param {string} url
 * @param {string} dataDir
 */
async function answers(url, dataDir) {
  const limit = Date.now() + START_LIMIT_MS;
  while (Date.now() < limit) {
    if ((await healthOf(url))?.dataDir === dataDir) return 'answers';
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return 'silent';
}
