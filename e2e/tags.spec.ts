import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, makeAllPasses, startRun } from './pages';
import type { Outline } from './positions/truth';

/** A plant nursery's labels: a name on a tag of its own outline, and the same tag once more in card. */
const PLANTS = ['Bramble', 'Quince', 'Medlar'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

interface FitJson {
  readonly layers: readonly { readonly colourSlot: string; readonly materialId: string; readonly outline: Outline }[];
}

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
  await expect(page.getByRole('heading', { name: /to measure|fitting/ })).toHaveCount(0, { timeout: 30_000 });
  await expectSaved(page);
  await expectNoAxeFinding(page);

  const { fits } = (await (await page.request.get(`${server.url}/api/runs/${id}/fits?outlines=1`)).json()) as {
    fits: FitJson[];
  };
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
  const heads = await page.request.get(`${server.url}/api/runs/${id}/passes?heads=1`);
  const { passes } = (await heads.json()) as { passes: { no: number }[] };
  const pieces: string[] = [];
  for (const { no } of passes) {
    const svg = await (await page.request.get(`${server.url}/api/runs/${id}/passes/${no}/cut.svg`)).text();
    pieces.push(...[...svg.matchAll(/id="piece-([^"]+)"/g)].map(([, piece]) => piece!));
  }
  expect(new Set(pieces).size).toBe(3 * PLANTS.length);
});
