import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, makeAllPasses, step } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

async function startTable(url: string, title: string, list: string): Promise<string> {
  const created = await fetch(`${url}/api/runs`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ title, list }),
  });
  return ((await created.json()) as { id: string }).id;
}

test('Prepare counts motifs, spaces and what was lost at the bench', async ({ page }) => {
  const id = await startTable(server.url, 'Kite pegs', 'Sky Lark\nZoë');
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page.getByRole('radio', { name: 'one letter to a blank' }).click();
  await page.getByRole('checkbox', { name: 'a space is a blank left empty' }).check();
  await page.getByLabel('Blanks with a motif, each text').fill('2');
  // Seven letters and three, two motifs each, and one space.
  await expect(page.getByText('15 blanks: 10 letters, 4 with a motif, 1 left empty.')).toBeVisible();
  await expectSaved(page);
  await step(page, 'Prepare');
  const bags = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: 'Garment bag' }) });
  await expect(bags.getByRole('cell').nth(1)).toHaveText('15');
  await expectNoAxeFinding(page);

  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await page.getByRole('button', { name: /^Spoiled/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'crooked' }).click();
  await dialog.getByRole('checkbox', { name: 'The blank is lost with it' }).check();
  await dialog
    .getByRole('button', { name: /spoiled/i })
    .last()
    .click();
  await expect(dialog).toHaveCount(0);
  await step(page, 'Prepare');
  await expect(bags.getByRole('cell').nth(1)).toHaveText('16 (1 for lost ones)');

  await page.getByLabel('Spares for what spoils').fill('30');
  await expect(bags.getByRole('cell').nth(2)).toHaveText('5');
  await page.getByRole('checkbox', { name: 'shared over the sizes and colours of a blank' }).check();
  await expect(bags.getByRole('cell').nth(2)).toHaveText('5');
});

test('a film that is hard to tell from its blank is answered by films that are told, and by one key', async ({
  page,
}) => {
  const id = await startTable(server.url, 'Kite bags', 'Wren\nJunco\nPipit');
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(3);
  await page.getByLabel('Cut from').selectOption('film-stretch');
  const decision = page.getByRole('region', { name: 'To decide' });
  await expect(decision).toContainText(/is hard to read/);
  const offers = decision.getByRole('radiogroup', { name: 'Remedies' }).getByRole('radio');
  await expect(offers.first()).toContainText('Another film, ');
  for (const offer of await offers.all()) await expect(offer).toContainText('Another film, ');
  await expectNoAxeFinding(page);
  await decision.getByRole('button', { name: /^For all 3 alike/ }).click();
  await expect(page.getByText('hard to read')).toHaveCount(0);
  await expectSaved(page);
});

test('who is meant stands there where nothing can be drawn, and the newer list tells what would be cut otherwise', async ({
  page,
}) => {
  const list = 'Name\tBorn\nWren Oakley\t1999\nJunco\t2001\nPipit Ashdown\t2003';
  const id = await startTable(server.url, 'Kite tags', list);
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page
    .getByRole('textbox', { name: /line 1/i })
    .first()
    .fill('{monogram}');
  await page.getByRole('button', { name: 'One more line' }).click();
  await page
    .getByRole('textbox', { name: /line 2/i })
    .first()
    .fill('{date:year}');
  await expectSaved(page);
  // The very first that was done on the page took the place of what the line said.
  const first = page.getByRole('textbox', { name: /line 1/i }).first();
  await expect(first).toHaveAttribute('data-template', '{monogram}');
  await step(page, 'Fit');
  // Junco has no family name: no monogram can be made, and the year alone does not say whose it is.
  const decision = page.getByRole('region', { name: 'To decide' });
  await expect(decision).toContainText('for Junco');
  await expect(decision).toContainText('No monogram');
  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  await expect(page.getByText('Left out of the passes')).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'no monogram' })).toContainText('for Junco');

  await step(page, 'Roster');
  await page.getByRole('link', { name: 'Bring in a newer list…' }).click();
  await page
    .getByLabel(/Names one to a line/)
    .fill('Name\tBorn\nWrenna Oakley\t1999\nJunco\t2011\nPipit Ashdown\t2004\n');
  const notice = page.getByText(/^In a made pass, and otherwise by the newer list/).locator('..');
  // Another given name of the same letter is cut the same; the year of one that is made is not.
  await expect(notice).toContainText('Pipit Ashdown: PA / 2003 → PA / 2004.');
  await expect(notice).not.toContainText('Wren');
  await expect(notice).not.toContainText('Junco');
  await expectNoAxeFinding(page);
});
