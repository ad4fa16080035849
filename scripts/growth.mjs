// What the interface costs as runs grow: `npm run bench:growth` for 100, 500, 2,000 and 10,000 entries and for 500 runs, or for those that
// are named (`2000`, `runs`). Wants a build. Over HTTP against a server of its own: wall clock, processor time of the server with all its threads, and sizes.
import { manyNames, measuredServer, pause } from './measured-server.mjs';

const named = process.argv.slice(2);
const sizes = named.filter((one) => one !== 'runs').map(Number);
const STATIONS = 5;

const { cpuMs, end, get, json, ready, send, url } = measuredServer(4791);

/**
 * @param {string} name
 * @param {() => Promise<Response>} ask
 */
async function measure(name, ask) {
  const [startCpu, start] = [cpuMs(), performance.now()];
  const response = await ask();
  const headMs = performance.now() - start;
  const bytes = (await response.arrayBuffer()).byteLength;
  const ms = performance.now() - start;
  const cells = [
    `${ms.toFixed(0)} ms`,
    `${(cpuMs() - startCpu).toFixed(0)} ms cpu`,
    size(bytes),
    `first byte ${headMs.toFixed(0)} ms`,
  ];
  const status = response.ok ? '' : `  ${response.status}`;
  process.stdout.write(`  ${name.padEnd(44)}${cells.map((cell) => cell.padStart(18)).join('')}${status}\n`);
}

/** @param {number} bytes */
function size(bytes) {
  return bytes < 1000
    ? `${bytes} B`
    : bytes < 1e6
      ? `${(bytes / 1e3).toFixed(0)} kB`
      : `${(bytes / 1e6).toFixed(1)} MB`;
}

let numActs = 0;
/** @param {string} id @param {unknown[]} deeds */
const act = (id, deeds, more = {}) =>
  send('POST', `/api/runs/${id}/acts`, {
    id: `growth-act-${numActs++}`,
    by: { who: '', station: `bench-${numActs % STATIONS}` },
    at: new Date().toISOString(),
    deeds,
    ...more,
  });

/** @param {number} n */
async function grow(n) {
  process.stdout.write(`\n${n} entries\n`);
  let id = '';
  await measure('a run from its list', async () => {
    const made = await send('POST', '/api/runs', { title: 'Growth', list: manyNames(n) });
    const copy = made.clone();
    id = (await copy.json()).id;
    return made;
  });
  const rollOf = (/** @type {any} */ spec) =>
    spec.shop.beds.find((/** @type {any} */ bed) => bed.value.kind === 'roll')?.id;
  const change = async (/** @type {(spec: any) => any} */ next) => {
    const { spec, counter } = await json(`/api/runs/${id}`);
    return send('PUT', `/api/runs/${id}`, next(spec), { 'if-match': `"${counter}"` });
  };
  await measure('GET fits, first', () => get(`/api/runs/${id}/fits`));
  await measure('GET fits, again', () => get(`/api/runs/${id}/fits`));
  await change((spec) => ({
    ...spec,
    title: 'Another title',
    layout: { ...spec.layout, bedId: rollOf(spec) ?? spec.layout.bedId },
  }));
  await measure('GET fits, after another title', () => get(`/api/runs/${id}/fits`));
  await measure('GET tally', () => get(`/api/runs/${id}/tally`));
  await measure('GET plan', () => get(`/api/runs/${id}/plan`));
  await measure('GET plan, again', () => get(`/api/runs/${id}/plan`));
  await measure('page Fit', () => get(`/runs/${id}/fit`));
  await measure('a release', () =>
    send('POST', `/api/runs/${id}/releases`, { id: 'arelease01', by: { who: '', station: 'growth' } }),
  );
  await measure('GET releases (what changed since)', () => get(`/api/runs/${id}/releases`));
  await change((spec) => ({ ...spec, title: 'A third title' }));
  await measure('GET releases, after another title', () => get(`/api/runs/${id}/releases`));
  /** @type {any[]} */
  const items = [];
  for (let from = 0; from !== null;) {
    const page = await json(`/api/runs/${id}/tally?from=${from}`);
    items.push(...page.items);
    from = page.next;
  }
  const cut = (/** @type {number} */ i) => [
    { kind: 'cut', pieceId: items[i].pieces[0].pieceId, attempt: 1, passId: null },
  ];
  await measure('the first mark after a release, may make', () => act(id, cut(0), { mayMake: true }));
  await measure('the next mark', () => act(id, cut(1), { mayMake: true }));
  await measure('all passes made, one after the other', async () => {
    let last = new Response();
    for (;;) {
      const made = await send('POST', `/api/runs/${id}/passes`, {});
      if (!made.ok) return last;
      last = made;
    }
  });
  await measure('GET passes', () => get(`/api/runs/${id}/passes`));
  await measure('GET plan, all made', () => get(`/api/runs/${id}/plan`));
  await measure('a mark', () => act(id, cut(2)));
  await measure('checked, all in one act', () =>
    act(
      id,
      items.map((/** @type {any} */ item) => ({ kind: 'checked', itemId: item.itemId })),
    ),
  );
  await measure('the next mark', () => act(id, cut(3)));
  await measure('proof.pdf', () => get(`/api/runs/${id}/proof.pdf`));
  await measure('GET runs', () => get('/api/runs'));
  /** @type {Promise<string>} */
  let read = Promise.resolve('');
  await measure('GET bundle', async () => {
    const answer = await get(`/api/runs/${id}/bundle`);
    const copy = answer.clone();
    read = copy.text();
    return answer;
  });
  const bundle = await read;
  const longest = longestWait();
  await measure('the bundle brought in', () =>
    fetch(`${url}/api/runs`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: bundle }),
  );
  process.stdout.write(`  ${'longest wait of somebody else meanwhile'.padEnd(44)}${await longest()} ms\n`);
}

/** Asks for something small again and again; the function that it gives ends that, and tells how long the longest took. */
function longestWait() {
  let isOver = false;
  let longestMs = 0;
  const asking = (async () => {
    while (!isOver) {
      const start = performance.now();
      await (await get('/api/health')).arrayBuffer();
      longestMs = Math.max(longestMs, Math.round(performance.now() - start));
      await pause(5);
    }
  })();
  return async () => {
    isOver = true;
    await asking;
    return longestMs;
  };
}

const MANY_RUNS = 500;

async function listRuns() {
  process.stdout.write(`\n${MANY_RUNS} runs\n`);
  for (let i = 0; i < MANY_RUNS; i++) {
    const made = await send('POST', '/api/runs', { title: `Growth ${i}`, list: manyNames(8 + (i % 40)) });
    await made.arrayBuffer();
  }
  await measure('GET runs, first', () => get('/api/runs'));
  await measure('GET runs, again', () => get('/api/runs'));
  await measure('page Runs', () => get('/'));
  await measure('page Runs, again', () => get('/'));
}

try {
  await ready();
  for (const n of named.length > 0 ? sizes : [100, 500, 2000, 10_000]) await grow(n);
  if (named.length === 0 || named.includes('runs')) await listRuns();
} finally {
  end();
}
