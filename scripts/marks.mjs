// Marks of five stations at once, ten a second each: `npm run bench:marks`, or for so many seconds. Wants a build. Each station follows the
// run as its page does, over a stream.
import { manyNames, measuredServer, pause } from './measured-server.mjs';

const STATIONS = 5;
const EVERY_MS = 100;
const NAMES = 500;
const seconds = Number(process.argv[2] ?? 60);

const { cpuMs, end: endServer, json, ready, send, url } = measuredServer(4792);

/** @param {string} id @param {AbortSignal} signal */
async function follow(id, signal) {
  try {
    const stream = await fetch(`${url}/api/runs/${id}/events`, { signal });
    for await (const _ of stream.body ?? []) continue;
  } catch {
    // It ends with the measure.
  }
}

try {
  await ready();
  const { id } = await (await send('POST', '/api/runs', { title: 'Marks', list: manyNames(NAMES) })).json();
  while ((await send('POST', `/api/runs/${id}/passes`, {})).ok) continue;
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
        const answer = await send('POST', `/api/runs/${id}/acts`, {
          id: `mark-${station}-${i}-of-many`,
          by: { who: '', station: `bench-${station}` },
          at: new Date().toISOString(),
          deeds: [{ kind: i % 2 === 0 ? 'cut' : 'weeded', pieceId: piece.pieceId, attempt: 1, passId: null }],
        });
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
  endServer();
}
