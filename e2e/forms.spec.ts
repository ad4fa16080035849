import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, fitsOf, settled, startRun, step } from './pages';

/** A bakery's aprons: two have no further name, so that their monogram has two letters. */
const BAKERS = ['Odalys Runa Fenwater', 'Bram Ivo Quist', 'Ute Halm', 'Ingrid Mai Solveigsen', 'Per Dahl'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const side = (page: Page) => page.getByRole('complementary').first();
const form = (page: Page, name: string) => side(page).getByRole('radio', { name, exact: true });

async function inkOf(page: Page, id: string): Promise<Record<string, readonly [number, number, number]>> {
  const fits = await fitsOf(page, server.url, id);
  return Object.fromEntries(
    fits.map((fit) => [fit.text.join(' / '), [fit.inkWidthMm, fit.inkHeightMm, fit.capHeightMm] as const]),
  );
}

const undo = (page: Page) => page.getByRole('button', { name: /^Undo/ }).click();

test('a monogram in a ring over a name and a year, of three and of two letters; each choice taken back and made again', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const id = await startRun(page, server.url, 'Bakery aprons', BAKERS);
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page.getByRole('textbox', { name: 'Line 1 of chest' }).click();
  await page.keyboard.press('Control+A');
  const put = page.getByRole('group', { name: 'Put in' });
  await put.getByRole('button', { name: 'monogram', exact: true }).click();
  await page.getByRole('button', { name: 'One more line' }).click();
  await page.getByRole('textbox', { name: 'Line 2 of chest' }).click();
  await put.getByRole('button', { name: 'family name', exact: true }).click();
  await page.getByRole('button', { name: 'One more line' }).click();
  await page.getByRole('textbox', { name: 'Line 3 of chest' }).click();
  await page.keyboard.type('2026');
  await expectSaved(page);
  await step(page, 'Fit');
  await settled(page);
  const alike = await inkOf(page, id);
  expect(Object.keys(alike)).toContain('ORF / Fenwater / 2026');

  await side(page).getByRole('button', { name: 'First line large, the others small' }).click();
  await expect(side(page).getByLabel('Line 2, of the size of the first')).toHaveValue('32');
  await expectSaved(page);
  await settled(page);
  const large = await inkOf(page, id);
  expect(large['UH / Halm / 2026']![2]).toBeGreaterThan(1.3 * alike['UH / Halm / 2026']![2]);

  // Forms are compared on letters of the list before one is chosen.
  await form(page, 'round').scrollIntoViewIfNeeded();
  await expect(form(page, 'round').locator('svg').first()).toBeVisible();
  await form(page, 'round').click();
  await side(page).getByLabel('Around it').selectOption('a ring');
  await expectSaved(page);
  await settled(page);
  const [three, two] = ['ORF / Fenwater / 2026', 'UH / Halm / 2026'] as const;
  const framed = await inkOf(page, id);
  for (const text of [three, two]) expect(framed[text]![2]).not.toBeCloseTo(large[text]![2], 1);
  await expectNoAxeFinding(page);

  // Two over one takes three letters: the others stand in a row, which is a check of theirs.
  await form(page, 'two over one').click();
  await settled(page);
  await expect(page.getByTestId('fit').filter({ hasText: 'UH' }).first()).toContainText('not “two over one”');
  await undo(page);
  await expect(form(page, 'round')).toBeChecked();
  await undo(page);
  await expect(side(page).getByLabel('Around it')).toHaveValue('none');
  await settled(page);
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expect(side(page).getByLabel('Around it')).toHaveValue('ring');
  await expectSaved(page);
  await settled(page);
  expect(await inkOf(page, id)).toEqual(framed);

  // A rule stands between the lines, and the date in a face of its own.
  await side(page).getByLabel('Between them').selectOption('a rule');
  await side(page).getByLabel('Face of line 3').selectOption({ label: 'Nunito Black' });
  await expectSaved(page);
  await settled(page);
  const ruled = await inkOf(page, id);
  expect(ruled[three]).not.toEqual(framed[three]);

  // The year stands farther off than the name does, without a rule above it, in wide capitals; each is taken back.
  await side(page).getByText('More of line 3').click();
  await side(page).getByLabel('Clear above line 3, of the capitals').fill('60');
  await page.waitForTimeout(1600);
  await side(page).getByRole('combobox', { name: 'Above line 3' }).selectOption('nothing');
  await page.waitForTimeout(1600);
  await side(page).getByLabel('Tracking of line 3').fill('30');
  await expectSaved(page);
  await settled(page);
  const far = await inkOf(page, id);
  expect(far[three]).not.toEqual(ruled[three]);
  await expectNoAxeFinding(page);
  await undo(page);
  await undo(page);
  await expect(side(page).getByRole('combobox', { name: 'Above line 3' })).toHaveValue('asOthers');
  await side(page).getByRole('button', { name: 'As clear as between all lines' }).click();
  await expect(side(page).getByLabel('Clear above line 3, of the capitals')).toHaveValue('22');
  await expectSaved(page);
  await settled(page);
  expect(await inkOf(page, id)).toEqual(ruled);

  // Name and year run round the monogram instead, or stand in a gap across its letters; each is taken back.
  const others = side(page).getByLabel('The other lines stand');
  const below = await inkOf(page, id);
  await others.selectOption('round it');
  await expectSaved(page);
  await settled(page);
  const round = await inkOf(page, id);
  const share = ([width, height]: readonly [number, number, number]) => width / height;
  for (const text of [three, two]) expect(share(round[text]!)).toBeGreaterThan(share(below[text]!));
  // The same field chosen twice at once is one step of undo.
  await page.waitForTimeout(1600);
  await others.selectOption('in a gap across its letters');
  await side(page).getByLabel('Around it').selectOption('a wreath');
  await expectSaved(page);
  await settled(page);
  expect((await inkOf(page, id))[three]).not.toEqual(round[three]);
  await undo(page);
  await undo(page);
  await expect(others).toHaveValue('round');
  await expectSaved(page);
  await settled(page);
  expect(await inkOf(page, id)).toEqual(round);
});

test('a form that spoils the strokes of a script is told, and answered by another face; it is taken back', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Oven gloves', ['Tilda Edda Lund', 'Hedda Ina Holm']);
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page.getByRole('textbox', { name: 'Line 1 of chest' }).click();
  await page.keyboard.press('Control+A');
  await page.getByRole('group', { name: 'Put in' }).getByRole('button', { name: 'monogram', exact: true }).click();
  await expectSaved(page);
  await step(page, 'Fit');
  await settled(page);
  // One line of even weight: narrowed as far as a circle asks, its strokes would be hairs.
  await page.getByRole('radiogroup', { name: 'Lettering' }).getByRole('radio', { name: 'Pen script' }).click();
  await expectSaved(page);
  await form(page, 'round').click();
  await expectSaved(page);
  await settled(page);
  const round = await inkOf(page, id);
  const told = page.getByTestId('fit').filter({ hasText: 'TEL' }).first();
  await expect(told).toContainText('times as uneven');
  await told.getByRole('button', { name: /^Decide on TEL/ }).click();
  await expect(page.getByRole('region', { name: 'To decide' })).toContainText(
    'another form, or the monogram in another',
  );
  await page
    .getByRole('radio', { name: /^The monogram in another face/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^Take it/ }).click();
  await expectSaved(page);
  await settled(page);
  await expect(told).not.toContainText('times as uneven');
  await undo(page);
  await expectSaved(page);
  await settled(page);
  await expect(told).toContainText('times as uneven');
  expect(await inkOf(page, id)).toEqual(round);
  // The form comes along to another lettering, whose strokes it does not spoil.
  await page.getByRole('radiogroup', { name: 'Lettering' }).getByRole('radio', { name: 'Stand block' }).click();
  await expect(form(page, 'round')).toBeChecked();
  await expectSaved(page);
  await settled(page);
  await expect(told).not.toContainText('times as uneven');
  expect(await inkOf(page, id)).not.toEqual(round);
});

test('a set on one circle, one text of it straight, each taken back', async ({ page }) => {
  test.setTimeout(180_000);
  const id = await startRun(page, server.url, 'Bakery bags', ['Odalys', 'Bo', 'Wilhelmina', 'Per']);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await settled(page);
  const straight = await inkOf(page, id);
  await side(page).getByRole('radio', { name: 'level', exact: true }).click();
  await side(page).getByRole('radio', { name: 'as an arch' }).click();
  await expect(side(page).getByLabel('Radius, in heights of capitals')).toHaveValue('8');
  await expectSaved(page);
  await settled(page);
  const bent = await inkOf(page, id);
  for (const name of ['Odalys', 'Wilhelmina']) {
    const share = (ink: readonly [number, number, number]) => ink[1] / ink[2];
    expect(share(bent[name]!)).toBeGreaterThan(share(straight[name]!) * 1.01);
  }
  // One circle for all: of one height, as the set is level.
  expect(new Set(Object.values(bent).map(([, , cap]) => cap.toFixed(3))).size).toBe(1);
  await side(page).getByLabel('Radius, in heights of capitals').fill('4');
  await expectSaved(page);
  await settled(page);
  await expect(page.getByTestId('fit').filter({ hasText: 'Wilhelmina' })).toContainText(/feet crowd by 29 %/);
  await page.getByLabel('Choose Per').check();
  await page.getByLabel('Bend of the chosen').selectOption('straight');
  await expectSaved(page);
  await settled(page);
  await expect(page.getByTestId('fit').filter({ hasText: 'Per' })).not.toContainText('crowd');
  await expect(page.getByTestId('fit').filter({ hasText: 'Bo' }).first()).toContainText('crowd');
  await expectNoAxeFinding(page);
  await undo(page);
  await settled(page);
  await expect(page.getByTestId('fit').filter({ hasText: 'Per' })).toContainText('crowd');

  // A whole circle, whatever the length of the text.
  await side(page).getByLabel(/^By/).selectOption('how much of a circle it takes');
  await expect(side(page).getByLabel('Of the circle')).toHaveValue('360');
  await expectSaved(page);
  await settled(page);
  const [width, height] = (await inkOf(page, id))['Wilhelmina']!;
  expect(width / height).toBeCloseTo(1, 1);
});

test('the shop tries a lettering with two lines, forms and a bend, and keeps them', async ({ page }) => {
  await page.goto(`${server.url}/shop/letterings`);
  await page.getByRole('link', { name: /Stand block/ }).click();
  await page.getByLabel('with a second line').fill('1996');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'First line large, the others small' }).click();
  await page.getByRole('radio', { name: 'shield', exact: true }).click();
  await page.getByRole('radio', { name: 'as a dip' }).click();
  await expect(page.getByRole('img', { name: /in Stand block/ })).toBeVisible();
  await expectNoAxeFinding(page);
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await page.reload();
  await expect(page.getByRole('radio', { name: 'as a dip' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'shield', exact: true })).toBeChecked();
});
