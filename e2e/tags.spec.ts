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

/** A plant nursery's labels: a name on a tag of its own outline, and the same tag once more in card. */
const PLANTS = ['Bramble', 'Quince', 'Medlar'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('a tag with a hole and its twin in card are cut by the same outline, each from its own material', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Plant labels', PLANTS);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(PLANTS.length);
  await page.getByRole('radio', { name: 'Stand block', exact: true }).click();
  for (const name of ['backing', 'backing 2']) {
    await page.getByRole('button', { name: 'Add a backing' }).click();
    const tag = page.getByRole('group', { name, exact: true });
    await tag.getByLabel('Hole for a string').selectOption('left of the text');
    await expect(tag.getByLabel('Across the hole')).toBeVisible();
  }
  const film = page.getByLabel('“backing 2” cut from');
  const card = await film.locator('option').filter({ hasText: /card/ }).first().textContent();
  await film.selectOption(card!);
  await settled(page);
  await expectSaved(page);
  await expectNoAxeFinding(page);

  const fits = await fitsOf(page, server.url, id);
  expect(fits).toHaveLength(PLANTS.length);
  for (const { layers } of fits) {
    const [twin, tag, letters] = layers;
    expect([twin!.colourSlot, tag!.colourSlot, letters!.colourSlot]).toEqual(['backing 2', 'backing', 'main']);
    expect(twin!.outline).toEqual(tag!.outline);
    expect(twin!.materialId).not.toBe(tag!.materialId);
    // One body, one hole of 4 mm across, whose middle lies left of the letters.
    expect(tag!.outline.map((rings) => rings.length)).toEqual([2]);
    const xs = tag!.outline[0]![1]!.filter((_, i) => i % 2 === 0);
    const [least, most] = [Math.min(...xs), Math.max(...xs)];
    expect((most - least) / 1e4).toBeCloseTo(4, 1);
    expect(most).toBeLessThan(
      Math.min(...letters!.outline.flat().flatMap((ring) => ring.filter((_, i) => i % 2 === 0))),
    );
  }

  await makeAllPasses(page.request, server.url, id);
  const pieces = (await cutFilesOf(page, server.url, id)).flatMap(piecesIn);
  expect(new Set(pieces).size).toBe(3 * PLANTS.length);
});
