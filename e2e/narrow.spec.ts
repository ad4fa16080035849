import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { startRun } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** How wide the page is, and whatever is scrolled within it but the tape, which is a tape, or reaches out of a side panel. */
const sideways = (page: Page) =>
  page.evaluate(() => {
    const scrolled = [...document.querySelectorAll('main *')].filter(
      (one) => one.scrollWidth > one.clientWidth + 1 && /auto|scroll/.test(getComputedStyle(one).overflowX),
    );
    const beyond = [...document.querySelectorAll('main aside')].flatMap((side) => {
      const right = side.getBoundingClientRect().right + 1;
      const fields = [...side.querySelectorAll('label, button, select, input, p')];
      return fields.filter((one) => one.getBoundingClientRect().right > right);
    });
    return {
      page: document.documentElement.scrollWidth,
      within: [...scrolled, ...beyond].map((one) => one.getAttribute('aria-label') ?? one.className),
    };
  });

/** 200 % of a window of 1280 px is a window of 640. */
for (const width of [1280, 768, 640]) {
  test(`nothing is scrolled sideways at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 });
    const title = 'A name for a run that is so long that it stands in nobody’s header whole, whatever the window is';
    const id = await startRun(page, server.url, title, ['Odile Marsh', 'Benno', 'Xanthe Quay-Fenwater']);
    const steps = ['roster', 'wording', 'blank', 'fit', 'proof', 'prepare', 'sheets', 'bench', 'list'];
    const shop = ['', '/materials', '/beds', '/letterings', '/faces', '/motifs', '/cards', '/settings'];
    const paths = [
      '/',
      '/runs/new',
      ...steps.map((step) => `/runs/${id}/${step}`),
      ...shop.map((path) => `/shop${path}`),
    ];
    for (const path of paths) {
      await page.goto(`${server.url}${path}`);
      await page.waitForTimeout(700);
      expect.soft([path, await sideways(page)]).toEqual([path, { page: width, within: [] }]);
      if (!path.endsWith('/fit')) continue;
      // With all that can be asked for there, and the longest words of its fields.
      await page.getByRole('radio', { name: 'CAPITALS' }).first().click();
      for (const fold of await page.locator('aside summary').all()) await fold.click();
      await page.waitForTimeout(700);
      expect.soft(['opened', await sideways(page)]).toEqual(['opened', { page: width, within: [] }]);
    }
  });
}
