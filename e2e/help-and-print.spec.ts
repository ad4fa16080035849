import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, startRun } from './pages';

const WARDENS = Array.from({ length: 70 }, (_, i) => `Warden ${String.fromCharCode(65 + (i % 26))}${i}`);

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('a guide leads through six steps, goes on where it was, and is left for good', async ({ page }) => {
  await startRun(page, server.url, 'Guided', ['Odile', 'Benno']);
  await page.goto(server.url);
  await page.getByRole('button', { name: 'Show me around' }).click();
  const guide = page.getByRole('complementary', { name: 'Guide' });
  for (const [i, name] of ['Roster', 'Wording', 'Fit', 'Proof', 'Sheets', 'Bench'].entries()) {
    await expect(guide).toContainText(`${i + 1} of 6 · ${name}.`);
    await expect(page).toHaveURL(new RegExp(`/${name.toLowerCase()}$`));
    if (i === 2) {
      await page.reload();
      await expect(guide).toContainText('3 of 6');
      // Walked off: the guide leads back.
      await page.getByRole('link', { name: /^Blank/ }).click();
      await guide.getByRole('button', { name: 'Back to Fit' }).click();
      await expect(page).toHaveURL(/\/fit$/);
      await expectNoAxeFinding(page);
    }
    await guide.getByRole('button', { name: i < 5 ? /^Next: / : 'That was it' }).click();
  }
  await expect(guide).toHaveCount(0);
  await page.goto(server.url);
  await expect(page.getByRole('heading', { name: 'Runs' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Show me around' })).toHaveCount(0);
});

test('roster and bench are printed in full, with the run’s name; Prepare and the slip as they are', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Wardens of the weir', WARDENS);
  // Nothing is sent to a printer here: the page is looked at as it would be.
  await page.addInitScript(() => {
    window.print = () => undefined;
  });
  await page.goto(`${server.url}/runs/${id}/roster`);
  await page.getByRole('button', { name: 'Print the roster' }).click();
  await page.emulateMedia({ media: 'print' });
  const rows = page.getByTestId('printed').locator('tbody tr');
  await expect(rows).toHaveCount(70);
  await expect(rows.last()).toContainText('Warden R69');
  await expect(page.getByText('Wardens of the weir').last()).toBeVisible();
  await expect(page.getByRole('navigation')).toBeHidden();
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await page.emulateMedia({ media: 'screen' });
  await expect(page.getByTestId('printed')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Print the roster' })).toBeVisible();

  await page.goto(`${server.url}/runs/${id}/bench`);
  await page.getByRole('button', { name: 'Print the list' }).click();
  await expect(rows).toHaveCount(70);
  await expect(page.getByRole('columnheader', { name: 'Weeded' })).toBeVisible();

  for (const step of ['prepare', 'sheets']) {
    await page.goto(`${server.url}/runs/${id}/${step}`);
    await expect(page.getByRole('button', { name: /^Print/ }).first()).toBeVisible({ timeout: 60_000 });
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('navigation')).toBeHidden();
    await expect(page.getByText('Wardens of the weir').last()).toBeVisible();
    await expect(page.getByRole('button').filter({ visible: true })).toHaveCount(0);
    await page.emulateMedia({ media: 'screen' });
  }
});
