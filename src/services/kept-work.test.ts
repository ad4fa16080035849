import { WHOLE } from './page';
import { METRIC } from '@/core/sentences';
import { searches } from '@/core/fit';
import { measurings } from '@/core/checks';
import { changeHead, changePlace } from '@/core/edit';
import { changeField } from '@/core/roster';
import { packings } from '@/core/sheets';
import type { RunSpec } from '@/core/spec';
import { aRun } from '@/core/test';
import { readFileSync } from 'node:fs';
import { faceFilePath } from '@/core/shop';
import { type Jobs, createJobs } from './compute/jobs';

/** What every request of a run is: a copy of its spec, as it crosses from thread to thread. */
const copyOf = (spec: RunSpec): RunSpec => JSON.parse(JSON.stringify(spec)) as RunSpec;
const shared = { runId: 'arunnumber', frozen: [], withOutlines: false, page: WHOLE };
const NAMES = ['Odalys', 'Bram', 'Ute', 'Ingrid', 'Wolfram'];
// A place that letters follow: its fits are searched for.
const taper = { kind: 'taper', topWidthMm: 180, bottomWidthMm: 120, heightMm: 60 } as const;

let jobs: Jobs;
let spec: RunSpec;
beforeEach(() => {
  jobs = createJobs(
    (sha) => readFileSync(`public${faceFilePath(sha)}`),
    () => new Map(),
  );
  spec = changePlace(aRun(NAMES), null, (place) => ({ ...place, outline: taper }));
});

const fits = (of: RunSpec) => jobs.fits({ ...shared, spec: copyOf(of) });
const plan = (of: RunSpec) =>
  jobs.plan({
    runId: shared.runId,
    spec: copyOf(of),
    cutSoFar: { made: [], attempts: {}, usedBeds: [] },
    released: [],
    firstNo: 1,
    outlinesOf: null,
  });

/** What was drawn, searched, measured and packed by it. */
async function workOf(job: () => unknown): Promise<readonly [number, number, number, number]> {
  const before = [jobs.numDrawn(), searches.count, measurings.count, packings.count] as const;
  await job();
  const after = [jobs.numDrawn(), searches.count, measurings.count, packings.count] as const;
  return after.map((count, i) => count - before[i]!) as unknown as readonly [number, number, number, number];
}

test('the same answer again draws, searches and measures nothing, though the spec comes as a copy each time', async () => {
  expect(await workOf(() => fits(spec))).toEqual([5, 5, 5, 0]);
  const first = fits(spec);
  expect(await workOf(() => expect(fits(spec)).toEqual(first))).toEqual([0, 0, 0, 0]);
});

test('a changed title computes nothing, one changed entry computes one', async () => {
  fits(spec);
  expect(await workOf(() => fits(changeHead(spec, { title: 'Another title' })))).toEqual([0, 0, 0, 0]);
  const changed = changeField(spec, spec.entries[2]!.id, 'text', 'Utta');
  expect(await workOf(() => fits(changed))).toEqual([1, 1, 1, 0]);
  // The way back is known as well: it was drawn, searched and measured before.
  const [drawn] = await workOf(() => fits(spec));
  expect(drawn).toBe(0);
});

test('fits, plan, proof and changes share what was computed', async () => {
  const work = await workOf(() => plan(spec));
  expect([work[0], work[1], work[2]]).toEqual([5, 5, 0]);
  expect(work[3]).toBeGreaterThan(0);
  expect(await workOf(() => plan(spec))).toEqual([0, 0, 0, 0]);
  const proof = {
    runId: shared.runId,
    spec: copyOf(spec),
    frozen: [],
    paper: 'a4' as const,
    units: METRIC,
    today: '2026-05-04',
  };
  expect(await workOf(() => jobs.proofPdf(proof))).toEqual([0, 0, 0, 0]);
  const [drawn, searched, measured] = await workOf(() => fits(spec));
  expect([drawn, searched, measured]).toEqual([0, 0, 5]);
  // What a release asks for is measured by now.
  const head = { id: 'areleaseno', no: 1, at: '2026-05-04T08:00:00Z', by: { who: '', station: 'table' }, version: '1' };
  expect(await workOf(() => jobs.freezeRelease({ runId: shared.runId, spec: copyOf(spec), head }))).toEqual([
    0, 0, 0, 0,
  ]);
});
