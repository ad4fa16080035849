import { finestOf, fitRun, measureText, textCache } from '@/core/fit';
import { parseList } from '@/core/roster';
import type { RunSpec } from '@/core/run';
import { aRun, shippedFaces } from '@/core/test';
import { randomNames } from '../e2e/cut-file-checker/random-names';
import { type Bench, cpuMs } from './bench';

const SEED = 20_261_126;
const names = randomNames(500, SEED);
const faces = shippedFaces();

function fitted(spec: RunSpec, withMeasures: boolean): number {
  const { fits } = fitRun(spec, textCache(faces));
  if (withMeasures) for (const fit of fits) measureText(fit.lettered, fit.emMm, finestOf(spec, fit.slot));
  return fits.length;
}

/** Script names at the size that their place gives them, with nothing remembered from before. */
const scripts = aRun(names);
const letters = names.join('').length / names.length;

export const FIT_BENCHES: readonly Bench[] = [
  {
    name: '500 script names shaped, joined, fitted, cold',
    target: '≤ 2000 ms',
    run: () => ({ ms: cpuMs(() => fitted(scripts, false)), note: `${letters.toFixed(1)} characters a name` }),
  },
  {
    name: 'the same with all measures',
    target: '≤ 6000 ms',
    run: () => ({ ms: cpuMs(() => fitted(scripts, true)), note: '' }),
  },
  {
    name: 'memory over 20 cold repeats of 200 names',
    target: 'flat',
    run: () => ({ ms: null, note: memoryOverRepeats() }),
  },
  {
    name: '5,000 lines parsed and fitted, cold',
    target: 'none set',
    run: () => {
      const list = randomNames(5000, SEED + 1)
        .map((name, i) => `${name}\t${(i % 3) + 1}\tM`)
        .join('\n');
      let parsing = 0;
      const ms = cpuMs(() => {
        parsing = cpuMs(() => parseList(list));
        fitted(aRun(randomNames(5000, SEED + 1)), false);
      });
      return { ms, note: `parsed in ${parsing.toFixed(0)} ms` };
    },
  },
];

function memoryOverRepeats(): string {
  const some = aRun(names.slice(0, 200));
  const inMb = (bytes: number) => (bytes / 1e6).toFixed(0);
  const seen: string[] = [];
  for (let i = 0; i < 20; i++) {
    fitted(some, false);
    globalThis.gc?.();
    if (i % 5 === 4) seen.push(`${inMb(process.memoryUsage().heapUsed)}/${inMb(process.memoryUsage().rss)}`);
  }
  return `heap/resident MB after 5, 10, 15, 20: ${seen.join(', ')}`;
}
