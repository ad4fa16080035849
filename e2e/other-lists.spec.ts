import { expect, test } from '@playwright/test';
import * as office from 'xlsx';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, step, textOf } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('a list as people paste it: headings, numbering, counts, couples and names in two ways', async ({ page }) => {
  await page.goto(`${server.url}/runs/new`);
  await page
    .getByLabel(/Names one to a line/)
    .fill('Name\nFirst boat:\n1. XU Anna\n2. Ben Sculley x2\n3. Quill, Ida & Per\nSecond boat:\n4. Ben Sculley');
  await expect(page.getByText('Read as a table.')).toBeVisible();
  const shown = page.getByRole('group', { name: 'Columns and first rows' });
  await expect(shown.getByRole('row').nth(2)).toContainText('Ben Sculley');
  await expect(page.getByLabel('What “group” is')).toHaveValue('own');
  await page.getByRole('button', { name: 'Start and see what the list asks' }).click();
  await expect(page).toHaveURL(/roster$/);
  const asked = page.getByRole('region', { name: 'Questions of the list' });
  await expect(page.getByText('Ida Quill  +  Per Quill, or Quill  +  Ida  +  Per')).toBeVisible();
  await expectNoAxeFinding(page);
  await page.getByRole('button', { name: /^\d An entry for each$/ }).click();
  await page.getByRole('button', { name: /^\d Typed twice, one piece/ }).click();
  await expect(asked.getByRole('heading')).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('4 entries');
  await expect(page.getByLabel('Quantity of entry 2', { exact: true })).toHaveValue('2');
  await expect(textOf(page, 3)).toHaveValue('Ida Quill');
  await expectSaved(page);

  await test.step('where items would differ, one question for all that can be read in two ways', async () => {
    await step(page, 'Wording');
    await page
      .getByRole('textbox', { name: /line 1/i })
      .first()
      .fill('{given}');
    await expectSaved(page);
    await step(page, 'Roster');
    await expect(page.getByText('1 name can be taken apart in two ways. Which is right?')).toBeVisible();
    await page.getByRole('button', { name: /^\d The second way/ }).click();
    await step(page, 'Proof');
    await expect(page.getByTestId('spelled').first()).toHaveText('A n n a');
  });
});

test('letters of an older program: read by what is likely, and chosen by whoever sees the names', async ({ page }) => {
  await page.goto(`${server.url}/runs/new`);
  // “Peńa Muńko” as a central European program writes it: the western reading is a name as well.
  const buffer = Buffer.from([
    ...Buffer.from('Name;Size\nPe'),
    0xf1,
    ...Buffer.from('a Mu'),
    0xf1,
    ...Buffer.from('ko;M\n'),
  ]);
  await page.getByLabel('File with the list').setInputFiles({ name: 'rowers.csv', mimeType: 'text/csv', buffer });
  const letters = page.getByLabel('Letters read as');
  await expect(letters).toHaveValue('windows-1252');
  const shown = page.getByRole('group', { name: 'Columns and first rows' });
  await expect(shown).toContainText('Peña Muñko');
  await expectNoAxeFinding(page);
  await letters.selectOption({ label: 'central European: Peńa Muńko' });
  await expect(shown).toContainText('Peńa Muńko');
  await expect(letters).toHaveValue('windows-1250');
  await page.getByRole('button', { name: 'Start and see what the list asks' }).click();
  await expect(textOf(page, 1)).toHaveValue('Peńa Muńko');
});

test('an open document, and a proof in which what cannot be cut stands apart', async ({ page }) => {
  const book = office.utils.book_new();
  const names = ['Nguyễn Ánh', 'Ĝustin Ŝorm', 'Ewa Święta', 'שרה לוי', 'Bo Oarsman'];
  office.utils.book_append_sheet(
    book,
    office.utils.aoa_to_sheet([['Name', 'Size'], ...names.map((name) => [name, 'M'])]),
    'Crew',
  );
  const buffer = office.write(book, { type: 'buffer', bookType: 'ods' }) as Buffer;
  await page.goto(`${server.url}/runs/new`);
  await page
    .getByLabel('File with the list')
    .setInputFiles({ name: 'crew.ods', mimeType: 'application/octet-stream', buffer });
  await expect(page.getByText('5 entries')).toBeVisible();
  await page.getByRole('button', { name: 'Start and see what the list asks' }).click();
  await expect(textOf(page, 4)).toHaveValue('שרה לוי');
  await step(page, 'Proof');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1 cannot be cut yet');
  const last = page.getByRole('listitem').last();
  await expect(last).toContainText('missing in this face');
  await expect(last.getByRole('checkbox')).toHaveCount(0);
  await page.getByLabel('Who looks').fill('Marit');
  await page.getByRole('button', { name: /^Tick all 4/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('All 4 texts are ticked, 1 cannot be cut yet');
  await expectNoAxeFinding(page);
  const proof = await page.request.get(
    page
      .url()
      .replace('/runs/', '/api/runs/')
      .replace(/proof$/, 'proof.pdf'),
  );
  expect([proof.status(), (await proof.body()).subarray(0, 5).toString()]).toEqual([200, '%PDF-']);
});
