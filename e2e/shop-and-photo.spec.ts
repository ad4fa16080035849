import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, field, startRun, step, takeInstead } from './pages';

const CLASS = ['Odile', 'Benno', 'Xanthe', 'Wolfram', 'Ines'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** A picture of 800 × 600 dots, made by the browser itself. */
async function aPhoto(page: Page): Promise<Buffer> {
  const data = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [800, 600];
    const context = canvas.getContext('2d')!;
    context.fillStyle = '#b7a98a';
    context.fillRect(0, 0, 800, 600);
    context.fillStyle = '#333';
    context.fillRect(100, 500, 400, 6);
    return canvas.toDataURL('image/jpeg').split(',')[1]!;
  });
  return Buffer.from(data, 'base64');
}

/** The head of a PNG that says its size, and nothing after it. */
function pngHead(width: number, height: number): Buffer {
  const head = Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex');
  const size = Buffer.alloc(8);
  size.writeUInt32BE(width, 0);
  size.writeUInt32BE(height, 4);
  return Buffer.concat([head, size, Buffer.from([8, 2, 0, 0, 0, 0, 0, 0, 0])]);
}

test('a place traced on a to-scale photo; pictures that are none are refused with what would do', async ({ page }) => {
  const id = await startRun(page, server.url, 'Oddly shaped', ['Benno']);
  await page.goto(`${server.url}/runs/${id}/blank`);
  const photo = page.getByLabel('Photo of the blank');
  await photo.setInputFiles({ name: 'fake.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(page.getByText('fake.jpg is no picture that can be opened')).toBeVisible();
  await photo.setInputFiles({ name: 'huge.png', mimeType: 'image/png', buffer: pngHead(8000, 5000) });
  await expect(page.getByText('huge.png has 40 megapixels (8000 × 5000)')).toBeVisible();
  await photo.setInputFiles({ name: 'cut.png', mimeType: 'image/png', buffer: pngHead(800, 600) });
  await expect(page.getByText('cut.png says it is a picture, and cannot be drawn')).toBeVisible();
  await photo.setInputFiles({ name: 'bag.jpg', mimeType: 'image/jpeg', buffer: await aPhoto(page) });
  const surface = page.getByLabel(/^Photo: click/);
  await expect(surface).toBeVisible();
  const click = async (x: number, y: number) => {
    const box = (await surface.locator('image').boundingBox())!;
    await page.mouse.click(box.x + (x / 800) * box.width, box.y + (y / 600) * box.height);
  };
  // The dark bar is 400 dots long and 200 mm: half a millimetre to the dot.
  await click(100, 503);
  await click(500, 503);
  await field(page, 'Distance of the two points').fill('200');
  await page.getByRole('button', { name: 'That is the scale' }).click();
  await expect(page.getByText(/The photo shows (399|400|401) mm by (299|300|301) mm/)).toBeVisible();
  // The blank begins 25 mm from the left and 12.5 from the top of what the photo shows.
  await expect(page.getByText('only the shape is taken')).toBeVisible();
  await click(50, 25);
  await expect(page.getByText('Shape and position are taken')).toBeVisible();
  // Nearer, moved and back again: a point set meanwhile would be one corner too many.
  const wide = (await surface.locator('image').boundingBox())!;
  expect(wide.width).toBeGreaterThanOrEqual(900);
  await page.getByRole('button', { name: 'Nearer' }).click();
  await page.mouse.move(wide.x + 300, wide.y + 300);
  await page.mouse.down();
  await page.mouse.move(wide.x + 380, wide.y + 340, { steps: 4 });
  await page.mouse.up();
  expect(await surface.getAttribute('viewBox')).not.toBe('0 0 800 600');
  await page.getByRole('button', { name: 'All of it' }).click();
  expect(await surface.getAttribute('viewBox')).toBe('0 0 800 600');
  for (const [x, y] of [
    [200, 100],
    [600, 100],
    [500, 300],
  ] as const)
    await click(x, y);
  // The last corner by keyboard: the cursor stands at the last point.
  await surface.focus();
  for (let i = 0; i < 20; i++) await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByText('4 corners set')).toBeVisible();
  await page.getByRole('button', { name: 'Take as the place' }).click();
  await expect(page.getByLabel('Shape of the place')).toHaveValue('polygon');
  expect(Math.abs(Number(await field(page, '2 across').inputValue()) - 200)).toBeLessThan(3);
  await expect(page.getByText(/Lettering follows this outline/)).toBeVisible();
  // 100 dots in from where the blank begins, half a millimetre each: position was taken as well.
  expect(Math.abs(Number(await field(page, 'From the left edge').inputValue()) - 75)).toBeLessThan(2);
  expect(Math.abs(Number(await field(page, 'Drop from the top edge').inputValue()) - 37.5)).toBeLessThan(2);
  await expect(page.getByRole('img', { name: 'The lettering on the photo' }).locator('image')).toHaveCount(1);
  await expectNoAxeFinding(page);
  // Two corners changed over: the outline crosses itself, and says where.
  const [x3, x4] = [await field(page, '3 across').inputValue(), await field(page, '4 across').inputValue()];
  await field(page, '3 across').fill(x4);
  await field(page, '4 across').fill(x3);
  await expect(
    page.getByText(/The outline crosses itself: the edge from corner 2 meets the one from corner 4/),
  ).toBeVisible();
  await expectSaved(page);
  await step(page, 'Fit');
  await expect(page.getByTestId('fit')).toContainText('no room in its place');
});

test('the shop: a blank is changed and counted, kept, and a run takes it; one zone swallows the place', async ({
  page,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Shop' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Shop: 17 blanks');
  await expectNoAxeFinding(page);
  await page.getByRole('link', { name: 'Luggage tag' }).click();
  await field(page, 'tan: on hand').fill('4');
  await field(page, 'tan: marks').fill('B, Q');
  await page.getByLabel('touches food').check();
  await expect(page.getByText('Goods that touch food or lips have local rules')).toBeVisible();
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await expectNoAxeFinding(page);
  await page.getByRole('radio', { name: 'its places' }).click();
  await page.getByLabel('Shape of the hole').selectOption('rect');
  await field(page, 'From its top').fill('0');
  await field(page, 'From the place’s left side').fill('0');
  await field(page, 'Width of the hole').fill('105');
  await field(page, 'Height of the hole').fill('60');
  await expect(page.getByText('What is kept clear (hole) leaves nothing of the place')).toBeVisible();
  await field(page, 'Width of the hole').fill('0');
  await expect(page.getByText('at least 1 mm')).toBeVisible();
  await field(page, 'Width of the hole').fill('18');
  await field(page, 'Height of the hole').fill('18');
  await expect(page.getByText('leaves nothing of the place')).toHaveCount(0);
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await page.reload();
  await expect(field(page, 'tan: on hand')).toHaveValue('4');

  // What nobody has said is not shown as nought; what was taken out can be brought back.
  await page.goto(`${server.url}/shop/blanks/wooden-box`);
  await expect(page.getByText('A trial spot comes first.')).toBeVisible();
  await page.getByRole('button', { name: 'Type it: Share of polyester' }).click();
  await expect(field(page, 'Share of polyester')).toHaveValue('0');
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await page.getByRole('button', { name: 'Take it out of the shop' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Shop: 16 blanks');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Shop: 17 blanks');

  const id = await startRun(page, server.url, 'Kiln tags', CLASS);
  await page.goto(`${server.url}/runs/${id}/blank`);
  await takeInstead(page, /^Luggage tag/);
  await expect(page.getByText('As in the shop.')).toBeVisible();
  await field(page, 'Drop from the top edge').fill('6');
  await expect(page.getByRole('list', { name: 'Otherwise in the shop' })).toContainText(/in the shop/);
  await page.getByRole('button', { name: 'Keep this one in the shop' }).click();
  await expect(page.getByText('Kept in the shop')).toBeVisible();
  await expectSaved(page);
  await step(page, 'Prepare');
  const marks = page.getByRole('region', { name: 'Blanks that carry a mark already' });
  await expect(marks.getByRole('listitem').filter({ hasText: 'B' }).first()).toContainText('for Benno');
  await expect(marks.getByRole('listitem').filter({ hasText: 'Q' })).toContainText('for nobody in this run');
  await field(page, 'Spares for what spoils').fill('20');
  // Five needed, one spare, four on hand: one pack of ten.
  await expect(page.getByRole('row').filter({ hasText: 'Luggage tag' })).toContainText('1 pack of 10');
});
