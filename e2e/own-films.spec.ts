import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, startRun, step } from './pages';

/** A chess club again: its pennants are cut from a film that no shop starts with. */
const PLAYERS = ['Ilse Brandvold', 'Tarquin Oyelowe', 'Maite', 'Ruadhán'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('a film of one’s own is made, used, changed in the shop and taken over value by value', async ({ page }) => {
  await page.goto(`${server.url}/shop`);
  await page.getByRole('navigation', { name: 'Shelves of the shop' }).getByRole('link', { name: 'Materials' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Shop: \d\d materials$/);
  await expectNoAxeFinding(page);
  await page.getByRole('button', { name: 'A new material' }).click();
  await page.getByLabel('Name', { exact: true }).fill('moss flock film');
  await page.getByLabel('Kind').selectOption({ label: 'flock film' });
  // How fine it is cut follows the kind.
  await expect(page.getByLabel('Thinnest stroke it takes')).toHaveValue('2');
  await page.getByLabel('Colour, in words').fill('moss');
  await page.getByLabel('Blade setting, in your own words').fill('deep blade, depth 7');
  await page.getByLabel('Sold').selectOption({ label: 'on a roll' });
  await page.getByLabel('Width').fill('310');
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await expectNoAxeFinding(page);
  const address = page.url();

  const id = await startRun(page, server.url, 'Chess club, pennants', PLAYERS);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await page.getByLabel('Cut from').selectOption({ label: 'moss flock film, from the shop' });
  await expectSaved(page);
  await expect(page.getByLabel('Cut from').locator('option:checked')).toHaveText('moss flock film');
  await step(page, 'Sheets');
  await expect(page.getByText('Set the blade: deep blade, depth 7')).toBeVisible();
  await page.getByRole('button', { name: 'Make pass 1' }).click();
  await page.getByRole('button', { name: 'Make it as it is' }).click();
  // The blade is confirmed at each loading before the file is given out.
  await expect(page.getByRole('button', { name: 'Set the blade, then take the cut file' })).toBeDisabled();
  await page.getByText('The blade is set: deep blade, depth 7').click();
  await expect(page.getByRole('link', { name: 'Take the cut file, SVG' })).toBeVisible();
  await step(page, 'Bench');
  await expect(page.getByText(/moss flock film/).first()).toBeVisible();

  await page.goto(address);
  await page.getByLabel('Blade setting, in your own words').fill('deep blade, depth 9');
  await page.getByLabel('Smallest hole').fill('2.5');
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(
    page.getByText('blade setting: deep blade, depth 7 here, deep blade, depth 9 in the shop'),
  ).toBeVisible();
  await expect(page.getByText(/2\.00 · 1\.50 · 2\.00 mm here, 2\.00 · 1\.50 · 2\.50 mm in the shop/)).toBeVisible();
  await page.getByRole('button', { name: 'Take the shop’s' }).click();
  await expect(page.getByText('The shop says otherwise:')).toHaveCount(0);
  await expectSaved(page);

  // Taken out, it can be brought back; the run keeps its own.
  await page.goto(address);
  await page.getByRole('button', { name: 'Make a copy' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('moss flock film (copy)');
  await page.getByRole('button', { name: 'Take it out of the shop' }).click();
  await expect(page.getByText('A material is taken out of the shop.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'moss flock film (copy)' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('A material is taken out of the shop.')).toHaveCount(0);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByLabel('Cut from').locator('option:checked')).toHaveText('moss flock film');
});

test('this station presses in °F and measures in inches, wherever it looks', async ({ page }) => {
  await page.goto(`${server.url}/shop/settings`);
  await page.getByRole('radio', { name: '°F' }).click();
  await page.getByRole('radio', { name: 'inches, in fractions' }).click();
  await page.getByLabel('It presses with').selectOption({ label: 'small wand' });
  await expectNoAxeFinding(page);
  const id = await startRun(page, server.url, 'Chess club, clock bags', PLAYERS.slice(0, 2));
  await page.goto(`${server.url}/runs/${id}/bench`);
  await page.getByText('How it is pressed').click();
  const card = page.getByRole('region', { name: 'Press card' });
  await expect(card).toContainText('293 °F');
  await expect(card).toContainText('30 s');
  await expect(card).not.toContainText('°C');
  await page.goto(`${server.url}/shop`);
  await expect(page.getByRole('row', { name: /^Garment bag/ })).toContainText('329 °F');
  await page.goto(`${server.url}/shop/blanks/garment-bag`);
  await expect(page.getByRole('textbox', { name: 'Bears at most' })).toHaveValue('329');
  await page.getByRole('textbox', { name: 'Bears at most' }).fill('300');
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await page.goto(`${server.url}/shop/settings`);
  await page.getByRole('radio', { name: '°C' }).click();
  await page.goto(`${server.url}/shop/blanks/garment-bag`);
  await expect(page.getByRole('textbox', { name: 'Bears at most' })).toHaveValue('148');
});

test('a card that was tried is changed in the shop, and a leftover is a bed: the next run has both', async ({
  page,
}) => {
  await page.goto(`${server.url}/shop/cards`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Shop: \d\d press cards$/);
  await expectNoAxeFinding(page);
  await page
    .getByRole('row', { name: /^heat-transfer film on polyester clamshell press/ })
    .getByRole('link')
    .click();
  await page.getByRole('textbox', { name: 'Taken, seconds' }).fill('12');
  await page.getByRole('textbox', { name: 'Taken', exact: true }).fill('138');
  await page.getByRole('textbox', { name: 'Why these values' }).fill('shine at more');
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  // A value above what the film bears is not taken.
  await page.getByRole('textbox', { name: 'Usually at most', exact: true }).fill('190');
  await expect(page.getByText('at most 175 °C')).toBeVisible();
  await expectNoAxeFinding(page);

  await page.goto(`${server.url}/shop/beds`);
  await page.getByRole('button', { name: 'A new bed' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('end of the roll');
  await page.getByLabel('Length that the blade reaches').fill('95');
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await expectNoAxeFinding(page);

  const id = await startRun(page, server.url, 'Chess club, towels', PLAYERS);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  await page.getByRole('radio', { name: /^end of the roll/ }).click();
  await expectSaved(page);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await page.getByText('How it is pressed').click();
  const card = page.getByRole('region', { name: 'Press card' });
  await expect(card).toContainText('138 °C');
  await expect(card).toContainText('12 s');
  await expect(card).toContainText('Why: shine at more');
});
