import type { RunMarks } from '@/services';
import { followRun } from './run-stream';

class FakeSource {
  readyState = 1;
  onerror: ((event: Event) => unknown) | null = null;
  onmessage: ((event: MessageEvent) => unknown) | null = null;
  close(): void {
    this.readyState = 2;
  }
  tell(marks: Partial<RunMarks>): void {
    this.onmessage?.({ data: JSON.stringify(marks) } as MessageEvent);
  }
}

class FakeDocument extends EventTarget {
  visibilityState: DocumentVisibilityState = 'visible';
  show(state: DocumentVisibilityState): void {
    this.visibilityState = state;
    this.dispatchEvent(new Event('visibilitychange'));
  }
}

let page: FakeDocument;
let frame: EventTarget;
let opened: FakeSource[];
let paths: string[];
let numCaughtUp: number;
let heard: Partial<RunMarks>[];
let stop: () => void;
beforeEach(() => {
  page = new FakeDocument();
  frame = new EventTarget();
  opened = [];
  paths = [];
  numCaughtUp = 0;
  heard = [];
});
afterEach(() => stop());

function followed(): void {
  const saver = { getSnapshot: () => ({ counter: 4 }), catchUp: async () => void numCaughtUp++ } as never;
  const open = (path: string) => {
    paths.push(path);
    opened.push(new FakeSource());
    return opened.at(-1)!;
  };
  const host = { document: page, window: frame, open, againMs: 5 } as unknown as Parameters<typeof followRun>[3];
  stop = followRun('arunnumber', saver, (marks) => void heard.push(marks), host);
}

const soon = () => new Promise((resolve) => setTimeout(resolve, 25));

test('what is told is followed; the run is read when it has come further than is known here', () => {
  followed();
  expect(paths).toEqual(['/api/runs/arunnumber/events']);
  opened[0]!.tell({ spec: 4, acts: 7 });
  expect([numCaughtUp, heard]).toEqual([0, [{ spec: 4, acts: 7 }]]);
  opened[0]!.tell({ spec: 5, acts: 7 });
  expect([numCaughtUp, heard.length]).toEqual([1, 2]);
});

test('a page that nobody looks at has no stream, and one again when it is looked at', () => {
  page.visibilityState = 'hidden';
  followed();
  expect(opened).toHaveLength(0);
  page.show('visible');
  page.show('visible');
  expect(opened).toHaveLength(1);
  page.show('hidden');
  expect(opened[0]!.readyState).toBe(2);
  page.show('visible');
  expect(opened).toHaveLength(2);
  frame.dispatchEvent(new Event('pagehide'));
  expect(opened[1]!.readyState).toBe(2);
  frame.dispatchEvent(new Event('pageshow'));
  expect(opened).toHaveLength(3);
});

test('a stream that was refused is asked for later; one that broke off is the browser’s own to open again', async () => {
  followed();
  opened[0]!.onerror?.(new Event('error'));
  await soon();
  expect(opened).toHaveLength(1);
  opened[0]!.readyState = 2;
  opened[0]!.onerror?.(new Event('error'));
  await soon();
  expect(opened).toHaveLength(2);
});

test('once it is left nothing is opened or heard any more', async () => {
  followed();
  opened[0]!.readyState = 2;
  opened[0]!.onerror?.(new Event('error'));
  stop();
  await soon();
  page.show('hidden');
  page.show('visible');
  frame.dispatchEvent(new Event('pageshow'));
  expect(opened).toHaveLength(1);
});
