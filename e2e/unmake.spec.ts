import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, letMakePass, makePass, startRun, step } from './pages';

const GARDENERS = ['Wisteria Holm', 'Cassian', 'Noor', 'Tamsin Fell', 'Iolo'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const onBench = (page: Page, name: string) =>
  page.getByRole('list', { name: 'Items of the run' }).getByRole('button', { name });
const passes = async (page: Page, id: string) =>
  (
    (await (await page.request.get(`${server.url}/api/runs/${id}/passes`)).json()) as {
      passes: { no: number; isUnmade: boolean }[];
    }
  ).passes.map(({ no, isUnmade }) => `${no} ${isUnmade ? 'unmade' : 'made'}`);

test('a mark that needs a pass asks once; no leaves everything as it was, yes makes it, and undo takes it back', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Seed tins', GARDENERS);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await onBench(page, 'Noor').click();
  await page.keyboard.press('c');
  const asked = page.getByRole('dialog');
  await expect(asked.getByRole('heading', { name: 'Make pass 1 of these 5?' })).toBeVisible();
  await expect(asked.getByText('None of it is released')).toBeVisible();
  await expect(asked.getByText('None of it is ticked on the proof')).toBeVisible();
  await expectNoAxeFinding(page);

  // The key of the next deed, pressed once too often, is no answer.
  await page.keyboard.press(' ');
  await expect(asked.getByRole('button')).toHaveCount(2);
  await page.keyboard.press('Escape');
  await expect(asked).toHaveCount(0);
  await expect(onBench(page, 'Noor')).toContainText('not cut yet');
  expect(await passes(page, id)).toEqual([]);

  // The keyboard is with the same item again.
  await page.keyboard.press('c');
  await letMakePass(page, 1);
  await expect(page.getByText('Pass 1 is made by this mark')).toBeVisible();
  await expect(onBench(page, 'Noor')).toContainText('pass 1');
  const file = `${server.url}/api/runs/${id}/passes/1/cut.svg`;

  await page.keyboard.press('u');
  await expect(onBench(page, 'Noor')).toContainText('not cut yet');
  await expect(onBench(page, 'Iolo')).not.toContainText('pass 1');
  expect(await passes(page, id)).toEqual(['1 unmade']);
  expect((await page.request.get(file)).status()).toBe(410);
  await page.keyboard.press('Shift+U');
  await expect(onBench(page, 'Iolo')).toContainText('pass 1');
  expect((await page.request.get(file)).status()).toBe(200);
});

test('a made pass is unmade on Sheets until something of it is cut, and after its file was taken it asks', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Seed tins, second shed', GARDENERS);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  await expect(page.getByText('Open in it')).toBeVisible();
  await makePass(page, 1);
  await page.getByRole('button', { name: 'Unmake it' }).click();
  await expect(page.getByRole('button', { name: 'Pass 1, unmade' })).toBeVisible();
  await expect(page.getByText('no other pass gets its number')).toBeVisible();
  await expectNoAxeFinding(page);

  await page.getByRole('button', { name: 'Pass 2, planned' }).click();
  await makePass(page, 2);
  const downloading = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Take the cut file, SVG' }).click();
  expect((await downloading).suggestedFilename()).toBe('seed-tins-second-shed-pass-2.svg');
  await page.getByRole('button', { name: 'Unmake it' }).click();
  const asked = page.getByRole('dialog');
  await expect(asked.getByRole('heading', { name: 'Was pass 2 cut?' })).toBeVisible();
  await expectNoAxeFinding(page);
  await asked.getByRole('button', { name: /^It was cut: leave it/ }).click();
  await expect(asked).toHaveCount(0);
  expect(await passes(page, id)).toEqual(['1 unmade', '2 made']);

  await step(page, 'Bench');
  await onBench(page, 'Cassian').click();
  await page.keyboard.press('c');
  await expect(onBench(page, 'Cassian')).toContainText('cut');
  await step(page, 'Sheets');
  await page.getByRole('button', { name: 'Unmake it' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Of pass 2 something is marked: Cassian' })).toBeVisible();
  expect(await passes(page, id)).toEqual(['1 unmade', '2 made']);
  await expectSaved(page);
});
