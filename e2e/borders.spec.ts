import { expect, test, type Page } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import {
  cutFilesOf,
  expectNoAxeFinding,
  expectSaved,
  field,
  fitsOf,
  makeAllPasses,
  piecesIn,
  settled,
  startRun,
} from './pages';
import { type Outline, boxOfOutline } from './positions/truth';

/** A sailing club's kit bags, white lettering with a gold border. */
const CREW = ['Odalys', 'Bram', 'Gwendolen', 'Hendrika', 'Peregrine', 'Ivo'];
const BORDER_MM = 2;

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** From a point to the nearest edge, 0.1 µm: every edge is looked at. */
function toEdge(outline: Outline, x: number, y: number): number {
  let least = Infinity;
  for (const ring of outline.flat()) {
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [ax, ay, dx, dy] = [ring[j]!, ring[j + 1]!, ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!];
      const t = Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
      least = Math.min(least, Math.hypot(ax + t * dx - x, ay + t * dy - y));
    }
  }
  return least;
}

const decision = (page: Page) => page.getByRole('region', { name: 'To decide' });

test('a name with a border goes from the list to a cut file for each film, and to the bench as two films in their order', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Kit bags', CREW);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(CREW.length);

  await test.step('the border lies around the letters of its own film, and letters give way to it', async () => {
    await page.getByRole('radio', { name: 'Stand block', exact: true }).click();
    await settled(page);
    await expectSaved(page);
    const before = await fitsOf(page, server.url, id);
    await page.getByRole('button', { name: 'Add a border' }).click();
    await field(page, 'Beyond the letters').fill(String(BORDER_MM));
    await page.keyboard.press('Tab');
    await expect(page.getByText('“border” cut from')).toBeVisible();
    await settled(page);
    await expectSaved(page);
    await expectNoAxeFinding(page);
    const after = await fitsOf(page, server.url, id);
    for (const [i, { layers, text, inkWidthMm, inkHeightMm, capHeightMm }] of after.entries()) {
      expect(layers.map(({ colourSlot, materialId }) => [colourSlot, materialId])).toEqual([
        ['border', 'film-white'],
        ['main', 'film-gold'],
      ]);
      // In the place of 180 × 52 mm that it filled before, letters are smaller by what the border takes.
      expect(inkWidthMm <= 180.001 && inkHeightMm <= 52.001).toBe(true);
      expect([text, capHeightMm < before[i]!.capHeightMm]).toEqual([text, true]);
      const [border, letters] = layers;
      const [outer, inner] = [boxOfOutline(border!.outline), boxOfOutline(letters!.outline)];
      expect(inner.xMm - outer.xMm).toBeCloseTo(BORDER_MM, 1);
      for (const ring of letters!.outline.flat()) {
        for (let k = 0; k < ring.length; k += 24) {
          expect(toEdge(border!.outline, ring[k]!, ring[k + 1]!) / 1e4).toBeGreaterThan(BORDER_MM - 0.05);
        }
      }
    }
  });

  await test.step('holes that it closes are a decision; one key takes the border that leaves them open', async () => {
    await field(page, 'Beyond the letters').fill('4');
    await page.keyboard.press('Tab');
    await settled(page);
    await expect(decision(page)).toContainText(/A border of 4\.00 mm closes (\d of \d holes|its hole)/);
    const picked = decision(page).getByRole('radio', { name: /A narrower border/ });
    await expect(picked).toBeChecked();
    const closed = () => page.getByTestId('fit').filter({ hasText: 'border closes' });
    const numBefore = await closed().count();
    expect(numBefore).toBeGreaterThan(1);
    await page.getByRole('heading', { name: /fits, all at one scale/ }).click();
    await page.keyboard.press('Enter');
    await expect(closed()).toHaveCount(numBefore - 1);
    await page.keyboard.press('Control+z');
    await expect(closed()).toHaveCount(numBefore);
    // For the others alike each its own.
    await decision(page)
      .getByRole('button', { name: /For all \d alike/ })
      .click();
    await expect(closed()).toHaveCount(0);
    await expectSaved(page);
    const found = (await fitsOf(page, server.url, id)).flatMap(({ findings }) => findings.map(({ kind }) => kind));
    expect(found).not.toContain('borderCloses');
  });

  await test.step('each film has passes of its own, in which every border, or every name, lies', async () => {
    await makeAllPasses(page.request, server.url, id);
    const names = new Map<string, Set<string>>();
    for (const svg of await cutFilesOf(page, server.url, id)) {
      const layersHere = new Set([...svg.matchAll(/data-layer="([^"]+)"/g)].map(([, layer]) => layer!));
      expect(layersHere.size).toBe(1);
      const [layer] = layersHere;
      const pieces = names.get(layer!) ?? new Set<string>();
      for (const piece of piecesIn(svg)) pieces.add(piece);
      names.set(layer!, pieces);
    }
    expect([...names.values()].map((pieces) => pieces.size)).toEqual([CREW.length, CREW.length]);
  });

  await test.step('at the bench the border is tacked first, then the letters are pressed in full', async () => {
    await page.goto(`${server.url}/runs/${id}/bench`);
    await page.getByText('How it is pressed').click();
    const card = page.getByRole('region', { name: 'Press card' });
    await expect(card.getByRole('heading')).toHaveText(['1 · white heat-transfer film', '2 · gold heat-transfer film']);
    const seconds = card.locator('dl > div').filter({ hasText: 'seconds' }).locator('dd');
    await expect(seconds).toHaveText(['5 s', '15 s']);
    await expect(card).toContainText('It lies below gold heat-transfer film');
    await expectNoAxeFinding(page);
  });
});
