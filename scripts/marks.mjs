// Marks of five stations at once, ten a second each: `npm run bench:marks`, or for so many seconds. Wants a build. Each station follows the
// run as its page does, over a stream.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const PORT = 4792;
const URL = `http://127.0.0.1:${PORT}`;
const STATIONS = 5;
const EVERY_MS = 100;
const NAMES = 500;
const seconds = Number(process.argv[2] ?? 60);

const dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-marks-'));
const server = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(PORT), '--keepAliveTimeout', '65000'],
  {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NODE_ENV: 'production', KNURL_DATA_DIR: dataDir, KNURL_URL: URL },
  },
);
const pause = (/** @type {number} */ ms) => new Promise((resolve) => setTimeout(resolve, ms));
const json = async (/** @type {string} */ at, init = {}) => (await fetch(URL + at, init)).json();
const withBody = (/** @type {string} */ method, /** @type {unknown} */ body, headers = {}) => ({
  method,
  headers: { 'content-type': 'application/json', ...headers },
  body: JSON.stringify(body),
});

/** Processor time of the server with all its threads, ms. */
function cpuMs() {
  const words = readFileSync(`/proc/${server.pid}/stat`, 'utf8').split(') ')[1].split(' ');
  return (Number(words[11]) + Number(words[12])) * 10;
}

/** @param {string} id @param {AbortSignal} signal */
async function follow(id, signal) {
  try {
    const stream = await fetch(`${URL}/api/runs/${id}/events`, { signal });
    for await (const _ of stream.body ?? []) continue;
  } catch {
    // It ends with the measure.
  }
}

try {
  for (let i = 0; i < 200; i++) {
    if (
      await fetch(`${URL}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      )
    )
      break;
    await pause(100);
  }
  const word = (/** @type {number} */ i) =>
    [...i.toString(20)].map((digit) => 'abcdefghilmnoprstuvy'[parseInt(digit, 20)]).join('');
  const list = Array.from({ length: NAMES }, (_, i) => `Perpetua M${word(i)}`).join('\n');
  const { id } = await json('/api/runs', withBody('POST', { title: 'Marks', list }));
  while ((await fetch(`${URL}/api/runs/${id}/passes`, withBody('POST', {}))).ok) continue;
  const { items } = await json(`/api/runs/${id}/tally`);
  const end = new AbortController();
  for (let i = 0; i < STATIONS; i++) void follow(id, end.signal);
  /** @type {number[]} */
  const times = [];
  let refused = 0;
  const startCpu = cpuMs();
  const start = performance.now();
  await Promise.all(
    Array.from({ length: STATIONS }, async (_, station) => {
      await pause((station * EVERY_MS) / STATIONS);
      for (let i = 0; performance.now() - start < seconds * 1000; i++) {
        const due = start + i * EVERY_MS + (station * EVERY_MS) / STATIONS;
        await pause(Math.max(0, due - performance.now()));
        const piece = items[(i * STATIONS + station) % NAMES].pieces[0];
        const sent = performance.now();
        const answer = await fetch(
          `${URL}/api/runs/${id}/acts`,
          withBody('POST', {
            id: `mark-${station}-${i}-of-many`,
            by: { who: '', station: `bench-${station}` },
            at: new Date().toISOString(),
            deeds: [{ kind: i % 2 === 0 ? 'cut' : 'weeded', pieceId: piece.pieceId, attempt: 1, passId: null }],
          }),
        );
        await answer.arrayBuffer();
        if (!answer.ok) refused++;
        times.push(performance.now() - sent);
      }
    }),
  );
  const took = (performance.now() - start) / 1000;
  const cpu = (cpuMs() - startCpu) / times.length;
  end.abort();
  times.sort((a, b) => a - b);
  const at = (/** @type {number} */ share) => `${times[Math.floor((times.length - 1) * share)].toFixed(1)} ms`;
  process.stdout.write(
    `${(times.length / took).toFixed(1)} marks a second for ${took.toFixed(0)} s from ${STATIONS} stations, ${refused} refused\n` +
      `median ${at(0.5)}, nine of ten ${at(0.9)}, 99 of 100 ${at(0.99)}, longest ${at(1)}; ${cpu.toFixed(1)} ms of processor time each\n`,
  );
} finally {
  server.kill();
  rmSync(dataDir, { recursive: true, force: true });
}
