import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, fitsOf, settled, startRun, step } from './pages';

/** A climbing wall's chalk bags: one name has a letter that few faces have. */
const CLIMBERS = ['Otto', 'Жanna', 'Willa', 'Bror'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const side = (page: Page) => page.getByRole('complementary').first();
const tile = (page: Page, name: string) => page.getByTestId('fit').filter({ hasText: name }).first();
const undo = (page: Page) => page.getByRole('button', { name: /^Undo/ }).click();
const ink = async (page: Page, id: string, name: string) => {
  const { layers, inkWidthMm, inkHeightMm, capHeightMm } = (await fitsOf(page, server.url, id)).find(
    ({ text }) => text.join() === name,
  )!;
  return {
    numIslands: layers[0]!.outline.length,
    width: inkWidthMm / capHeightMm,
    height: inkHeightMm / capHeightMm,
    outline: JSON.stringify(layers[0]!.outline),
  };
};

async function letter(page: Page, text: string, name: RegExp) {
  await tile(page, text).click();
  const panel = side(page).locator('details', { hasText: `Single letters of ${text}` });
  if (!(await panel.getAttribute('open').then((open) => open !== null))) await panel.locator('summary').click();
  await panel.getByRole('button', { name }).click();
  return panel;
}

test('a letter that a face lacks is taken from another; single letters are joined, moved, given another face, and all of it back', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const id = await startRun(page, server.url, 'Chalk bags', CLIMBERS);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await settled(page);
  await page.getByRole('radio', { name: /Heavy slab/ }).click();
  await expectSaved(page);
  await settled(page);

  // Its stop says what is missing, and faces that have it are offered, the likest first.
  await tile(page, 'Жanna').click();
  const decide = page.getByRole('region', { name: 'To decide' });
  await expect(decide).toContainText('Ж missing in this face');
  const offers = decide.getByText(/^What is missing from another face, /);
  await expect(offers).not.toHaveCount(0);
  await offers.first().click();
  await decide.getByRole('button', { name: /^Take it/ }).click();
  await expectSaved(page);
  await settled(page);
  await expect(tile(page, 'Жanna')).not.toContainText('stop');
  const whole = await ink(page, id, 'Жanna');
  await undo(page);
  await settled(page);
  await expect(tile(page, 'Жanna')).toContainText('stop');
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expectSaved(page);
  await settled(page);
  expect(await ink(page, id, 'Жanna')).toEqual(whole);

  // O and t are drawn together until they are one piece.
  const plain = await ink(page, id, 'Otto');
  const panel = await letter(page, 'Otto', /^Letter 1, O/);
  await panel.getByLabel('O and t').selectOption('drawn together');
  await expectSaved(page);
  await settled(page);
  expect((await ink(page, id, 'Otto')).numIslands).toBe(plain.numIslands - 1);
  await panel.getByLabel('O and t').selectOption('at a gap of');
  await panel.getByLabel('Gap, of the capitals').fill('60');
  await expectSaved(page);
  await settled(page);
  expect((await ink(page, id, 'Otto')).width).toBeGreaterThan(plain.width + 0.3);
  await expect(panel.getByRole('button', { name: 'Letter 1, O, set otherwise' })).toBeVisible();
  await panel.getByRole('button', { name: 'As its line again' }).click();
  await expectSaved(page);
  await settled(page);
  expect(await ink(page, id, 'Otto')).toEqual(plain);

  // The last letter is raised, and has another face; nobody else's is.
  await panel.getByRole('button', { name: /^Letter 4, o/ }).click();
  await panel.getByLabel('Up, of the capitals').fill('70');
  await panel.getByLabel('Face of o').selectOption({ label: 'Pacifico Regular' });
  await expectSaved(page);
  await settled(page);
  expect((await ink(page, id, 'Otto')).height).toBeGreaterThan(plain.height + 0.05);
  await expect(page.getByRole('region', { name: 'To decide' })).toContainText('Of its own: single letters');
  await expectNoAxeFinding(page);
  await page.getByRole('button', { name: 'As the set again' }).click();
  await expectSaved(page);
  await settled(page);
  expect(await ink(page, id, 'Otto')).toEqual(plain);

  // A least gap for all: what stands nearer is pushed apart.
  const willa = await ink(page, id, 'Willa');
  await side(page).getByLabel('Least gap between letters, of the capitals').fill('20');
  await expectSaved(page);
  await settled(page);
  expect((await ink(page, id, 'Willa')).width).toBeGreaterThan(willa.width + 0.1);
  await undo(page);
  await expectSaved(page);
  await settled(page);
  expect(await ink(page, id, 'Willa')).toEqual(willa);
});

test('a part of a line has a face of its own, and is given its line’s again', async ({ page }) => {
  const id = await startRun(page, server.url, 'Rope bags', ['Una', 'Bo']);
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page.getByRole('button', { name: 'A part in another colour or face' }).click();
  await page.getByRole('textbox', { name: 'Line 1 of chest, part 2' }).click();
  await page.keyboard.type(' 1998');
  await expectSaved(page);
  const before = await ink(page, id, 'Una 1998');
  await page.getByLabel('Face of line 1 of chest, part 2').selectOption({ label: 'Alfa Slab One Regular' });
  await expectSaved(page);
  const after = await ink(page, id, 'Una 1998');
  expect(after.outline).not.toBe(before.outline);
  await page.getByLabel('Face of line 1 of chest, part 2').selectOption('in its line’s face');
  await expectSaved(page);
  expect(await ink(page, id, 'Una 1998')).toEqual(before);
});

test('letters are sized by class of the list: one height each, one of them chosen and taken back', async ({ page }) => {
  test.setTimeout(120_000);
  const list = 'Name\tClass\nBo\tchild\nIvo\tchild\nWilhelmina Abernethy\tadult\nPer\tadult\nUna\tchild';
  const created = await page.request.post(`${server.url}/api/runs`, {
    data: { title: 'Harness tags', list },
  });
  const { id } = (await created.json()) as { id: string };
  await page.goto(`${server.url}/runs/${id}/fit`);
  await settled(page);
  await side(page).getByRole('radio', { name: 'by class', exact: true }).click();
  await expectSaved(page);
  await settled(page);
  const heights = async () => {
    const fits = await fitsOf(page, server.url, id);
    return Object.fromEntries(fits.map(({ text, capHeightMm }) => [text.join(), capHeightMm.toFixed(3)]));
  };
  const level = await heights();
  expect([level['Ivo'], level['Una']]).toEqual([level['Bo'], level['Bo']]);
  expect(level['Per']).toBe(level['Wilhelmina Abernethy']);
  expect(Number(level['Bo'])).toBeGreaterThan(Number(level['Per']));

  await expect(tile(page, 'Ivo')).toContainText('“child”');
  await expect(tile(page, 'Per')).toContainText('“adult”');
  const classes = side(page).getByRole('list', { name: 'Letter height by “class”' });
  await expect(classes.getByRole('listitem')).toHaveCount(2);
  await classes.getByRole('button', { name: 'Choose the height of “child”' }).click();
  await classes.getByLabel('“child”', { exact: true }).fill('11');
  await expectSaved(page);
  await settled(page);
  expect(await heights()).toEqual({ ...level, Bo: '11.000', Ivo: '11.000', Una: '11.000' });
  await expectNoAxeFinding(page);
  await classes.getByRole('button', { name: /^“child” as tall/ }).click();
  await expectSaved(page);
  await settled(page);
  expect(await heights()).toEqual(level);
  await step(page, 'Proof');
});

test('letters of a script that do not join are noted, and their remedy bridges them; it is taken back', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Rope bags', ['Roberta', 'Una']);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await settled(page);
  const before = await ink(page, id, 'Roberta');
  await expect(tile(page, 'Roberta')).toContainText('“rt” not joined');
  await expect(tile(page, 'Una')).not.toContainText('not joined');
  await tile(page, 'Roberta').getByRole('button', { name: 'Decide on Roberta' }).click();
  const remedies = page.getByRole('radiogroup', { name: 'Remedies' });
  await remedies.getByRole('radio', { name: 'Short strokes where letters do not join, after r' }).click();
  await page.getByRole('button', { name: /^Take it/ }).click();
  await expectSaved(page);
  await settled(page);
  expect((await ink(page, id, 'Roberta')).numIslands).toBe(before.numIslands - 1);
  await expect(tile(page, 'Roberta')).not.toContainText('not joined');
  await undo(page);
  await expectSaved(page);
  await settled(page);
  expect(await ink(page, id, 'Roberta')).toEqual(before);
});
