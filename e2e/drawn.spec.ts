import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { cutFilesOf, expectNoAxeFinding, expectSaved, fitsOf, makeAllPasses, settled, startRun } from './pages';

/** Seat cards of a pottery class: the name in film, the kiln's number drawn beneath it, on a card that is folded. */
const SEATS = ['Iris', 'Otto', 'Wren'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('a folded card with a drawn line: worded in two colours, drawn, scored, cut, and undone', async ({ page }) => {
  const id = await startRun(page, server.url, 'Seat cards', SEATS);
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page.getByRole('button', { name: 'One more line' }).click();
  await page.getByLabel(/^Line 2 of [^,]*$/).fill('kiln 3');
  await page.getByLabel(/^Colour of line 2/).selectOption('in another colour');
  await expect(page.getByLabel(/^Colour of line 2/)).toHaveValue('second');
  await expectSaved(page);
  await expectNoAxeFinding(page);

  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(SEATS.length);
  await page.getByRole('radio', { name: 'Stand block', exact: true }).click();
  await page.getByLabel('Letters in “second” are').selectOption('drawn with a pen');
  const card = page.getByRole('group', { name: 'card', exact: true });
  await expect(card.getByLabel('Shape')).toHaveValue('place');
  await card.getByLabel('Folded').selectOption('along its upper edge');
  await card.getByLabel('Hole for a string').selectOption('left of the text');
  await settled(page);
  await expectSaved(page);
  await expectNoAxeFinding(page);

  const fits = await fitsOf(page, server.url, id);
  for (const { layers } of fits) {
    expect(layers.map(({ colourSlot }) => colourSlot)).toEqual(['card', 'main', 'second']);
    // What is drawn is cut from nothing of its own.
    expect(layers[2]!.materialId).toBe(layers[0]!.materialId);
    expect(layers[0]!.outline.map((rings) => rings.length)).toEqual([3]);
  }

  await makeAllPasses(page.request, server.url, id);
  const files = await cutFilesOf(page, server.url, id);
  const all = files.join('');
  const count = (what: RegExp) => [...all.matchAll(what)].length;
  expect([count(/data-tool="draw"/g), count(/data-tool="score"/g), count(/data-tool="cut"/g)]).toEqual([3, 3, 6]);
  for (const file of files) {
    const tools = [...file.matchAll(/data-tool="([a-z]+)"/g)].map(([, tool]) => tool);
    expect(tools.lastIndexOf('draw')).toBeLessThan(Math.max(0, tools.indexOf('cut')));
    // A scored line is there and not back.
    for (const [, d] of file.matchAll(/data-tool="score"[^>]*>\n<path d="([^"]+)"/g)) {
      expect(d).toMatch(/^M[\d.]+ [\d.]+L[\d.]+ [\d.]+$/);
    }
  }

  await page.goto(`${server.url}/runs/${id}/sheets`);
  await expect(page.getByTestId('piece').first()).toBeVisible();
  await page.goto(`${server.url}/runs/${id}/bench`);
  await expect(page.getByRole('group', { name: 'second' })).toHaveCount(0);

  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(SEATS.length);
  await page.getByLabel('Letters in “second” are').selectOption('cut');
  await settled(page);
  await expect(page.getByLabel('“second” cut from')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByLabel('“second” cut from')).toHaveCount(0);
  await expect(page.getByLabel('Letters in “second” are')).toHaveValue('draw');
});

test('other colours stand beside each other and are taken with one press; a layer is lifted out of the others', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Kiln aprons', ['Iris', 'Otto']);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(2);
  await page.getByRole('button', { name: 'Add a border' }).click();
  await settled(page);
  const arrangements = page.locator('section', { hasText: 'Its colours beside each other' }).getByRole('button');
  await expect(arrangements).toHaveCount(2);
  await expect(arrangements.first()).toContainText('as it is');
  await expect(arrangements.nth(1).getByRole('img', { name: 'Iris in these colours' })).toBeVisible();
  await expectNoAxeFinding(page);
  const films = async () => [
    await page.getByLabel('“border” cut from').inputValue(),
    await page.getByLabel('“main” cut from').inputValue(),
  ];
  const before = await films();
  await arrangements.nth(1).click();
  await expect.poll(films).toEqual(before.toReversed());
  await settled(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(films).toEqual(before);

  await page.getByRole('combobox', { name: /^Layers/ }).selectOption('border alone');
  const drawn = page.getByRole('img', { name: 'Iris in its place' }).locator('path[data-layer]');
  await expect(drawn).toHaveCount(2);
  expect(await drawn.evaluateAll((paths) => paths.map((path) => path.getAttribute('opacity')))).toEqual([null, '0.16']);
});
