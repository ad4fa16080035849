import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { type RunView, createRun, makeNextPass, pressSheetOfRun } from '.';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';

let context: Context;
let run: RunView;
beforeAll(async () => {
  context = await aContext(31);
  run = valueOf(await createRun(context, { title: 'Chess club', dueOn: null, list: 'Rook Ellery\nBo\nZugla' }));
  valueOf(await makeNextPass(context, run.id, null));
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

const wish = { passNo: 1, heater: 'clamshell', heat: 'celsius', length: 'mm', paper: 'a4' } as const;

async function sheet(of: Partial<Parameters<typeof pressSheetOfRun>[2]>) {
  const { bytes } = valueOf(await pressSheetOfRun(context, run.id, { ...wish, ...of }));
  const doc = await getDocument({ data: new Uint8Array(bytes) }).promise;
  const page = await doc.getPage(1);
  const { items } = await page.getTextContent();
  const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
  return { text: text.replace(/\s+/g, ' '), numPages: doc.numPages, height: Math.round(page.view[3]!) };
}

test('a made pass on one page: figures, who gets it, the order of doing, and whose word wins', async () => {
  const { text, numPages, height } = await sheet({});
  expect([numPages, height]).toEqual([1, 842]);
  expect(text).toMatch(/Press sheet: pass 1 Chess club · with a clamshell press/);
  expect(text).toMatch(/gold heat-transfer film on Garment bag, chest/);
  expect(text).toMatch(/145 °C .*15 s .*medium .*cold/);
  expect(text).toMatch(/3 items: Rook Ellery, Bo, Zugla It reads upright/);
  expect(text).toMatch(/1\. Flatten and dry the spot for 5 s.* 4\. Press at 145 °C for 15 s/);
  expect(text).toMatch(/maker’s sheet and the blank’s label win\. Hot platen, .* Local rules come first\./);
});

test('in the units, on the paper and with the heater of the station; the whole run where no pass is named', async () => {
  const { text, height } = await sheet({ passNo: null, heat: 'fahrenheit', heater: 'iron', paper: 'letter' });
  expect(height).toBe(792);
  expect(text).toMatch(/Press sheet: the whole run Chess club · with a home iron/);
  expect(text).toMatch(/293 °F .*38 s/);
  expect(text).not.toMatch(/°C/);
});

test('a pass that is not made, and a run that is not there, have none', async () => {
  expect(problemOf(await pressSheetOfRun(context, run.id, { ...wish, passNo: 7 }))).toEqual({
    kind: 'passNotFound',
    no: 7,
    lastNo: 1,
  });
  expect(problemOf(await pressSheetOfRun(context, 'nosuchrun0', wish)).kind).toBe('runNotFound');
});

test('where no pass is made yet, none is the last', async () => {
  const fresh = valueOf(await createRun(context, { title: 'Nothing yet', dueOn: null, list: 'Bo' }));
  expect(problemOf(await pressSheetOfRun(context, fresh.id, wish))).toEqual({ kind: 'passNotFound', no: 1, lastNo: 0 });
});
