import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, makeAllPasses, step } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** A chess club's prizes: what each gets stands in the list. */
const LIST = [
  ['Name', 'Prize'],
  ['Ilse Brandvold', 'bag'],
  ['Tarquin Oyelowe', 'Cap'],
  ['Maite Zubiri', 'both'],
  ['Ruadhán Kell', 'cap'],
];
const asText = (rows: readonly (readonly string[])[]) => rows.map((row) => row.join('\t')).join('\n');

test('two blanks by a column, a newcomer follows, an unknown word is asked, and what is made stays', async ({
  page,
}) => {
  const created = await page.request.post(`${server.url}/api/runs`, {
    data: { title: 'Chess club, prizes', list: asText(LIST) },
  });
  const { id } = (await created.json()) as { id: string };
  await page.goto(`${server.url}/runs/${id}/blank`);
  const who = page.getByLabel('Who gets it');
  await who.selectOption({ label: 'by the column “Prize”' });
  await expect(page.getByRole('main').getByText('4 entries', { exact: true })).toBeVisible();
  await page.getByRole('checkbox', { name: 'Cap (2)' }).click();
  await expect(page.getByText('2 entries say “Cap” in “Prize”, and no blank is for that.')).toBeVisible();
  await expectNoAxeFinding(page);

  await page.getByRole('button', { name: 'One more blank…' }).click();
  await page.getByRole('region', { name: 'Blanks of the shop' }).getByRole('button', { name: /^Cap/ }).click();
  await page.getByRole('radio', { name: /^Cap/ }).first().click();
  await who.selectOption({ label: 'by the column “Prize”' });
  await page.getByRole('checkbox', { name: 'bag (1)' }).click();
  await expect(page.getByRole('main').getByText('3 entries', { exact: true })).toBeVisible();
  await page.getByText('Who gets what, one by one').click();
  await expect(page.getByRole('checkbox', { name: 'Maite Zubiri gets the cap' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Ilse Brandvold gets the cap' })).not.toBeChecked();
  await expectNoAxeFinding(page);
  await expectSaved(page);

  const items = async () => {
    const answer = await page.request.get(`${server.url}/api/runs/${id}/tally?station=x`);
    const { items: all } = (await answer.json()) as { items: { text: string[]; blankName: string }[] };
    return all.map(({ text, blankName }) => `${text.join(' ')}: ${blankName}`).sort();
  };
  const AS_LISTED = [
    'Ilse Brandvold: Garment bag',
    'Maite Zubiri: Cap',
    'Maite Zubiri: Garment bag',
    'Ruadhán Kell: Cap',
    'Tarquin Oyelowe: Cap',
  ];
  expect(await items()).toEqual(AS_LISTED);

  // A newer list brings somebody for a cap, and somebody for what nobody has heard of.
  const newer = asText([...LIST, ['Oda Fenn', 'CAP'], ['Ber Quist', 'clock']]);
  const { counter } = (await (await page.request.get(`${server.url}/api/runs/${id}`)).json()) as { counter: number };
  const taken = await page.request.put(`${server.url}/api/runs/${id}/list`, {
    data: { list: newer },
    headers: { 'if-match': `"${counter}"` },
  });
  expect(taken.status()).toBe(200);
  expect(await items()).toEqual([...AS_LISTED, 'Oda Fenn: Cap'].sort());
  await page.goto(`${server.url}/runs/${id}/roster`);
  await expect(page.getByRole('navigation', { name: 'Steps of the run' })).toContainText('1 without one');
  await step(page, 'Blank');
  await page
    .getByRole('radio', { name: /^Garment bag/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'They get the garment bag' }).click();
  await expect(page.getByText('and no blank is for that')).toHaveCount(0);
  await expectSaved(page);
  expect(await items()).toContain('Ber Quist: Garment bag');

  // What lies in a made pass is not taken from anybody by a rule.
  await makeAllPasses(page.request, server.url, id);
  await page.reload();
  await page
    .getByRole('radio', { name: /^Garment bag/ })
    .first()
    .click();
  await page.getByRole('checkbox', { name: 'clock (1)' }).click();
  await expect(page.getByText('It stays as it was: this blank is worked on for Ber Quist.')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'clock (1)' })).toBeChecked();
});
