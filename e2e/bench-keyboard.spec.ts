import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, letMakePass, makeAllPasses, makePass, startRun } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** A lifeboat crew's lockers: forty-four names, some alike in their beginnings, some with marks above the letters. */
const CREW = Array.from({ length: 44 }, (_, i) => `${['Sørli', 'Sorley', 'Méabh', 'Padraig'][i % 4]} ${String(i + 1)}`);

const rows = (page: Page) => page.getByRole('list', { name: 'Items of the run' }).getByRole('listitem');
const filter = (page: Page, name: string | RegExp) =>
  page.getByRole('group', { name: 'Show' }).getByRole('button', { name });

test('a pass of chosen entries: only they lie on the bed, the others wait', async ({ page }) => {
  const id = await startRun(page, server.url, 'Lockers, early watch', CREW.slice(0, 12));
  await page.goto(`${server.url}/runs/${id}/sheets`);
  await expect(page.getByTestId('piece').first()).toBeVisible();
  await page.getByText('all 12 open entries').click();
  await expectNoAxeFinding(page);
  await page.getByRole('button', { name: 'None' }).click();
  await expect(page.getByText('No piece to lay out.')).toBeVisible();
  for (const no of [2, 7, 11]) await page.getByRole('checkbox', { name: CREW[no]! }).click();
  await expect(page.getByText('3 of 12 open entries')).toBeVisible();
  await expect(page.getByTestId('piece')).toHaveCount(3);
  await expectSaved(page);
  await makePass(page, 1);
  const svg = await (await page.request.get(`${server.url}/api/runs/${id}/passes/1/cut.svg`)).text();
  expect([...svg.matchAll(/data-text="([^"]+)"/g)].map(([, text]) => text).sort()).toEqual(
    [CREW[2], CREW[7], CREW[11]].sort(),
  );
  await page.getByRole('button', { name: 'All', exact: true }).click();
  await expect(page.getByText('all 9 open entries')).toBeVisible();
  await expectSaved(page);
  const plan = await (await page.request.get(`${server.url}/api/runs/${id}/plan`)).json();
  const patches = plan.passes.flatMap((pass: { patches: { pieces: object[] }[] }) => pass.patches);
  expect(patches.flatMap(({ pieces }: { pieces: object[] }) => pieces)).toHaveLength(9);
});

test('forty marks by keyboard alone: walk, jump, range, filter, undo', async ({ page }) => {
  const id = await startRun(page, server.url, 'Lockers, late watch', CREW);
  await makeAllPasses(page.request, server.url, id);
  let numActs = 0;
  page.on('response', (response) => {
    if (response.url().endsWith('/acts') && response.ok()) numActs++;
  });
  await page.goto(`${server.url}/runs/${id}/bench`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[0]!);
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
  };

  // Thirty one by one: marked cut, and on to the next.
  for (let i = 0; i < 30; i++) await press('c', 'ArrowDown');
  await expect.poll(() => numActs).toBe(30);
  await expect(filter(page, 'to weed 30')).toBeVisible();

  // A jump by the beginning of a name, whatever is written above its letters.
  await press('/');
  await expect(page.getByLabel('Go to a name')).toBeFocused();
  await page.keyboard.type('meabh 39');
  await press('Enter', 'w');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[38]!);
  await expect.poll(() => numActs).toBe(31);
  await press('/');
  await page.keyboard.type('sor');
  await expect(page.getByText('1 of 22')).toBeVisible();
  await press('ArrowDown', 'ArrowDown', 'Escape');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[4]!);

  // Letters typed into the field marked nothing; a held key marks once.
  expect(numActs).toBe(31);
  await page.keyboard.down('w');
  await page.keyboard.down('w');
  await page.keyboard.down('w');
  await page.keyboard.up('w');
  await expect.poll(() => numActs).toBe(32);

  // The first ten as one act, taken back, brought again; the end of the list and the space bar.
  await press('Home');
  for (let i = 0; i < 9; i++) await press('Shift+ArrowDown');
  await press('p');
  await expect(filter(page, /^to check 10$/)).toBeVisible();
  await press('u');
  await expect(filter(page, /^to check/)).toHaveCount(0);
  await press('Shift+U');
  await expect(filter(page, /^to check 10$/)).toBeVisible();
  await press('End');
  // The space bar means the deed that is named, and goes on to the next that wants the same: from the end to the top again.
  await expect(page.getByRole('button', { name: 'Mark cut space' })).toBeVisible();
  await press(' ');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[30]!);
  await press(' ', ' ');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[32]!);
  for (const deed of ['w', 'p', 'k', 'b']) await press(deed);
  await expect(filter(page, /^packed 1$/)).toBeVisible();
  await expect.poll(() => numActs).toBe(42);

  // Filters are reached by Tab; with one chosen, marking goes on to what took the item's place.
  await filter(page, /^to check 10$/).focus();
  await press('Enter');
  await expect(rows(page)).toHaveCount(10);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[0]!);
  await press('k');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[1]!);
  await press('k');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[2]!);
  await expect(rows(page)).toHaveCount(8);
  await expect.poll(() => numActs).toBe(44);
});

test('the list of keys opens by key, and switches letters off for good', async ({ page }) => {
  const id = await startRun(page, server.url, 'Lockers, spare', CREW.slice(0, 3));
  await page.goto(`${server.url}/runs/${id}/bench`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[0]!);
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Help for this step' })).toBeVisible();
  await expectNoAxeFinding(page);
  await page.getByRole('checkbox').focus();
  await page.keyboard.press(' ');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('c');
  await page.keyboard.press(' ');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CREW[1]!);
  await expect(filter(page, /^to cut 3$/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Mark cut', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Mark cut', exact: true }).click();
  await letMakePass(page, 1);
  await expect(filter(page, /^to cut 2$/)).toBeVisible();
});

test('at a tablet’s width everything is within reach of a thumb, and several are picked by tapping', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 768, height: 1024 }, hasTouch: true });
  const page = await context.newPage();
  const id = await startRun(page, server.url, 'Lockers, touch', CREW.slice(0, 6));
  await page.goto(`${server.url}/runs/${id}/bench`);
  const list = page.getByRole('list', { name: 'Items of the run' });
  await page.getByRole('button', { name: 'Pick several' }).tap();
  for (const no of [2, 4]) await list.getByRole('button', { name: CREW[no]! }).tap();
  await expect(page.getByText('Or mark the 3 that are picked')).toBeVisible();
  await page.getByRole('button', { name: /^Mark 3 cut/ }).tap();
  await page.getByRole('button', { name: /^Make pass 1/ }).tap();
  await expect(filter(page, /^to weed 3$/)).toBeVisible();
  const small = await page
    .getByRole('main')
    .locator('button:visible')
    .evaluateAll((buttons) =>
      buttons
        .map((button) => ({ text: button.textContent, box: button.getBoundingClientRect() }))
        .filter(({ box }) => box.height < 47.5 || box.width < 47.5)
        .map(({ text, box }) => `${text}: ${box.width} × ${box.height}`),
    );
  expect(small).toEqual([]);
  const isTooWide = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth);
  expect(isTooWide).toBe(false);
  await expectNoAxeFinding(page);
  await context.close();
});
