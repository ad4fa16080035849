import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { cutFilesOf, expectNoAxeFinding, expectSaved, piecesIn, settled, step } from './pages';

/** A swimming club's towels: twenty-four names on a blank and in a lettering that are chosen while the list is typed. */
const CLUB = ['Ilka', 'Tove', 'Zélie', 'Quirin', 'Sverre', 'Undine', 'Wanja', 'Ylva'].flatMap((name) => [
  name,
  `${name} Ro`,
  `${name} Vik`,
]);

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('a run begins on a blank and in a lettering by their pictures, and all its passes are made at once', async ({
  page,
}) => {
  await page.goto(`${server.url}/runs/new`);
  await page.getByLabel('What it is for').fill('Club towels');
  await page.getByLabel(/Names one to a line/).fill(CLUB.join('\n'));
  await page.getByRole('radio', { name: 'Tea towel' }).click();
  await page.getByRole('radio', { name: 'Narrow block' }).click();
  await expect(page.getByRole('img', { name: 'Ilka Ro on Tea towel' }).locator('path')).toHaveCount(2);
  await expectNoAxeFinding(page);
  await page.getByRole('button', { name: 'Start the run' }).click();
  // Full names beside first names are asked about first.
  await expect(page).toHaveURL(/\/roster$/);
  await step(page, 'Fit');
  await expect(page.getByTestId('fit').first()).toBeVisible();
  await expect(page.getByText('Tea towel').first()).toBeVisible();
  const letterings = page.getByRole('radiogroup', { name: 'Lettering' });
  await expect(letterings.getByRole('radio', { name: 'Narrow block' })).toBeChecked();

  // The strip stays where it is while one after the other is tried.
  const topOf = async () => (await letterings.boundingBox())!.y;
  await expect(async () => {
    await page.evaluate(() => scrollTo(0, 300));
    // A page that has just been opened may be brought to its head once more.
    await page.waitForTimeout(100);
    expect(await page.evaluate(() => scrollY)).toBeGreaterThan(250);
  }).toPass();
  const before = await topOf();
  await letterings.getByRole('radio', { name: 'Heavy slab' }).click();
  await settled(page);
  expect(Math.abs((await topOf()) - before)).toBeLessThan(2);
  await expectSaved(page);

  await step(page, 'Roster');
  const rows = page.getByRole('table', { name: 'Entries' }).getByRole('row');
  await page.getByLabel('Look for').fill('zelie vik');
  await expect(rows).toHaveCount(2);
  await expect(rows.nth(1)).toContainText('9');
  await expectNoAxeFinding(page);

  await step(page, 'Sheets');
  await page.getByRole('button', { name: /^Make all \d+ passes…/ }).click();
  const asked = page.getByRole('group', { name: /^Make all/ });
  await expect(asked).toContainText('24 pieces');
  await expect(asked).toContainText('0 of 24 are ticked on the proof');
  await expectNoAxeFinding(page);
  await asked.getByRole('button', { name: 'Make them all' }).click();
  await expect(page.getByRole('link', { name: 'Sheets' })).toContainText('passes made', { timeout: 60_000 });
  const id = page.url().split('/').at(-2)!;
  const pieces = (await cutFilesOf(page, server.url, id)).flatMap(piecesIn);
  expect(new Set(pieces).size).toBe(24);

  await page.goto(server.url);
  await expect(page.getByRole('listitem').filter({ hasText: 'Club towels' })).toContainText('Next: cut 24');
  await page.getByRole('link', { name: 'Next: cut 24' }).click();
  await expect(page).toHaveURL(/\/sheets$/);
});
