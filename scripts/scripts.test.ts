import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { type Server, createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';

const knurl = (words: string[], env: Record<string, string> = {}) =>
  spawnSync(process.execPath, ['scripts/knurl.cjs', ...words], { encoding: 'utf8', env: { ...process.env, ...env } });

/** Runs a piece of module code in a folder of its own and answers what it prints. */
function inFolder(folder: string, code: string): string {
  return execFileSync(process.execPath, ['--input-type=module', '-e', code], { cwd: folder, encoding: 'utf8' }).trim();
}

const moduleUrl = (name: string) => JSON.stringify(pathToFileURL(path.resolve('scripts', name)).href);

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'knurl-scripts-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

test('another Node gets a sentence, not a stack', () => {
  const code = `Object.defineProperty(process.versions, 'node', { value: '18.4.0' }); require('./scripts/knurl.cjs')`;
  const { status, stderr } = spawnSync(process.execPath, ['-e', code], { encoding: 'utf8' });
  expect(status).toBe(1);
  expect(stderr).toBe(
    'Knurl is built for Node 20; this is Node 18.4.0. Switch to Node 20 and start again; nothing was changed.\n',
  );
});

test('words that are not known, and ports that are none, are named', () => {
  expect(knurl(['frobnicate']).stderr).toContain('Knurl has no command "frobnicate"');
  expect(knurl(['demo', '--prot', '9']).stderr).toContain('Knurl does not know "--prot"');
  expect(knurl(['start', '--port=seventy']).stderr).toContain('not "seventy"');
  expect(knurl(['start', '--port']).status).toBe(1);
});

test('a taken port is told before anything is installed or built', async () => {
  const taken: Server = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  const address = taken.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  const { status, stderr } = knurl(['demo', '--port', String(port)], { KNURL_DATA_DIR: folder });
  await new Promise((resolve) => taken.close(resolve));
  expect(status).toBe(1);
  expect(stderr).toContain(`Port ${port} is taken by another program. Choose another`);
  expect(readdirSync(folder)).toEqual([]);
});

test('work that was cut off is seen as unfinished, changed sources as outdated, the same as current', () => {
  writeFileSync(path.join(folder, 'source.txt'), 'one');
  const state = (then = '') =>
    inFolder(
      folder,
      `import { keyOf, stampState, stamped } from ${moduleUrl('stamp.mjs')};
       const key = keyOf(['source.txt', 'missing'], 'v1');
       console.log(stampState('build', key)); ${then}`,
    );
  expect(state('await stamped("build", key, async () => process.exit(0))')).toBe('absent');
  expect(state('await stamped("build", key, async () => {})')).toBe('unfinished');
  expect(state()).toBe('current');
  writeFileSync(path.join(folder, 'source.txt'), 'two');
  expect(state()).toBe('outdated');
  writeFileSync(path.join(folder, '.knurl', 'build.json'), 'half a stam');
  expect(state()).toBe('unfinished');
});

test('the starter needs no package: its files import nothing but Node and each other', () => {
  const code = `import { readFileSync } from 'node:fs';
    const files = ['knurl.cjs', 'commands.mjs', 'start.mjs', 'prepare.mjs', 'stamp.mjs', 'arguments.mjs', 'stopped.mjs', 'test.mjs'];
    for (const file of files) for (const [, from] of readFileSync('scripts/' + file, 'utf8').matchAll(/(?:from |import\\()'([^']+)'/g)) console.log(from);`;
  const imported = inFolder('.', code).split('\n');
  expect(imported.length).toBeGreaterThan(10);
  expect(imported.filter((name) => !/^(node:|\.\/)/.test(name))).toEqual([]);
  expect(existsSync('scripts/knurl.cjs')).toBe(true);
});
