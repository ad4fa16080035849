import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, makeAllPasses, startRun } from './pages';

/** A riding school: enough names for three passes. */
const RIDERS = Array.from({ length: 40 }, (_, i) => `Rosalind ${'ABCDEFGHIJKLMNOPQRSTUVWXYZ'[i % 26]}${i}`);

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

interface Item {
  readonly text: readonly string[];
  readonly pieces: readonly {
    readonly passNo: number | null;
    readonly attempt: number;
    readonly spoiledFor: string | null;
  }[];
}

const items = async (page: Page, id: string) =>
  ((await (await page.request.get(`${server.url}/api/runs/${id}/tally?station=x`)).json()) as { items: Item[] }).items;
const heading = (page: Page) => page.getByRole('heading', { level: 1 });
const show = (page: Page, group: string, name: RegExp) =>
  page.getByRole('group', { name: group, exact: true }).getByRole('button', { name });

test('spoiled: no reason stands there beforehand, keys choose, Enter confirms, and the keyboard is with the item again', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Riding school, tack boxes', RIDERS.slice(0, 5));
  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await page.keyboard.press('/');
  await page.keyboard.type('c2');
  await page.keyboard.press('Enter');
  await expect(heading(page)).toHaveText(RIDERS[2]!);
  await page.keyboard.press('c');
  await page.keyboard.press('x');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('radio')).toHaveCount(13);
  await expect(dialog.getByRole('radio', { checked: true })).toHaveCount(0);
  await expect(dialog.getByText('Choose what happened first.')).toBeVisible();
  await expectNoAxeFinding(page);
  // Nothing is recorded without a reason, by key or by button.
  await page.keyboard.press('Enter');
  await expect(dialog.getByRole('button', { name: /cut again/i })).toBeDisabled();
  await page.keyboard.press('f');
  await expect(dialog.getByRole('radio', { name: 'crooked' })).toBeChecked();
  // In the note letters are letters.
  await dialog.getByLabel('Note (may stay empty)').fill('');
  await page.keyboard.type('ab');
  await expect(dialog.getByRole('radio', { name: 'crooked' })).toBeChecked();
  await dialog.getByRole('radio', { name: 'crooked' }).focus();
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  await expect(page.getByTestId('recuts')).toContainText(`${RIDERS[2]}: crooked, waits for the next pass`);
  await expect(page.getByRole('button', { name: RIDERS[2]! })).toBeFocused();

  // Left by Escape nothing happens, and the keyboard is with the item as well.
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('x');
  await expect(dialog.getByRole('radio', { checked: true })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: RIDERS[3]! })).toBeFocused();
  expect((await items(page, id)).map(({ pieces }) => pieces[0]!.attempt)).toEqual([1, 1, 2, 1, 1]);
});

test('of several that are picked it asks which pieces, and spoils those alone', async ({ page }) => {
  const id = await startRun(page, server.url, 'Riding school, name plates', RIDERS.slice(0, 4));
  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await expect(heading(page)).toHaveText(RIDERS[0]!);
  await page.keyboard.press('Shift+End');
  await page.keyboard.press('x');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('group', { name: 'Which pieces' }).getByRole('checkbox')).toHaveCount(4);
  await page.keyboard.press('h');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText('Choose which pieces first.')).toBeVisible();
  await page.keyboard.press('2');
  await page.keyboard.press('4');
  await page.keyboard.press('4');
  await page.keyboard.press('3');
  await expectNoAxeFinding(page);
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  await expect
    .poll(async () => (await items(page, id)).map(({ pieces }) => pieces[0]!.spoiledFor))
    .toEqual([null, 'not bonded', 'not bonded', null]);
});

test('by pass: its items alone are shown, it is marked as a whole, and space goes on within it', async ({ page }) => {
  const id = await startRun(page, server.url, 'Riding school, rugs', RIDERS);
  await makeAllPasses(page.request, server.url, id);
  const before = await items(page, id);
  const inPass = (no: number) => before.filter(({ pieces }) => pieces[0]!.passNo === no);
  const [second] = inPass(2);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await show(page, 'Show the pass', /^pass 2/).click();
  await expect(show(page, 'Show the pass', /^pass 2/)).toHaveText(`pass 2 ${inPass(2).length}`);
  await expect(heading(page)).toHaveText(second!.text[0]!);
  await expect(show(page, 'Show', /^all/)).toHaveText(`all ${inPass(2).length}`);
  await page.keyboard.press('Shift+C');
  await expect(show(page, 'Show', /^to weed/)).toHaveText(`to weed ${inPass(2).length}`);
  await page.keyboard.press(' ');
  await expect(heading(page)).toHaveText(inPass(2)[1]!.text[0]!);
  await page
    .getByRole('group', { name: 'All of pass 2' })
    .getByRole('button', { name: /weeded/ })
    .click();
  await expect(show(page, 'Show', /^to press/)).toHaveText(`to press ${inPass(2).length}`);
  await expectNoAxeFinding(page);
  // One undo takes the whole pass back, as far as that one mark went.
  await page.keyboard.press('u');
  await expect(show(page, 'Show', /^to press/)).toHaveText('to press 1');
  await show(page, 'Show the pass', /^pass 2/).click();
  await expect(show(page, 'Show', /^to cut/)).toHaveText(`to cut ${RIDERS.length - inPass(2).length}`);
});
