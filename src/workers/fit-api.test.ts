import * as Comlink from 'comlink';
import { aRun } from '@/core/test';
import { fitApi } from './fit-api';
import type * as FitCore from './fit-core';
import type { FitWorkerApi } from './fit-protocol';
import { packShapes } from './pack-shapes';

const spec = aRun(['Ann']);
const at = { useId: 'u', placeId: 'p', variantId: null };
const wanted = { offer: { kind: 'condense', sets: [] }, answering: null } as const;
const square = () =>
  packShapes(
    new Map([[0, { rings: [Int32Array.from([0, 0, 9, 0, 9, 9])], inkBox: { minX: 0, minY: 0, maxX: 9, maxY: 9 } }]]),
  );

/** Answers with what it was asked, and whether somebody still waited then. */
function aCore() {
  const asked: (readonly [what: string, isCurrent: boolean, ...with_: unknown[]])[] = [];
  const drawn = square();
  const core = {
    fitForScreen: async (of: unknown, isCurrent: () => boolean) => {
      asked.push(['fit', isCurrent(), of]);
      return isCurrent() ? { fits: [], setSizes: {}, drawn } : null;
    },
    measureForScreen: async (isCurrent: () => boolean, onMeasured: (found: readonly never[]) => void) => {
      asked.push(['measure', isCurrent()]);
      onMeasured([]);
      return isCurrent();
    },
    remediesForScreen: async (index: number, answering: unknown, isCurrent: () => boolean) => {
      asked.push(['remedies', isCurrent(), index, answering]);
      return isCurrent() ? [] : null;
    },
    remedyForAllOnScreen: async (indexes: readonly number[], remedy: unknown, isCurrent: () => boolean) => {
      asked.push(['remedyForAll', isCurrent(), indexes, remedy]);
      return isCurrent() ? [] : null;
    },
    compareForScreen: async (place: unknown, letteringId: string, isCurrent: () => boolean) => {
      asked.push(['compare', isCurrent(), place, letteringId]);
      return isCurrent() ? { fits: [], setSize: null, numStops: 3, drawn } : null;
    },
  } as unknown as typeof FitCore;
  return { core, asked, drawn };
}

const askAll = (api: FitWorkerApi, no: number) =>
  Promise.all([
    api.measure(no, () => undefined),
    api.remedies(no, 4, 'tooSmall'),
    api.remedyForAll(no, [1, 2], wanted),
    api.compare(no, at, 'heavy-slab'),
  ]);

test('a newer request of fits supersedes whatever was asked before it, in whichever order they come', async () => {
  const { core, asked } = aCore();
  const api = fitApi(Promise.resolve(core));
  const [older, newer] = await Promise.all([api.fit(7, spec), api.fit(8, spec), api.fit(6, spec)]);
  expect([older, newer?.fits]).toEqual([null, []]);
  expect(asked.map(([, isCurrent]) => isCurrent)).toEqual([false, true, false]);
  expect(await askAll(api, 7)).toEqual([false, null, null, null]);
  const [measured, remedies, taken, compared] = await askAll(api, 8);
  expect([measured, remedies, taken, compared?.numStops]).toEqual([true, [], [], 3]);
});

test('what it was asked about reaches the core, also what came before the core was there', async () => {
  const { core, asked } = aCore();
  let arrive = (_: typeof FitCore): void => undefined;
  const api = fitApi(new Promise((resolve) => (arrive = resolve)));
  const all = [api.fit(1, spec), askAll(api, 1)] as const;
  expect(asked).toEqual([]);
  arrive(core);
  await Promise.all(all);
  expect(asked).toEqual([
    ['fit', true, spec],
    ['measure', true],
    ['remedies', true, 4, 'tooSmall'],
    ['remedyForAll', true, [1, 2], wanted],
    ['compare', true, at, 'heavy-slab'],
  ]);
});

test('shapes are handed over to the page, not copied', async () => {
  const { core, drawn } = aCore();
  const { port1, port2 } = new MessageChannel();
  Comlink.expose(fitApi(Promise.resolve(core)), port1);
  const { fit, [Comlink.releaseProxy]: release } = Comlink.wrap<FitWorkerApi>(port2);
  expect((await fit(1, spec))!.drawn).toEqual(square());
  expect([drawn.text, drawn.shapeEnds].map(({ buffer }) => buffer.byteLength)).toEqual([0, 0]);
  release();
  port1.close();
  port2.close();
});
