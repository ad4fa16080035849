import { readFileSync } from 'node:fs';
import { packBoxes } from '@/core/sheets';
import { faceFilePath } from '@/core/shop';
import { aRun, withPlace } from '@/core/test';
import { type Jobs, createJobs } from './compute/jobs';

const NAMES = [
  'Odalys',
  'Bram',
  'Ute',
  'Ingrid',
  'Wolfram',
  'Jo',
  'Thessaly',
  'Quim',
  'Anneke',
  'Bo',
  'Florentine',
  'Ida',
];
const spec = withPlace(aRun(NAMES), 160, 44);

let run: Pick<Parameters<Jobs['plan']>[0], 'runId' | 'spec' | 'cutSoFar' | 'released'>;
let seed = 100;

let jobs: Jobs;
beforeEach(() => {
  // Packings are kept by what was asked, so that each test asks for another.
  const layout = { ...spec.layout, seed: ++seed };
  run = {
    runId: 'arunnumber',
    spec: { ...spec, layout },
    cutSoFar: { made: [], attempts: {}, usedBeds: [] },
    released: [],
  };
  jobs = createJobs(
    (sha) => readFileSync(`public${faceFilePath(sha)}`),
    () => new Map(),
  );
});

const plan = () => jobs.plan({ ...run, firstNo: 1, outlinesOf: null });
const freeze = (shown: string | null) =>
  jobs.freezeNext({
    ...run,
    pieceId: null,
    passId: 'apassnumb1',
    forAct: null,
    no: 1,
    version: 'test',
    bytes: new Uint8Array(100).fill(7),
    shown,
  });
/** Where the pieces of a frozen pass lie. */
const lying = (answer: ReturnType<Jobs['freezeNext']>) =>
  answer.kind === 'frozen'
    ? answer.frozen.pass.patches.map(({ placed }) => placed.map(({ pieceId, x, y }) => [pieceId, x, y]))
    : answer.kind;
const lengthOf = ({ answer }: ReturnType<typeof plan>) => answer.passes[0]!.patches[0]!.heightMm;

test('a plan names the longer search that might better it; what that finds stands from then on, and is searched for once', () => {
  const before = plan();
  expect([before.answer.isSearching, before.searches.length]).toEqual([true, 1]);
  const [search] = before.searches;
  const found = packBoxes(search!.boxes, search!.numFirst, search!.options);
  jobs.keepLonger(search!.key, found);
  const after = plan();
  expect([after.answer.isSearching, after.searches]).toEqual([false, []]);
  expect(lengthOf(after)).toBeLessThanOrEqual(lengthOf(before));
  expect(after.answer.name === before.answer.name).toBe(
    found.length >= packBoxes(search!.boxes, 0, { ...search!.options, layouts: search!.options.layouts / 20 }).length,
  );
});

test('who was shown the plan that stood before gets its pass; who was shown none gets the one that stands; another name makes none', () => {
  const before = plan();
  const first = lying(freeze(before.answer.name));
  const [search] = before.searches;
  // Shorter than what stands, whatever it is: every piece where it lay, but moved to the left.
  const better = packBoxes(search!.boxes, search!.numFirst, search!.options);
  const moved = { ...better, length: -1, beds: better.beds.map((bed) => bed.map((one) => ({ ...one, x: one.x - 1 }))) };
  jobs.keepLonger(search!.key, moved);
  const after = plan();
  expect(after.answer.name).not.toBe(before.answer.name);
  expect(lying(freeze(before.answer.name))).toEqual(first);
  expect(lying(freeze(null))).not.toEqual(first);
  expect(lying(freeze(after.answer.name))).toEqual(lying(freeze(null)));
  expect(freeze('another')).toEqual({ kind: 'otherPlan' });
});
