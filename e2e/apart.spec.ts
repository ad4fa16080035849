import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import {
  cutFilesOf,
  expectNoAxeFinding,
  expectSaved,
  fitsOf,
  makeAllPasses,
  piecesIn,
  settled,
  startRun,
} from './pages';

/** Letters of a harbour's signal bunting: an initial in another colour, each letter a piece of its own. */
const BOATS = ['Anna', 'Nanna'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('an initial in a colour of its own, letters as pieces, a film named on the slip, marked letter by letter', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Signal bunting', BOATS);
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page.getByLabel(/^Single letters of line 1/).selectOption('but its first letter');
  await expect(page.getByLabel(/^Colour of single letters of line 1/)).toHaveValue('second');
  await expectSaved(page);
  await expectNoAxeFinding(page);

  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(BOATS.length);
  await page.getByRole('radio', { name: 'Stand block', exact: true }).click();
  const each = page.getByRole('checkbox', { name: 'Each letter a piece of its own' });
  await each.first().click();
  await settled(page);
  await expect(each.first()).toBeChecked();
  await expectSaved(page);
  await expectNoAxeFinding(page);
  const fits = await fitsOf(page, server.url, id);
  expect(fits.map(({ layers }) => layers.map(({ colourSlot, letters }) => [colourSlot, letters?.length]))).toEqual([
    [
      ['main', 3],
      ['second', undefined],
    ],
    [
      ['main', 4],
      ['second', undefined],
    ],
  ]);

  // A film of the same colour by another name: then the colour alone can be said.
  await page.goto(`${server.url}/runs/${id}/fit`);
  const cutFrom = page.getByLabel('“main” cut from');
  const film = await cutFrom.inputValue();
  const { spec } = (await (await page.request.get(`${server.url}/api/runs/${id}`)).json()) as {
    spec: { shop: { materials: { id: string; value: { name: string; colour: { name: string } } }[] } };
  };
  const { value } = spec.shop.materials.find((copy) => copy.id === film)!;
  const made = await page.request.put(`${server.url}/api/shop/materials/old-roll`, {
    data: { ...value, name: 'end of an old roll' },
    headers: { 'if-match': '"0"' },
  });
  expect(made.ok(), await made.text()).toBe(true);
  await page.reload();
  await expect(page.getByTestId('fit')).toHaveCount(BOATS.length);
  await cutFrom.selectOption(`whatever of ${value.colour.name} is there`);
  await settled(page);
  await expectSaved(page);

  await page.goto(`${server.url}/runs/${id}/sheets`);
  await page.getByRole('button', { name: /^Pass 2, planned/ }).click();
  const which = page.getByLabel(new RegExp(`^Which ${value.colour.name} do you lay`));
  await expect(which).toBeVisible();
  await expectNoAxeFinding(page);
  await which.selectOption('end of an old roll, from the shop');
  await expect(which).toHaveCount(0);
  await expect(page.getByText('off the end of an old roll').first()).toBeVisible();
  await expectSaved(page);
  await makeAllPasses(page.request, server.url, id);
  const pieces = (await cutFilesOf(page, server.url, id)).flatMap(piecesIn);
  expect(pieces).toHaveLength(9);

  await page.goto(`${server.url}/runs/${id}/bench`);
  const rows = page.getByRole('list', { name: 'Layers' }).getByRole('listitem');
  await expect(rows).toHaveCount(4);
  await expect(rows.filter({ hasText: 'letters n' })).toHaveCount(2);
  await rows.last().getByRole('button', { name: 'Mark it cut' }).click();
  await expect(rows.last()).toContainText('· cut');
  await expect(rows.first()).not.toContainText('· cut');
  await expectNoAxeFinding(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(rows.last()).not.toContainText('· cut');
});

test('a motif that keeps its height, and one of its parts drawn on a card', async ({ page }) => {
  const id = await startRun(page, server.url, 'Mooring plates', ['Bo', 'Wilhelmina']);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(2);
  await page.getByRole('button', { name: 'Add a motif…' }).click();
  await page.getByRole('button', { name: /rosette/ }).click();
  const panel = page.getByRole('region', { name: 'Motif' });
  await panel.getByRole('radio', { name: 'its own' }).click();
  await panel.getByLabel('Its height').fill('18');
  await panel.getByLabel('Part 2 is').selectOption('drawn with a pen');
  await settled(page);
  await expectSaved(page);
  await expectNoAxeFinding(page);
  await expect(panel.getByLabel('As wide as the pen draws')).toHaveValue('0.5');
  await expect(page.getByRole('group', { name: 'card', exact: true })).toBeVisible();
  const fits = await fitsOf(page, server.url, id);
  for (const { layers } of fits) {
    const motif = layers.filter(({ kind }) => kind === 'motif');
    expect(Math.max(...motif.map(({ part }) => part!.heightMm))).toBeCloseTo(18, 1);
  }
  await page.getByRole('button', { name: /^Undo/ }).click();
  await settled(page);
  await expect(panel.getByLabel('As wide as the pen draws')).toHaveCount(0);
});
