import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { SHIPPED_FACES, faceFilePath } from '@/core/shop';
import { tablesOf, withTables } from '@/core/test/font-files';
import { aFont, asWoff2 } from '@/services/test/own-fonts';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, fitsOf, makePass, settled, startRun, step } from './pages';

/** A beekeepers' club: jackets, one of them with a year. */
const KEEPERS = ['Ingeborg Tallow', 'Bo', 'Åsé Wickström', 'Hive 1927', 'Quill'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const file = (name: string, bytes: Uint8Array) => ({ name, mimeType: 'font/ttf', buffer: Buffer.from(bytes) });

/** A script that is no face of ours: its maker gave it another weight. */
function aScript(): Uint8Array {
  const { sha } = SHIPPED_FACES.find(({ name }) => name === 'Lobster Regular')!;
  const font = new Uint8Array(readFileSync(`public${faceFilePath(sha)}`));
  const os2 = Uint8Array.from(tablesOf(font).get('OS/2')!);
  new DataView(os2.buffer).setUint16(4, 450);
  return withTables(font, { 'OS/2': os2 });
}

test('an own face is brought in packed, looked at on the run’s names, made a lettering, used, taken back and cut', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const id = await startRun(page, server.url, 'Beekeepers, jackets', KEEPERS);
  await page.goto(`${server.url}/shop`);
  await page.getByRole('navigation', { name: 'Shelves of the shop' }).getByRole('link', { name: 'Faces' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Shop: 20 faces');
  await page.getByLabel('A face of your own').setInputFiles(file('clover.woff2', await asWoff2(aScript())));
  await expect(page.getByText('Lobster Regular is on the shelf.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Shop: 21 faces');
  await page.getByRole('button', { name: 'Say whether it may be cut with…' }).click();
  await page.getByRole('radio', { name: 'yes, its licence says so' }).click();
  await expect(page.getByText('From clover.woff2.')).toBeVisible();
  await expect(page.getByText(/A run that is taken along carries it/)).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Clover');
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await expectNoAxeFinding(page);

  await page.getByRole('link', { name: 'All faces' }).click();
  await page.getByLabel('On the names of').selectOption('Beekeepers, jackets');
  await expect(page.getByText(/suits these texts best at 15\.0 mm/)).toBeVisible();
  const rows = page.getByRole('table', { name: 'Faces' }).getByRole('row');
  const clover = rows.filter({ hasText: 'Clover' });
  for (const text of ['Ingeborg Tallow', 'Bo', 'Åsé Wickström', 'Hive 1927'])
    await expect(clover.getByRole('img', { name: `“${text}” in Clover` })).toBeVisible();
  await expect(clover).toContainText('letters join, your own');
  await page.getByLabel('Which faces').selectOption('whose letters join');
  await expect(rows).toHaveCount(1 + 6);
  await expectNoAxeFinding(page);
  await clover.getByRole('button', { name: 'Make a lettering of Clover' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Clover');
  await expect(page.getByRole('combobox', { name: 'Face', exact: true }).locator('option:checked')).toHaveText(
    'Clover',
  );
  await expect(page.getByRole('img', { name: /in Clover$/ }).first()).toBeVisible();

  await page.goto(`${server.url}/runs/${id}/fit`);
  await settled(page);
  const before = await fitsOf(page, server.url, id);
  await page.getByLabel('Another lettering, from the shop').selectOption('Clover');
  await expectSaved(page);
  await settled(page);
  const inClover = await fitsOf(page, server.url, id);
  expect(inClover.map(({ inkWidthMm }) => inkWidthMm)).not.toEqual(before.map(({ inkWidthMm }) => inkWidthMm));
  await expect(page.getByText('Face: Clover.')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expectSaved(page);
  expect((await fitsOf(page, server.url, id)).map(({ inkWidthMm }) => inkWidthMm)).toEqual(
    before.map(({ inkWidthMm }) => inkWidthMm),
  );
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expectSaved(page);
  await step(page, 'Sheets');
  await makePass(page, 1);
});

test('a face that is none, or damaged, is refused with the reason and leaves nothing; one is taken out and brought back', async ({
  page,
}) => {
  await page.goto(`${server.url}/shop/faces`);
  const shelf = page.getByRole('heading', { level: 1 });
  const before = await shelf.textContent();
  const bring = (name: string, bytes: Uint8Array) =>
    page.getByLabel('A face of your own').setInputFiles(file(name, bytes));
  await bring('list.ttf', new TextEncoder().encode(KEEPERS.join('\n')));
  await expect(page.getByText(/list\.ttf is no font file\. .* Nothing was taken in\./)).toBeVisible();
  await bring('half.ttf', aFont().slice(0, 60_000));
  await expect(page.getByText(/half\.ttf ends before its table “.{4}” does: it is damaged/)).toBeVisible();
  const damaged = Uint8Array.from(aFont());
  const [glyf, whole] = [tablesOf(damaged).get('glyf')!, damaged];
  await bring('empty.ttf', withTables(whole, { glyf: new Uint8Array(glyf.length) }));
  await expect(page.getByText(/empty\.ttf draws nothing for “H”/)).toBeVisible();
  await bring('packed.woff2', (await asWoff2(aFont())).slice(0, 20_000));
  await expect(page.getByText(/packed\.woff2 is a WOFF2 that cannot be unpacked/)).toBeVisible();
  await expect(shelf).toHaveText(before ?? '');

  await bring('stand.ttf', aFont(2));
  await page.getByRole('button', { name: 'Say whether it may be cut with…' }).click();
  await expect(page.getByText(/names it, and does not carry it/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it out of the shop' }).click();
  await expect(page.getByText('A face is taken out of the shop.')).toBeVisible();
  await expect(shelf).toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('A face is taken out of the shop.')).toHaveCount(0);
  await expect(shelf).not.toHaveText(before ?? '');
});

test('a file of a face comes by its hash, to be kept for good; what is no face does not', async ({ page }) => {
  const font = aFont(0, 430);
  const sent = await page.request.post(`${server.url}/api/faces?name=stand.ttf`, {
    headers: { 'content-type': 'application/octet-stream' },
    data: Buffer.from(font),
  });
  expect(sent.status()).toBe(201);
  const { face } = (await sent.json()) as { face: { file: string } };
  const got = await page.request.get(`${server.url}/api/faces/${face.file}`);
  expect(got.headers()['cache-control']).toContain('immutable');
  expect(Buffer.compare(await got.body(), Buffer.from(font))).toBe(0);
  expect((await page.request.get(`${server.url}/api/faces/${'0'.repeat(64)}`)).status()).toBe(404);
});

test('other letters of a face are shown drawn in a text of one’s own, taken and given back', async ({ page }) => {
  await page.goto(`${server.url}/shop/letterings`);
  await page.getByRole('button', { name: 'A new lettering' }).click();
  await expect(page.getByRole('img', { name: /^“Gwendolen Åse” in/ })).toBeVisible();
  // What is drawn says its own text for as long as the new one is not there.
  let letGo = (): void => undefined;
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route('**/api/lettering-samples', async (route) => {
    await held;
    await route.continue();
  });
  await page.getByLabel('Try it with').fill('Halla');
  await page.getByLabel('Try it with').press('Enter');
  const other = page.getByRole('heading', { name: 'Other letters of this face' });
  await expect(other).toBeVisible();
  const sets = page.locator('section').filter({ has: other }).last().getByRole('checkbox');
  await expect(sets).toHaveCount(3);
  await expect(page.getByRole('img', { name: /^“Gwendolen Åse” in/ })).toBeVisible();
  letGo();
  const drawn = page.getByRole('img', { name: /^“Halla” in/ }).locator('path');
  const plain = await drawn.getAttribute('d');
  await sets.first().check();
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await expect(drawn).not.toHaveAttribute('d', plain ?? '');
  await expectNoAxeFinding(page);
  await sets.first().uncheck();
  await expect(drawn).toHaveAttribute('d', plain ?? '');
  await page.getByLabel('Try it with').fill('Bo');
  await page.getByLabel('Try it with').press('Enter');
  await expect(other).toHaveCount(0);
});
