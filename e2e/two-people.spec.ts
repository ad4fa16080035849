import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, makeAllPasses, startRun, textOf } from './pages';

const LABELS = ['Quince jelly', 'Sloe', 'Medlar', 'Damson cheese'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const texts = async (page: Page, id: string): Promise<string[]> => {
  const { spec } = await (await page.request.get(`${server.url}/api/runs/${id}`)).json();
  return spec.entries.map((entry: { fields: { text: string } }) => entry.fields.text);
};
const enter = async (page: Page, no: number, text: string) => {
  await textOf(page, no).fill(text);
  await page.keyboard.press('Enter');
};

test('a field that holds the cursor is not changed under it; what both typed there is asked about, and the rest is kept', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  const id = await startRun(one, server.url, 'Preserves', LABELS);
  for (const page of [one, two]) {
    await page.goto(`${server.url}/runs/${id}/roster`);
    await expect(textOf(page, 1)).toHaveValue(LABELS[0]!);
  }
  // One stands in a field and types nothing yet: what the other saves is shown everywhere else.
  await textOf(one, 1).focus();
  await enter(two, 1, 'Quince paste');
  await enter(two, 2, 'Sloe gin');
  await expectSaved(two);
  await expect(textOf(one, 2)).toHaveValue('Sloe gin');
  await expect(textOf(one, 1)).toHaveValue(LABELS[0]!);
  // Left as it was, it shows what came.
  await textOf(one, 3).focus();
  await expect(textOf(one, 1)).toHaveValue('Quince paste');

  // Both type into the same field; the one that is left later is asked, and has typed elsewhere too.
  await textOf(one, 3).fill('Medlar jelly');
  await enter(two, 3, 'Medlar butter');
  await expectSaved(two);
  await enter(two, 4, 'Damson');
  await expect(textOf(one, 4)).toHaveValue('Damson');
  await expect(textOf(one, 3)).toHaveValue('Medlar jelly');
  await one.keyboard.press('Tab');
  const asked = one.getByRole('alert').filter({ hasText: 'Changed here and somewhere else' });
  await expect(asked).toContainText('“Medlar jelly” here, “Medlar butter” there');
  await expectNoAxeFinding(one);
  await enter(one, 2, 'Sloe vinegar');
  await asked.getByRole('button', { name: 'Theirs', exact: true }).click();
  await expectSaved(one);
  expect(await texts(one, id)).toEqual(['Quince paste', 'Sloe vinegar', 'Medlar butter', 'Damson']);
  // The answer is one step.
  await one.getByRole('button', { name: 'Undo' }).click();
  await expectSaved(one);
  expect(await texts(one, id)).toEqual(['Quince paste', 'Sloe vinegar', 'Medlar jelly', 'Damson']);
  await context.close();
});

test('undo reaches back over a reload, in this tab alone', async ({ browser }) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  const id = await startRun(page, server.url, 'Preserves, winter', LABELS);
  await page.goto(`${server.url}/runs/${id}/roster`);
  await enter(page, 1, 'Rowan');
  await enter(page, 2, 'Haw');
  await expectSaved(page);
  await page.waitForTimeout(900);
  await page.reload();
  await expect(textOf(page, 2)).toHaveValue('Haw');
  const undo = page.getByRole('button', { name: 'Undo' });
  await expect(undo).toBeEnabled();
  await undo.click();
  await expect(textOf(page, 2)).toHaveValue(LABELS[1]!);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Control+z');
  await expect(textOf(page, 1)).toHaveValue(LABELS[0]!);
  await expect(undo).toBeDisabled();
  await page.keyboard.press('Control+Shift+z');
  await expectSaved(page);
  expect(await texts(page, id)).toEqual(['Rowan', ...LABELS.slice(1)]);
  const other = await context.newPage();
  await other.goto(`${server.url}/runs/${id}/roster`);
  await expect(textOf(other, 1)).toHaveValue('Rowan');
  await expect(other.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await context.close();
});

test('a run removed elsewhere keeps what was typed here: as a run of its own, or brought back', async ({ page }) => {
  const id = await startRun(page, server.url, 'Preserves, spring', LABELS);
  await page.goto(`${server.url}/runs/${id}/roster`);
  await expect(textOf(page, 1)).toHaveValue(LABELS[0]!);
  expect((await page.request.delete(`${server.url}/api/runs/${id}`)).ok()).toBe(true);
  await enter(page, 1, 'Elderflower');
  const notice = page.getByRole('alert').filter({ hasText: 'This run was removed somewhere else' });
  await expect(notice).toContainText('Your last change is kept in this browser.');
  await expect(page.getByTestId('save-state')).toHaveText('removed elsewhere');
  await expectNoAxeFinding(page);
  await notice.getByRole('button', { name: 'Bring the run back' }).click();
  await expectSaved(page);
  expect(await texts(page, id)).toEqual(['Elderflower', ...LABELS.slice(1)]);

  expect((await page.request.delete(`${server.url}/api/runs/${id}`)).ok()).toBe(true);
  await enter(page, 2, 'Woodruff');
  await notice.getByRole('button', { name: 'This state as a run of its own' }).click();
  await page.getByRole('link', { name: 'a run of its own' }).click();
  await expect(page.getByRole('button', { name: /Preserves, spring \(my copy\)/ })).toBeVisible();
  await expect(textOf(page, 1)).toHaveValue('Elderflower');
  await expect(textOf(page, 2)).toHaveValue('Woodruff');
});

test('saved is said only when the marks are, too', async ({ page }) => {
  const id = await startRun(page, server.url, 'Preserves, shelf', LABELS);
  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(LABELS[0]!);
  await expectSaved(page);
  let letGo: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route('**/acts', async (route) => {
    await held;
    await route.continue();
  });
  await page.keyboard.press('c');
  await expect(page.getByTestId('save-state')).toHaveText('saving…');
  letGo();
  await expectSaved(page);
});
