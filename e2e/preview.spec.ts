import { readFileSync } from 'node:fs';
import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, startRun } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** Size of a saved picture, and how many different colours some of its dots have. */
async function pictureOf(page: Page, file: string): Promise<{ width: number; height: number; colours: number }> {
  const data = readFileSync(file).toString('base64');
  return page.evaluate(async (base64) => {
    const image = new Image();
    image.src = `data:image/png;base64,${base64}`;
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [image.naturalWidth, image.naturalHeight];
    const pen = canvas.getContext('2d')!;
    pen.drawImage(image, 0, 0);
    const { data: dots } = pen.getImageData(0, 0, canvas.width, canvas.height);
    const seen = new Set<string>();
    for (let i = 0; i < dots.length; i += 4 * 37)
      seen.add(`${dots[i]! >> 4} ${dots[i + 1]! >> 4} ${dots[i + 2]! >> 4}`);
    return { width: canvas.width, height: canvas.height, colours: seen.size };
  }, data);
}

test('one key shows an item as it is handed over; it is saved as a picture, and all as a sheet', async ({ page }) => {
  const id = await startRun(page, server.url, 'Lock keepers', ['Odile', 'Benno', 'Xanthe Marsh']);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(3);
  const first = page
    .getByTestId('fit')
    .first()
    .getByRole('button', { name: /^Decide on/ });
  const name = (await first.getAttribute('aria-label'))!.slice('Decide on '.length);
  await first.click();
  await page.keyboard.press('v');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('heading', { name })).toBeVisible();
  const drawing = dialog.getByTestId('handed-over').locator('svg');
  await expect(drawing).toHaveCount(1);
  // The thing and the lettering on it.
  expect(await drawing.locator('path').count()).toBeGreaterThan(2);
  await expect(drawing.locator('path[data-layer]')).toHaveCount(1);
  await expectNoAxeFinding(page);
  await page.keyboard.press('ArrowRight');
  await expect(dialog.getByText('2 of 3')).toBeVisible();
  await expect(dialog.getByRole('heading', { name })).toHaveCount(0);
  await page.keyboard.press('ArrowLeft');
  await expect(dialog.getByRole('heading', { name })).toBeVisible();
  const [one] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'Save it as a picture (PNG)' }).click(),
  ]);
  expect(one.suggestedFilename()).toBe(`${name.replace(' ', '-')}.png`);
  const picture = await pictureOf(page, await one.path());
  expect([picture.width, picture.height]).toEqual([1600, 1280]);
  // Ground, thing and film: a picture that came out empty has one colour.
  expect(picture.colours).toBeGreaterThan(2);

  await dialog.getByRole('radio', { name: 'a sheet of them' }).click();
  await expect(dialog.getByTestId('handed-over')).toHaveCount(3);
  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'Save this sheet (PNG)' }).click(),
  ]);
  expect(sheet.suggestedFilename()).toBe('items-1.png');
  expect(await pictureOf(page, await sheet.path())).toMatchObject({ width: 3 * 560, height: 480 });
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);

  await page.goto(`${server.url}/runs/${id}/proof`);
  await page.getByRole('button', { name: 'Odile, as handed over' }).click();
  await expect(dialog.getByRole('heading', { name: 'Odile' })).toBeVisible();
  await dialog.getByRole('button', { name: 'Back to work' }).click();
  await expect(dialog).toHaveCount(0);
});
