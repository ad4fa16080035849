// Checks the core against computations of another kind, with as many random cases as wanted: `npm run check:deep 1000`.
import { spawnSync } from 'node:child_process';
import { bundle } from './bundle.mjs';

const programs = [
  ['e2e/measures/deep.ts', 'build/deep.mjs'],
  ['e2e/measures/compare.ts', 'build/compare-measures.mjs'],
  ['e2e/measures/compare-gaps.ts', 'build/compare-gaps.mjs'],
  ['e2e/measures/compare-borders.ts', 'build/compare-borders.mjs'],
  ['e2e/cut-file-checker/deep.ts', 'build/deep-cut-files.mjs'],
];
for (const [entry, outfile] of programs) {
  await bundle({
    entryPoints: [entry],
    outfile,
  });
}
const [count = '1000', ...rest] = process.argv.slice(2);
for (const [program, num] of [
  ['build/deep.mjs', Number(count)],
  // A name takes seconds by pixels.
  ['build/compare-measures.mjs', Math.ceil(Number(count) / 20)],
  ['build/compare-gaps.mjs', Math.ceil(Number(count) / 5)],
  ['build/compare-borders.mjs', Math.ceil(Number(count) / 2)],
  ['build/deep-cut-files.mjs', Math.ceil(Number(count) / 5)],
]) {
  const { status } = spawnSync(process.execPath, [program, String(num), ...rest], { stdio: 'inherit' });
  if (status !== 0) process.exitCode = 1;
}
