import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, startRun } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('a name changed after its pass was made is told on tape, list and item, and shown as it is cut', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Ferry lockers: deck crew', ['Idunn', 'Torvald', 'Sunniva']);
  await page.goto(`${server.url}/runs/${id}/proof`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 of 3 texts to be ticked');
  expect((await page.request.post(`${server.url}/api/runs/${id}/passes`)).status()).toBe(201);

  const tape = page.getByRole('navigation').getByRole('link', { name: 'Bench' });
  await expect(tape).toContainText('0 of 3 packed');
  await page.getByRole('navigation').getByRole('link', { name: 'Roster' }).click();
  await page.getByLabel('Text of entry 2', { exact: true }).fill('Thorvald');
  await page.keyboard.press('Enter');
  await expectSaved(page);
  await expect(tape).toContainText('1 changed since');

  await test.step('on the proof stands what lies in the pass, and beside it what the run says', async () => {
    await page.getByRole('navigation').getByRole('link', { name: 'Proof' }).click();
    await expect(page.getByText('the run says now: Thorvald')).toBeVisible();
    await expect(page.getByTestId('spelled').nth(1)).toHaveText('T o r v a l d');
    await page.getByLabel('Who looks').fill('Marit');
    await page.getByRole('checkbox', { name: 'Thorvald is right' }).click();
    await expect(page.getByRole('checkbox', { name: 'Thorvald is right' })).toBeChecked();
    await expectSaved(page);
    await expectNoAxeFinding(page);
  });

  await test.step('and so does the proof on paper', async () => {
    const pdf = await (await page.request.get(`${server.url}/api/runs/${id}/proof.pdf`)).body();
    const words = await wordsOfPdf(pdf);
    expect(words).toMatch(/2Torvaldtherunsaysnow:ThorvaldThorvald:right,saysMarit/);
    expect(words.match(/therunsaysnow/g)).toHaveLength(1);
  });

  await tape.click();
  const row = page.getByRole('list', { name: 'Items of the run' }).getByRole('listitem').nth(1);
  await expect(row).toContainText('Torvald');
  await expect(row).toContainText('made so; the run says now “Thorvald”');
  await row.getByRole('button').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Torvald');
  // Nothing of it is cut yet, and nothing says so.
  await expect(page.getByText(/It lies in pass 1 as “Torvald”; the run says “Thorvald” now/)).toBeVisible();
  await expect(page.getByText(/It was cut as/)).toHaveCount(0);
  await page.keyboard.press('c');
  await expect(page.getByText(/It was cut as “Torvald”; the run says “Thorvald” now/)).toBeVisible();
  await expectNoAxeFinding(page);

  await test.step('its files are called by what they are', async () => {
    const nameOf = async (path: string) =>
      /filename="([^"]+)"/.exec(
        (await page.request.get(`${server.url}/api/runs/${id}/${path}`)).headers()['content-disposition'] ?? '',
      )?.[1];
    expect(await Promise.all(['proof.pdf', 'passes/1/cut.svg', 'bundle', 'roster.csv'].map(nameOf))).toEqual([
      'deck-crew-proof.pdf',
      'deck-crew-pass-1.svg',
      'deck-crew.knurl.json',
      'deck-crew-roster.csv',
    ]);
  });
});

/** What a page says without its spaces, which stand between letters there; read by a program that shares no code with what wrote it. */
async function wordsOfPdf(pdf: Buffer): Promise<string> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const document = await getDocument({ data: new Uint8Array(pdf) }).promise;
  const { items } = await (await document.getPage(1)).getTextContent();
  return items
    .map((item) => ('str' in item ? item.str : ''))
    .join('')
    .replace(/\s/g, '');
}
