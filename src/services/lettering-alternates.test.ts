import { NEW_LETTERING, withAlternate } from '@/core/shop';
import { letteringAlternates, letteringSample } from '.';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';

let context: Context;
beforeAll(async () => {
  context = await aContext(61);
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

const offered = async (text: string, lettering = NEW_LETTERING) =>
  valueOf(await letteringAlternates(context, { lettering, text })).alternates;

test('what a face offers for the letters of a text is drawn with it; what would change nothing is not offered', async () => {
  const both = await offered('all');
  expect(both.map(({ feature }) => feature)).toEqual(['salt', 'ss01', 'ss02']);
  expect((await offered('a')).map(({ feature }) => feature)).toEqual(['salt', 'ss01']);
  expect(await offered('Bo')).toEqual([]);
  const plain = valueOf(await letteringSample(context, { lettering: NEW_LETTERING, text: 'all' })).sample;
  for (const { sample } of both) expect(sample!.path).not.toBe(plain!.path);
  expect([plain, ...both.map(({ sample }) => sample)].map((sample) => sample?.text)).toEqual(Array(4).fill('all'));
});

test('one that is taken stays to be taken back, and is drawn as the lettering draws it', async () => {
  const taken = withAlternate(NEW_LETTERING, 'ss01', true);
  const first = (await offered('all', taken)).find(({ feature }) => feature === 'ss01');
  expect(first).toBeDefined();
  const drawn = valueOf(await letteringSample(context, { lettering: taken, text: 'all' })).sample;
  expect(first!.sample!.path).toBe(drawn!.path);
  expect(withAlternate(taken, 'ss01', false)).toEqual(NEW_LETTERING);
});

test('what is asked wrongly is refused with its field', async () => {
  const wrong = problemOf(await letteringAlternates(context, { lettering: NEW_LETTERING, text: ' ' }));
  expect(wrong).toMatchObject({ kind: 'invalidInput', issues: [{ field: 'text' }] });
});
