import { aRun, withPlace } from '@/core/test';
import * as worker from './fit-core';
import type { FoundByMeasuring } from './fit-protocol';
import { faceFile, serveFaces } from './test/serve-faces';

const always = () => true;
const spec = withPlace(aRun(['Montgomery', 'Bo', 'Ann', 'Cy']), 180, 52);

const served = serveFaces();

/** One in a face that the server does not hand out before it is told to; the one after it has nothing to wait for. */
async function overtaken(ask: (isCurrent: () => boolean) => Promise<unknown>) {
  let letGo = (): void => undefined;
  const gate = new Promise<void>((resolve) => (letGo = resolve));
  served.answers.push(async (pathname) => {
    await gate;
    return faceFile(pathname);
  });
  let isCurrent = true;
  const older = ask(() => isCurrent);
  isCurrent = false;
  await worker.fitForScreen(spec, always);
  letGo();
  return older;
}

const measuredNow = async () => {
  const told: FoundByMeasuring[] = [];
  await worker.measureForScreen(always, (found) => told.push(...found));
  return told.map(({ index }) => index);
};

test('a request that is overtaken does not take the place of the newer one when it ends later', async () => {
  const slow = withPlace(aRun(['Ann']), 180, 52, 'brass-script');
  expect(await overtaken((isCurrent) => worker.fitForScreen(slow, isCurrent))).toBeNull();
  expect(await measuredNow()).toEqual([0, 1, 2, 3]);
});

test('a comparison that is overtaken is not told of what was asked for after it', async () => {
  const [use] = spec.uses;
  const at = { useId: use!.id, placeId: use!.places[0]!.placeId, variantId: null };
  await worker.fitForScreen(aRun(['Ann']), always);
  expect(await overtaken((isCurrent) => worker.compareForScreen(at, 'heavy-slab', isCurrent))).toBeNull();
});
