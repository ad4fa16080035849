// Unit tests as files that Jest starts at once. From the sources each file of tests would load some two hundred modules anew, which takes
// as long as the tests; bundled they share what they have in common, and each is still a file of its own with its own name.
import { readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { bundle } from './bundle.mjs';

const FOLDERS = ['src', 'e2e', 'scripts'];
const OUT = 'build/unit';

/** Native ones, those that load files or threads of their own, and the larger ones that few tests want. */
const LOADED_AS_THEY_ARE = [
  '@jest/globals',
  '@napi-rs/canvas',
  '@playwright/*',
  '@xmldom/xmldom',
  'better-sqlite3',
  'clipper2-wasm',
  'esbuild',
  'fontkit',
  'harfbuzzjs',
  'iconv-lite',
  'next',
  'opentype.js',
  'pdfjs-dist',
  'pdfkit',
  'pino',
  'polygon-clipping',
  'read-excel-file',
  'tinypool',
  'wawoff2',
  'write-excel-file',
  'xlsx',
];

export async function bundleTests() {
  const tests = FOLDERS.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.test\.tsx?$/.test(name))
      .map((name) => path.join(folder, name)),
  );
  rmSync(OUT, { recursive: true, force: true });
  await bundle({
    entryPoints: tests,
    outdir: OUT,
    outbase: '.',
    outExtension: { '.js': '.mjs' },
    packages: 'bundle',
    external: LOADED_AS_THEY_ARE,
    splitting: true,
    chunkNames: 'shared/[hash]',
    sourcemap: 'linked',
    sourcesContent: false,
  });
}
