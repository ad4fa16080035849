import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** Where figures stand on the drawing of a blank, and the drawing itself, in pixels of the screen. */
async function figuresOn(page: Page): Promise<{ readonly drawing: Box; readonly figures: readonly Box[] }> {
  const drawing = page.locator('svg[aria-label^="The blank, "]');
  await expect(drawing).toBeVisible();
  return drawing.evaluate((svg) => {
    const box = ({ left, top, right, bottom }: DOMRect) => ({ left, top, right, bottom });
    return {
      drawing: box(svg.getBoundingClientRect()),
      figures: [...svg.querySelectorAll('[data-testid="dimension"] text')].map((text) =>
        box(text.getBoundingClientRect()),
      ),
    };
  });
}

for (const width of [1280, 768]) {
  test(`on no blank of a new shop does one measure lie over another or beyond its drawing, at ${width} px`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`${server.url}/shop`);
    const links = await page
      .getByRole('main')
      .getByRole('link')
      .evaluateAll((all) =>
        all.map((link) => (link as HTMLAnchorElement).pathname).filter((path) => /^\/shop\/blanks\/[^/]+$/.test(path)),
      );
    const paths = [...new Set(links)];
    expect(paths.length).toBeGreaterThanOrEqual(17);
    let numSeen = 0;
    for (const path of paths) {
      await page.goto(`${server.url}${path}`);
      await page.getByRole('radio', { name: 'its places' }).click();
      if ((await page.getByLabel('The place rolled out flat').count()) > 0) continue;
      if ((await page.locator('svg[aria-label^="The place rolled out"]').count()) > 0) continue;
      const { drawing, figures } = await figuresOn(page);
      expect(figures.length, path).toBeGreaterThanOrEqual(4);
      for (const [i, a] of figures.entries()) {
        const isIn =
          a.left >= drawing.left - 1 &&
          a.right <= drawing.right + 1 &&
          a.top >= drawing.top - 1 &&
          a.bottom <= drawing.bottom + 1;
        expect([path, i, isIn]).toEqual([path, i, true]);
        for (const b of figures.slice(i + 1)) {
          const isOver = a.left < b.right - 1 && b.left < a.right - 1 && a.top < b.bottom - 1 && b.top < a.bottom - 1;
          expect([path, i, isOver]).toEqual([path, i, false]);
        }
      }
      numSeen++;
    }
    expect(numSeen).toBeGreaterThanOrEqual(12);
    await expectNoAxeFinding(page);
  });
}

test('a place is centred both ways, held by a square of nine, and keeps hundredths that were typed', async ({
  page,
}) => {
  await page.goto(`${server.url}/shop`);
  await page.getByRole('main').getByRole('link', { name: 'Tote bag' }).first().click();
  await page.getByRole('radio', { name: 'its places' }).click();
  const drop = page.getByLabel('Drop from the top edge');
  await drop.fill('26.65');
  await drop.blur();
  await expect(drop).toHaveValue('26.65');
  await page.getByRole('button', { name: 'down', exact: true }).click();
  // The bag is 420 mm high, its place 120.
  await expect(drop).toHaveValue('150');
  const held = page.getByRole('radiogroup', { name: 'Lettering held at' });
  await expect(held.getByRole('radio')).toHaveCount(9);
  await held.getByRole('radio', { name: 'top left' }).click();
  await expect(page.getByLabel('Off the sides it is held at')).toBeVisible();
  const boxes = await held.getByRole('radio').evaluateAll((all) => all.map((one) => one.getBoundingClientRect().x));
  expect(new Set(boxes.map(Math.round)).size).toBe(3);
  await page.getByRole('button', { name: 'across', exact: true }).click();
  await expect(page.getByRole('button', { name: 'across', exact: true })).toBeDisabled();
  // What is loaded anew while it is still being kept is as it was before.
  await expect(page.getByTestId('shop-save')).toHaveText('kept');
  await page.reload();
  await page.getByRole('radio', { name: 'its places' }).click();
  await expect(page.getByLabel('Drop from the top edge')).toHaveValue('150');
  await expect(page.getByText('Held to the middle of the blank')).toBeVisible();
});
