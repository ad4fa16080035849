// Prints how much script each page of a running Knurl loads before it can be used, packed as it is sent: `node scripts/page-sizes.mjs http://127.0.0.1:4310`.
import { gzipSync } from 'node:zlib';

const url = process.argv[2] ?? 'http://127.0.0.1:4310';
const { runs } = await (await fetch(`${url}/api/runs`)).json();
const [run] = runs;
const steps = ['list', 'roster', 'blank', 'wording', 'fit', 'proof', 'prepare', 'sheets', 'bench'];
const pages = ['/', '/runs/new', '/shop', ...steps.map((step) => `/runs/${run.id}/${step}`)];

const known = new Map();
async function packedSize(path) {
  if (!known.has(path)) known.set(path, gzipSync(Buffer.from(await (await fetch(url + path)).arrayBuffer())).length);
  return known.get(path);
}

for (const page of pages) {
  const html = await (await fetch(url + page)).text();
  const scripts = new Set(html.match(/\/_next\/static\/[^"'\\]+\.js/g));
  let bytes = 0;
  for (const script of scripts) bytes += await packedSize(script);
  process.stdout.write(
    `${page.replace(run.id, '…').padEnd(20)} ${(bytes / 1000).toFixed(0).padStart(5)} kB, ${scripts.size} files\n`,
  );
}
