import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, field, startRun, step, takeInstead } from './pages';
import { longestRow, pdfPixels, strokesAcross, strokesDown } from './pdf-pixels';

/** A pottery class and a rowing club: nothing of the demo's. */
const CLASS = ['Odile', 'Benno', 'Xanthe', 'Wolfram', 'Ines'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** What a row of the placement card says, in millimetres: left, right, drop. */
async function card(page: Page, text: string): Promise<number[]> {
  const row = page.getByRole('region', { name: 'Placement card' }).getByRole('row').filter({ hasText: text });
  await expect(row.locator('td.measure')).toHaveCount(3);
  const cells = await row.locator('td.measure').allInnerTexts();
  return cells.map(Number);
}

test('a tapered bottle: two circumferences and a height become a part of a ring, and a template at its true size', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Kiln cups', CLASS);
  await page.goto(`${server.url}/runs/${id}/blank`);
  await takeInstead(page, /^Tapered cup/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tapered cup');
  await page.getByRole('radio', { name: 'round it with a tape' }).click();
  await field(page, 'Circumference at the rim').fill('282.7');
  await field(page, 'Circumference at the base').fill('204.2');
  await field(page, 'Upright height').fill('120');
  await field(page, 'Height of the place').fill('60');
  await field(page, 'Drop from the rim').fill('30');
  await field(page, 'Width of the place').fill('400');
  // By hand: diameters 90 and 65, side √(120² + 12.5²) = 120.65; 12.5 mm of radius on 120.65 mm of side, so the point of the
  // cone is 45 · 120.65 / 12.5 = 434.3 mm from the rim; 30 and 90 mm below it are radii of 404.3 and 344.3.
  await expect(
    page.getByText(/A part of a ring: radius 344\.\d mm inside, 404\.\d mm outside, over 14\.9°/),
  ).toBeVisible();
  await expect(page.getByText(/Lettering follows this outline/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'As it will be seen' })).toContainText('Room for lettering');
  await expectNoAxeFinding(page);
  await field(page, 'Drop from the rim').fill('70');
  await expect(page.getByText(/The place ends 9\.\d mm below the base/)).toBeVisible();
  await field(page, 'Drop from the rim').fill('30');
  await expectSaved(page);
  await step(page, 'Fit');
  await expect(page.getByTestId('fit')).toHaveCount(5);

  const spec = ((await (await page.request.get(`${server.url}/api/runs/${id}`)).json()) as { spec: RunJson }).spec;
  const { id: use, places } = spec.uses[0]!;
  const url = `${server.url}/api/runs/${id}/template.pdf?use=${use}&place=${places[0]!.placeId}&paper=a4`;
  const pdf = await (await page.request.get(url)).body();
  const pixels = await pdfPixels(page, pdf);
  expect([pixels.numPages, pixels.widthPx, pixels.heightPx]).toEqual([1, 2480, 3508]);
  const bar = longestRow(pixels, 288, 292);
  expect(Math.abs(bar.toMm - bar.fromMm - 50)).toBeLessThan(0.2);
  // The ring part's outer and inner edge on the middle of the sheet: 60 mm apart.
  const outline = strokesDown(pixels, 105.6).filter((mm) => mm > 20 && mm < 285);
  expect(Math.abs(outline.at(-2)! - outline[1]! - 60)).toBeLessThan(0.2);
});

interface RunJson {
  readonly uses: readonly { readonly id: string; readonly places: readonly { readonly placeId: string }[] }[];
}

test('a template larger than the paper: outline and bar at their true size over several sheets', async ({ page }) => {
  const id = await startRun(page, server.url, 'Long banner', ['Xanthe']);
  await page.goto(`${server.url}/runs/${id}/blank`);
  await field(page, 'Width of the place').fill('300');
  await field(page, 'Height of the place').fill('120');
  await expectSaved(page);
  const { spec } = (await (await page.request.get(`${server.url}/api/runs/${id}`)).json()) as { spec: RunJson };
  const [use] = spec.uses;
  const url = `${server.url}/api/runs/${id}/template.pdf?use=${use!.id}&place=${use!.places[0]!.placeId}&paper=letter`;
  const pdf = await (await page.request.get(url)).body();
  const [first, second] = [await pdfPixels(page, pdf, 1), await pdfPixels(page, pdf, 2)];
  expect([first.numPages, first.widthPx]).toEqual([2, 2550]);
  for (const sheet of [first, second]) {
    const bar = longestRow(sheet, 270.5, 274.5);
    expect(Math.abs(bar.toMm - bar.fromMm - 50)).toBeLessThan(0.2);
  }
  // Upper and lower side of the outline, read off a column that no letter stands in.
  const sides = strokesDown(first, 60).filter((mm) => mm > 15 && mm < 260);
  expect(Math.abs(sides.at(-1)! - sides[0]! - 120)).toBeLessThan(0.2);
  // Left side on the first sheet, right side on the second: with the sheets laid 181.9 mm apart they are 300 mm away.
  const middle = sides[0]! + 10;
  const across = strokesAcross(first, middle)[0]!;
  const end = strokesAcross(second, middle).at(-1)!;
  expect(Math.abs(end + 181.9 - across - 300)).toBeLessThan(0.2);
  const refused = await page.request.get(`${server.url}/api/runs/${id}/template.pdf?use=x&place=y`);
  expect([refused.status(), (await refused.json()).kind]).toEqual([422, 'unknownTarget']);
});

test('a filled bag with handles off-centre: which middle to take and why, and distances that follow', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Regatta totes', ['Iva', 'Thorvald']);
  await page.goto(`${server.url}/runs/${id}/blank`);
  await takeInstead(page, /^Tote bag/);
  await expect(page.getByText(/on the flat, seen as/)).toBeVisible();
  const before = await card(page, 'Thorvald');
  expect(before[0]).toBeCloseTo(before[1]!, 1);
  await field(page, 'Depth when filled').fill('300');
  await expect(
    page.getByText(/300 mm is deeper than this blank can get: round, it would be 241\.9 mm deep/),
  ).toBeVisible();
  await field(page, 'Depth when filled').fill('110');
  await page.getByRole('button', { name: 'Measure the handles' }).click();
  await field(page, 'Left edge to the handle').fill('102');
  await field(page, 'Handle to the right edge').fill('90');
  const centring = page.getByRole('region', { name: 'Centring' });
  await expect(centring).toContainText('6 mm right of the body’s middle');
  await expect(centring.getByTestId('centring')).toContainText('The eye reads the handles');
  await centring.getByRole('radio', { name: 'the handles (better)' }).click();
  const [left, right] = await card(page, 'Thorvald');
  expect(left! - right!).toBeCloseTo(12, 1);
  await centring.getByRole('button', { name: 'Measure at a second height' }).click();
  await field(page, 'Left edge to the handle, lower').fill('84');
  await expect(centring.getByTestId('centring')).toContainText('The handles lean');
  await expectNoAxeFinding(page);
  // By keyboard on the drawing: two millimetres down, and five wider.
  await page.getByLabel(/^Place front: arrows move it/).focus();
  for (const key of ['ArrowDown', 'ArrowDown', ...Array<string>(5).fill('Shift+ArrowRight')])
    await page.keyboard.press(key);
  await expect(field(page, 'Drop from the top edge')).toHaveValue('112');
  await expect(field(page, 'Width of the place')).toHaveValue('225');
  // And by hand: pulled with the pointer, it stands on whole millimetres.
  const place = (await page.getByLabel(/^Place front: arrows move it/).boundingBox())!;
  await page.mouse.move(place.x + 12, place.y + 10);
  await page.mouse.down();
  await page.mouse.move(place.x + 12, place.y + 41, { steps: 4 });
  await page.mouse.up();
  const drop = Number(await field(page, 'Drop from the top edge').inputValue());
  expect([drop > 115, Number.isInteger(drop)]).toEqual([true, true]);
  await expectSaved(page);
});

test('a pair is measured once, lettered twice, and each side is placed on the bench', async ({ page }) => {
  const id = await startRun(page, server.url, 'Crew socks', ['Ruth', 'Alm']);
  await page.goto(`${server.url}/runs/${id}/blank`);
  await takeInstead(page, /^Socks, a pair/);
  await page.getByRole('radio', { name: 'right sock' }).click();
  await expect(page.getByText('The mirror image of its twin.')).toBeVisible();
  await expect(field(page, 'From the left edge')).toHaveValue('23');
  await page.getByRole('radio', { name: 'left sock' }).click();
  await expect(field(page, 'From the left edge')).toHaveValue('20');
  await expectSaved(page);
  await step(page, 'Fit');
  await expect(page.getByTestId('fit')).toHaveCount(2);
  await page.getByRole('radio', { name: 'right sock' }).click();
  await expect(page.getByTestId('fit')).toHaveCount(2);
  await step(page, 'Prepare');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1 pack to buy');
  await expect(page.getByRole('row').filter({ hasText: 'Socks, a pair' })).toContainText('S, black');
  await page.getByLabel('wash before, without softener').check();
  await expectNoAxeFinding(page);
  await expectSaved(page);
  await page.reload();
  await expect(page.getByLabel('wash before, without softener')).toBeChecked();
  await step(page, 'Bench');
  await expect(page.getByRole('region', { name: 'left sock' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'right sock' })).toContainText('left · right');
});

test('three sizes chosen by a column, and one that the blank does not come in', async ({ page }) => {
  const list = 'Name\tSize\nWanda\ts\nIvo\tMedium\nPim\tXL\nOdd\t4XL\n';
  await page.goto(`${server.url}/runs/new`);
  await page.getByLabel('What it is for').fill('Club shirts');
  await page.getByLabel(/Names one to a line/).fill(list);
  await page.getByRole('button', { name: /^Start and see/ }).click();
  await expect(page).toHaveURL(/(roster|fit)$/);
  await step(page, 'Blank');
  await takeInstead(page, /^T-shirt/);
  await expect(page.getByLabel('Entries get')).toHaveValue('list');
  await expect(page.getByText('1 entry asks for a size or colour')).toBeVisible();
  await expectSaved(page);
  await step(page, 'Fit');
  const odd = page.getByTestId('fit').filter({ hasText: 'Odd' });
  await expect(odd).toContainText('no blank “4XL”');
  await expect(page.getByRole('region', { name: 'To decide' })).toContainText(
    'The blank does not come in the size “4XL”',
  );
  await expect(odd).not.toContainText('cap');
  await expect(page.getByTestId('fit').first()).toContainText('Odd');
  await expect(page.getByTestId('fit').filter({ hasText: 'Wanda' })).toContainText('S, navy');
  await expect(page.getByTestId('fit').filter({ hasText: 'Ivo' })).toContainText('M, navy');
  await expect(page.getByTestId('fit').filter({ hasText: 'Pim' })).toContainText('XL, navy');
  // The chest grows with the size, and the place with it.
  await step(page, 'Blank');
  await page.getByLabel('Measured here').selectOption({ label: 'XL, navy' });
  await expect(field(page, 'Width of the place')).toHaveValue('283');
  // Far too wide for a chest: the usual width is offered with its reason, taken, and what is typed wins afterwards.
  await field(page, 'Width of the place').fill('500');
  const usual = page.getByRole('region', { name: 'Usual measures' });
  await expect(usual).toContainText('usually 40 to 65 % of its width (236 mm to 383.5 mm)');
  await usual.getByRole('button', { name: 'Take 285 mm' }).click();
  await expect(field(page, 'Width of the place')).toHaveValue('285');
  await expect(usual).toHaveCount(0);
  // The blank gets the size that the list asks for, and the step is taken back again.
  await field(page, 'Size, as the list says it').fill('4XL');
  await expect(page.getByText('1 entry asks for a size or colour')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(field(page, 'Size, as the list says it')).toHaveValue('XL');
  await expect(page.getByText('1 entry asks for a size or colour')).toBeVisible();
  await step(page, 'Prepare');
  await expect(page.getByRole('row').filter({ hasText: 'M, navy' })).toContainText('1 pack of 5');
  await expect(page.getByText('1 blank is not counted')).toBeVisible();
});
