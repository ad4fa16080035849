import { artCache } from '@/core/artwork';
import { checkedReport, measuredReport } from '@/core/checks';
import { resolveSlots } from '@/core/resolve';
import { parseList } from '@/core/roster';
import { type MeasuredPlace, firstLineLarge } from '@/core/shop';
import { type RunSpec, wordingOf } from '@/core/spec';
import { changeLettering, changePlace, changePlaceUse, changeRule } from '@/core/edit';
import { aBorder, aRun, aZone, shippedFaces, withBorders, withPlace } from '@/core/test';
import { randomNames } from '../e2e/cut-file-checker/random-names';
import { type Bench, cpuMs } from './bench';

const SEED = 20_261_126;
const names = randomNames(500, SEED);
const faces = shippedFaces();

function fitted(spec: RunSpec, withMeasures: boolean, cache = artCache(faces)): number {
  const report = checkedReport(resolveSlots(spec), cache);
  return (withMeasures ? measuredReport(report, cache) : report).fits.length;
}

/** Script names at the size that their place gives them, with nothing remembered from before. */
const scripts = changeRule(aRun(names), null, { kind: 'level', heightMm: null });
const bordered = (mm: number) =>
  withBorders(
    changeRule(aRun(names.slice(0, 200)), null, { kind: 'level', heightMm: null }),
    aBorder(mm, { fillsUnderMm: 1 }),
  );
const arched = changeLettering(
  changeRule(aRun(names.slice(0, 200)), null, { kind: 'level', heightMm: null }),
  null,
  (lettering) => ({ ...lettering, bend: { way: 'arch', curve: { by: 'radius', capitals: 8 }, letters: 'bent' } }),
);
const monograms = changeLettering(
  changePlaceUse(aRun(names.slice(0, 200)), null, (place) => ({
    ...place,
    letteringId: 'tall-capitals',
    wording: wordingOf(['{monogram}', '14 · VI · 1996']),
  })),
  null,
  (lettering) => ({
    ...firstLineLarge(lettering),
    monogram: { shape: 'circle', gapShare: 0.06, frame: 'ring' },
  }),
);
const letters = names.join('').length / names.length;

/** Like the front of a pouch with two buttons. */
const PATCHY: Partial<MeasuredPlace> = {
  outline: {
    kind: 'polygon',
    corners: [
      [10, 0],
      [170, 4],
      [180, 60],
      [120, 70],
      [0, 66],
    ],
  },
  clear: [
    aZone('upper button', { kind: 'ellipse', widthMm: 12, heightMm: 12 }, 40, 2),
    aZone('lower button', { kind: 'ellipse', widthMm: 9, heightMm: 9 }, 130, 50),
  ],
};

/** What a change costs once the texts are drawn: nothing but the change is counted. */
function afterChange(change: (spec: RunSpec) => RunSpec): number {
  const cache = artCache(faces);
  fitted(scripts, false, cache);
  const changed = change(scripts);
  return cpuMs(() => fitted(changed, false, cache));
}

export const FIT_BENCHES: readonly Bench[] = [
  {
    name: 'fit: 500 script names shaped, joined, levelled in a rectangle, cold',
    target: '≤ 1500 ms, aim 1000',
    run: () => ({ ms: cpuMs(() => fitted(scripts, false)), note: `${letters.toFixed(1)} characters a name` }),
  },
  {
    name: 'fit: the same with all measures',
    target: '≤ 4000 ms, aim 2000',
    run: () => ({ ms: cpuMs(() => fitted(scripts, true)), note: '' }),
  },
  {
    name: 'forms: 200 script names on an arch, with all measures, cold',
    target: '≤ 2000 ms',
    run: () => ({ ms: cpuMs(() => fitted(arched, true)), note: '' }),
  },
  {
    name: 'forms: 200 round monograms in a ring over a date, with all measures, cold',
    target: '≤ 2000 ms',
    run: () => ({ ms: cpuMs(() => fitted(monograms, true)), note: '' }),
  },
  {
    name: 'borders: 200 script names with one of 1.5 mm, cold',
    target: '≤ 1200 ms',
    run: () => ({ ms: cpuMs(() => fitted(bordered(1.5), false)), note: '' }),
  },
  {
    name: 'borders: the same with all measures',
    target: '≤ 3000 ms',
    run: () => ({ ms: cpuMs(() => fitted(bordered(1.5), true)), note: '' }),
  },
  {
    name: 'borders: 200 script names after another width',
    target: '≤ 150 ms',
    run: () => {
      const cache = artCache(faces);
      fitted(bordered(1.5), false, cache);
      const wider = bordered(2);
      return { ms: cpuMs(() => fitted(wider, false, cache)), note: '' };
    },
  },
  {
    name: 'fit: 500 script names after a change of size rule',
    target: '≤ 100 ms',
    run: () => ({ ms: afterChange((spec) => changeRule(spec, null, { kind: 'banded', ratio: 1.35 })), note: '' }),
  },
  {
    name: 'fit: 500 script names after a change of the rectangle',
    target: '≤ 100 ms',
    run: () => ({ ms: afterChange((spec) => withPlace(spec, 170, 60)), note: '' }),
  },
  {
    name: 'fit: 500 script names in a polygon with two clear zones, cold',
    target: '≤ 5000 ms',
    run: () => {
      const spec = changePlace(scripts, null, (place) => ({ ...place, ...PATCHY }));
      return { ms: cpuMs(() => fitted(spec, false)), note: '' };
    },
  },
  {
    name: 'fit: memory over 50 re-fits of 200 names',
    target: 'flat',
    run: () => ({ ms: null, note: memoryOverRefits() }),
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

function memoryOverRefits(): string {
  const cache = artCache(faces);
  const some = aRun(names.slice(0, 200));
  const seen: string[] = [];
  for (let i = 0; i < 50; i++) {
    const rule = i % 2 === 0 ? ({ kind: 'fill' } as const) : ({ kind: 'banded', ratio: 1.2 + i / 100 } as const);
    fitted(changeRule(withPlace(some, 150 + i, 50), null, rule), true, cache);
    globalThis.gc?.();
    if (i % 10 === 9) seen.push(`${inMb(process.memoryUsage().heapUsed)}/${inMb(process.memoryUsage().rss)}`);
  }
  return `heap/resident MB after 10, 20, 30, 40, 50: ${seen.join(', ')}`;
}

const inMb = (bytes: number) => (bytes / 1e6).toFixed(0);

function memoryOverRepeats(): string {
  const some = aRun(names.slice(0, 200));
  const seen: string[] = [];
  for (let i = 0; i < 20; i++) {
    fitted(some, false);
    globalThis.gc?.();
    if (i % 5 === 4) seen.push(`${inMb(process.memoryUsage().heapUsed)}/${inMb(process.memoryUsage().rss)}`);
  }
  return `heap/resident MB after 5, 10, 15, 20: ${seen.join(', ')}`;
}
