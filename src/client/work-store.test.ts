import type { BenchView, RunMarks } from '@/services';
import { memoryKeeper } from './keeper';
import { WorkStore } from './work-store';

const MARKS: RunMarks = { spec: 1, passes: 0, releases: 0, acts: 0 };
const item = (itemId: string, more: object = {}) => ({
  itemId,
  entryId: itemId.slice(0, 10),
  stage: 'open',
  pieces: [{ passNo: null, attempt: 1 }],
  ...more,
});
const view = (acts: number, items: readonly object[]): BenchView =>
  ({
    items,
    state: `1.0.0.${acts}`,
    marks: { ...MARKS, acts },
    tally: {},
    undo: null,
    redo: null,
  }) as unknown as BenchView;

let served: BenchView;
let answer: object;
let asked: string[];
const realFetch = globalThis.fetch;
const realStorage = Object.getOwnPropertyDescriptor(globalThis, 'localStorage');
beforeEach(() => {
  asked = [];
  served = view(0, [item('aentry0001-u-1'), item('aentry0002-u-1')]);
  const stations = new Map([['knurl-station', 'sbench0001']]);
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: { getItem: (key: string) => stations.get(key) ?? null },
  });
  globalThis.fetch = (async (path: string, init?: RequestInit) => {
    asked.push(`${init?.method ?? 'GET'} ${path}`);
    return new Response(JSON.stringify(init?.method === 'POST' ? answer : served));
  }) as typeof fetch;
});
afterAll(() => {
  globalThis.fetch = realFetch;
  if (realStorage) Object.defineProperty(globalThis, 'localStorage', realStorage);
  else Reflect.deleteProperty(globalThis, 'localStorage');
});
const aStore = () => new WorkStore('arunnumber', served, memoryKeeper(), 'one');
const settled = () => new Promise((resolve) => setTimeout(resolve, 15));

test('what an act changed is laid into what is known; items that did not change stay the same objects', async () => {
  const store = aStore();
  const [first, second] = store.getBench().items;
  let told = 0;
  const leave = store.subscribe(() => told++);
  answer = {
    act: { id: 'x' },
    isRepeat: false,
    madePasses: [],
    bench: { ...view(1, []), since: '1.0.0.0', changed: [item('aentry0002-u-1', { stage: 'packed' })] },
  };
  await store.queue.record(() => [{ kind: 'packed', itemId: 'aentry0002-u-1' }]);
  expect(asked).toEqual(['POST /api/runs/arunnumber/acts']);
  expect(store.getBench()).toMatchObject({ state: '1.0.0.1', marks: { acts: 1 } });
  expect(store.getBench().items[0]).toBe(first);
  expect(store.getBench().items[1]).toMatchObject({ stage: 'packed' });
  expect([store.getBench().items[1] === second, told]).toEqual([false, 1]);
  leave();
});

test('an answer that follows on another state is not laid in: the whole is read', async () => {
  const store = aStore();
  const [first] = store.getBench().items;
  served = view(3, [item('aentry0001-u-1'), item('aentry0002-u-1', { stage: 'cut' })]);
  answer = {
    act: { id: 'x' },
    isRepeat: false,
    madePasses: [],
    bench: { ...view(3, []), since: '1.0.0.2', changed: [] },
  };
  await store.queue.record(() => [{ kind: 'packed', itemId: 'aentry0002-u-1' }]);
  expect(asked).toEqual(['POST /api/runs/arunnumber/acts', 'GET /api/runs/arunnumber/tally?station=sbench0001&from=0']);
  expect(store.getBench()).toMatchObject({ state: '1.0.0.3' });
  expect(store.getBench().items[0]).toBe(first);
});

test('word of something new is read once, of what is known already not at all, whatever it is of', async () => {
  const store = aStore();
  store.follow(MARKS);
  await settled();
  expect(asked).toHaveLength(0);
  served = view(2, []);
  store.follow({ acts: 1 });
  store.follow({ acts: 2 });
  await settled();
  expect([asked.length, store.getBench().marks.acts]).toEqual([1, 2]);
  store.follow({ acts: 1 });
  await settled();
  expect(asked).toHaveLength(1);
  for (const mark of ['spec', 'passes', 'releases'] as const) {
    const before = asked.length;
    served = { ...served, marks: { ...served.marks, [mark]: served.marks[mark] + 1 } };
    store.follow({ [mark]: served.marks[mark] });
    await settled();
    expect([mark, asked.length - before, store.getBench().marks[mark]]).toEqual([mark, 1, served.marks[mark]]);
  }
});

test('a server that tells of what it does not have yet is not asked without end', async () => {
  const store = aStore();
  store.follow({ acts: 9 });
  await settled();
  expect(asked).toHaveLength(1);
  // The next word of it is followed again.
  served = view(9, []);
  store.follow({ acts: 9 });
  await settled();
  expect([asked.length, store.getBench().marks.acts]).toEqual([2, 9]);
});

test('an entry has work once something of it is made, spoiled or recorded', async () => {
  const store = aStore();
  expect(store.hasWork('aentry0001')).toBe(false);
  served = view(1, [
    item('aentry0001-u-1', { pieces: [{ passNo: 1, attempt: 1 }] }),
    item('aentry0002-u-1', { pieces: [{ passNo: null, attempt: 2 }] }),
    item('aentry0003-u-1', { stage: 'packed' }),
    item('aentry0004-u-1'),
  ]);
  await store.refresh();
  expect([1, 2, 3, 4].map((no) => store.hasWork(`aentry000${no}`))).toEqual([true, true, true, false]);
});

test('of a large run a first page is there at once and the rest once the page is open; until then what is not known may be worked on', async () => {
  const first = { ...view(0, [item('aentry0001-u-1')]), numAll: 2, next: 1 };
  const store = new WorkStore('arunnumber', first, memoryKeeper(), 'one');
  expect([store.hasWork('aentry0001'), store.hasWork('aentry0002')]).toEqual([false, true]);
  await store.refresh();
  expect(store.getBench().items.map(({ itemId }) => itemId)).toEqual(['aentry0001-u-1', 'aentry0002-u-1']);
  expect(store.hasWork('aentry0002')).toBe(false);
});
