import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, field, makePass, startRun } from './pages';

/** A chess club's bags, each in the colour of its team. */
const LIST = [
  ['Name', 'Colour'],
  ['Ilse Brandvold', 'gold'],
  ['Tarquin Oyelowe', 'White'],
  ['Szymon Wierzba', 'plum'],
  ['Maite Zubiri', 'Plum'],
];
const asText = (rows: readonly (readonly string[])[]) => rows.map((row) => row.join('\t')).join('\n');

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('films by a column: what it says is found, an unknown word is asked once for all alike, a newcomer follows', async ({
  page,
}) => {
  const created = await page.request.post(`${server.url}/api/runs`, {
    data: { title: 'Chess club, team bags', list: asText(LIST) },
  });
  const { id } = (await created.json()) as { id: string };
  await page.goto(`${server.url}/runs/${id}/fit`);
  await page.getByLabel('Who gets another film').selectOption({ label: 'by the column “colour”' });
  const values = page.getByRole('list', { name: 'What “colour” is cut from' });
  await expect(values.getByRole('listitem').first()).toContainText('“plum”, 2 entries: cut from what?');
  await expect(page.getByTestId('fit').filter({ hasText: 'no film' })).toHaveCount(2);
  await expect(page.getByRole('navigation', { name: 'Steps of the run' })).toContainText('2 to decide');
  await expectNoAxeFinding(page);
  // Answered where it is asked; the same choice stands beside the film.
  await page.getByLabel('What “plum” is cut from').selectOption({ label: 'burgundy flock film' });
  await expect(values.getByRole('combobox').first()).not.toHaveValue('');
  await expect(page.getByTestId('fit').filter({ hasText: 'no film' })).toHaveCount(0);
  await expectSaved(page);

  const films = async () => {
    const answer = await page.request.get(`${server.url}/api/runs/${id}/tally?station=x`);
    const { items } = (await answer.json()) as { items: { text: string[]; pieces: { materialName: string }[] }[] };
    return items.map(({ text, pieces }) => `${text.join(' ')}: ${pieces[0]!.materialName}`);
  };
  const AS_LISTED = [
    'Ilse Brandvold: gold heat-transfer film',
    'Tarquin Oyelowe: white heat-transfer film',
    'Szymon Wierzba: burgundy flock film',
    'Maite Zubiri: burgundy flock film',
  ];
  expect(await films()).toEqual(AS_LISTED);
  const { counter } = (await (await page.request.get(`${server.url}/api/runs/${id}`)).json()) as { counter: number };
  const taken = await page.request.put(`${server.url}/api/runs/${id}/list`, {
    data: { list: asText([...LIST, ['Oda Fenn', 'PLUM'], ['Ber Quist', '']]) },
    headers: { 'if-match': `"${counter}"` },
  });
  expect(taken.status()).toBe(200);
  expect(await films()).toEqual([...AS_LISTED, 'Oda Fenn: burgundy flock film', 'Ber Quist: gold heat-transfer film']);
});

test('a leftover is a bed that serves one pass: the rest goes on the run’s bed, and the shop has it no more', async ({
  page,
}) => {
  await page.goto(`${server.url}/shop/beds`);
  await page.getByRole('button', { name: 'A new bed' }).click();
  await field(page, 'Name').fill('offcut of gold');
  await field(page, 'Width that the blade reaches').fill('210');
  await field(page, 'Length that the blade reaches').fill('130');
  await field(page, 'Margin that it cannot reach').fill('8');
  await page.getByText('A leftover: it serves one pass only').click();
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await expectNoAxeFinding(page);

  const names = Array.from({ length: 8 }, (_, i) => `Perpetua ${'ABCDEFGH'[i]}`);
  const id = await startRun(page, server.url, 'Chess club, leftovers', names);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  await page.getByText('A bed of its own for a film').click();
  await page
    .getByRole('combobox', { name: /^gold heat-transfer film/ })
    .selectOption({ label: 'offcut of gold, once' });
  await expectSaved(page);
  const slip = page.getByText('Slip for pass 1').locator('..');
  await expect(slip).toContainText(/Cut 210 × \d+ mm/);
  await expect(slip).toContainText('145 °C, 15 s, medium pressure');
  await makePass(page, 1);
  await expect(page.getByRole('link', { name: 'Press sheet, PDF' })).toBeVisible();
  await page.getByRole('button', { name: /^Pass 2, planned/ }).click();
  await expect(page.getByText('Slip for pass 2').locator('..')).toContainText(/Cut 290 × \d+ mm/);
  await page.goto(`${server.url}/shop/beds`);
  await expect(page.getByRole('link', { name: 'offcut of gold' })).toHaveCount(0);
});

test('a lettering of one’s own is made with a text to try, and taken by a run that has begun', async ({ page }) => {
  const id = await startRun(page, server.url, 'Chess club, captains', ['Ilse Brandvold', 'Bo']);
  await page.goto(`${server.url}/shop/letterings`);
  await expect(page.getByRole('img', { name: '“Brass & Reed” in Ribbon script' })).toBeVisible();
  await page.getByRole('button', { name: 'A new lettering' }).click();
  await field(page, 'Name').fill('Captain’s capitals');
  await page.getByRole('combobox', { name: /^Face/ }).selectOption({ label: 'Alfa Slab One Regular' });
  await page.getByRole('radio', { name: 'CAPITALS' }).click();
  await field(page, 'Least letter height').fill('9');
  await field(page, 'Try it with').fill('Großmeister');
  await expect(page.getByRole('img', { name: '“Großmeister” in Captain’s capitals' })).toBeVisible();
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await expectNoAxeFinding(page);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await page.getByLabel('Another lettering, from the shop').selectOption({ label: 'Captain’s capitals' });
  await expect(page.getByRole('radio', { name: 'Captain’s capitals' })).toBeChecked();
  await expect(page.getByTestId('fit').filter({ hasText: 'ILSE BRANDVOLD' })).toHaveCount(1);
  await expectSaved(page);
  const fresh = await startRun(page, server.url, 'Chess club, next year', ['Bo']);
  await page.goto(`${server.url}/runs/${fresh}/fit`);
  await expect(page.getByRole('radio', { name: 'Captain’s capitals' })).toBeVisible();
});
