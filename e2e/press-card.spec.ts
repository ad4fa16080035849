import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, makeAllPasses, startRun, step, takeInstead, weedPass } from './pages';

/** A chess club: board bags for the first team. */
const PLAYERS = ['Ilse Brandvold', 'Tarquin Oyelowe', 'Bo', 'Szymon Wierzba', 'Maite', 'Ruadhán'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const card = (page: Page) => page.getByRole('region', { name: 'Press card' });
const setting = (page: Page, label: string) => card(page).locator('dl > div').filter({ hasText: label }).locator('dd');

async function toPress(page: Page, id: string): Promise<void> {
  await page.goto(`${server.url}/runs/${id}/bench`);
  await weedPass(page);
}

test('what is to be pressed shows its card first, for the heater of the station', async ({ page }) => {
  const id = await startRun(page, server.url, 'Chess club, board bags', PLAYERS);
  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/bench`);
  // Before it is weeded the card can be looked at, and stays out of the way.
  await expect(card(page)).toBeHidden();
  await page.getByText('How it is pressed').click();
  await expect(setting(page, 'heat')).toHaveText('145 °C');
  await toPress(page, id);
  await expect(setting(page, 'heat')).toHaveText('145 °C');
  await expect(setting(page, 'seconds')).toHaveText('15 s');
  await expect(setting(page, 'pressure')).toHaveText('medium');
  await expect(setting(page, 'peel')).toHaveText('cold');
  await expect(card(page).getByRole('listitem').first()).toContainText(
    'Flatten and dry the spot for 5 s; take lint off',
  );
  await expect(card(page)).toContainText('the film maker’s sheet and the blank’s label win');
  await expectNoAxeFinding(page);
  await card(page).getByLabel('Pressed with').selectOption({ label: 'home iron' });
  await expect(setting(page, 'seconds')).toHaveText('38 s');
  await page.reload();
  await expect(setting(page, 'seconds')).toHaveText('38 s');
});

test('a fabric without a card borrows the nearest, an unknown one is asked, a film that wants too much is a stop', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Chess club, clock boxes', PLAYERS.slice(0, 3));
  await page.goto(`${server.url}/runs/${id}/blank`);
  await takeInstead(page, /^Wooden box/);
  await expectSaved(page);
  await makeAllPasses(page.request, server.url, id);
  await toPress(page, id);
  await expect(card(page)).toContainText('Nobody has said what this blank is pressed like');
  await card(page)
    .getByRole('combobox', { name: /is pressed like/ })
    .selectOption({ label: 'wool or felt' });
  await expect(card(page)).toContainText('this is the one for cotton, the nearest with a clamshell press');
  await expect(card(page)).toContainText('A trial spot first');
  await expect(setting(page, 'heat')).toHaveText('150 °C');
  await expectSaved(page);

  const other = await startRun(page, server.url, 'Chess club, score books', PLAYERS.slice(3));
  await page.goto(`${server.url}/runs/${other}/blank`);
  await takeInstead(page, /^Music folder/);
  await expectSaved(page);
  await step(page, 'Fit');
  await page.getByLabel('Cut from').selectOption('film-glitter');
  await expectSaved(page);
  await makeAllPasses(page.request, server.url, other);
  await toPress(page, other);
  await expect(card(page)).toContainText('glitter film wants at least 150 °C, and the fabric bears 140 °C');
  await expect(setting(page, 'heat')).toHaveCount(0);
  await expectNoAxeFinding(page);
});
