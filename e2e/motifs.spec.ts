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
import { boxOfOutline } from './positions/truth';

/** A village bakery's aprons: white names with a border, and an ear of grain in two films. */
const BAKERS = ['Thessaly', 'Corwin', 'Anneke', 'Ludo'];

const DRAWING = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 60">
  <style>.grain{fill:#d09010}</style>
  <g transform="translate(20 30)"><path d="M0 28V-4" stroke="#307030" stroke-width="5" stroke-linecap="round"/>
  <ellipse class="grain" cx="0" cy="-18" rx="7" ry="12"/><ellipse class="grain" cx="-11" cy="-4" rx="6" ry="10"/><ellipse class="grain" cx="11" cy="-4" rx="6" ry="10"/></g>
  <text x="0" y="9">Knead</text>
</svg>`;

const HOSTILE = DRAWING.replace('</svg>', '<image href="http://host.invalid/spy.png" width="9" height="9"/></svg>');

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const drawing = (text: string) => ({ name: 'ear_of_grain.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(text) });

test('names with a border and a motif in two films go from a drawing to a cut file for each film, and to the bench layer by layer', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Aprons', BAKERS);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(BAKERS.length);
  const motif = page.getByRole('region', { name: 'Motif' });
  const picker = page.getByRole('dialog', { name: 'A motif' });

  await test.step('a drawing that asks for something from elsewhere is refused, and nothing is taken in', async () => {
    await page.getByRole('radio', { name: 'Stand block', exact: true }).click();
    await motif.getByRole('button', { name: 'Add a motif…' }).click();
    await expect(picker.getByRole('listitem')).toHaveCount(12);
    await picker.getByLabel('A drawing of your own').setInputFiles(drawing(HOSTILE));
    await expect(picker).toContainText(
      'ear_of_grain.svg asks for something from elsewhere, which Knurl never fetches.',
    );
    await expect(picker.getByRole('listitem')).toHaveCount(12);
    await expectNoAxeFinding(page);
  });

  await test.step('a good one says what was left out of it, and stands beside every name', async () => {
    await picker.getByLabel('A drawing of your own').setInputFiles(drawing(DRAWING));
    await expect(picker).toContainText('Not taken over: a text (turn it to outlines).');
    await picker.getByRole('button', { name: 'Take it as it is now' }).click();
    await expect(motif).toContainText('ear of grain');
    await page.getByRole('button', { name: 'Add a border' }).click();
    await expect(page.getByText('“border” cut from')).toBeVisible();
    await settled(page);
    await expectSaved(page);
    const fits = await fitsOf(page, server.url, id);
    for (const { layers } of fits) {
      expect(layers.map(({ kind, colourSlot }) => [kind, colourSlot])).toEqual([
        ['border', 'border'],
        ['motif', 'main'],
        ['motif', 'motif'],
        ['text', 'main'],
      ]);
      const [border, stem, grain, letters] = layers.map(({ outline }) => boxOfOutline(outline));
      expect(stem!.xMm + stem!.widthMm).toBeLessThan(letters!.xMm);
      expect(grain!.yMm).toBeLessThan(stem!.yMm);
      for (const one of [stem!, grain!, letters!]) {
        expect(one.xMm).toBeGreaterThan(border!.xMm + 1.4);
        expect(one.yMm).toBeGreaterThan(border!.yMm + 1.4);
      }
    }
  });

  await test.step('it lies on a shelf of the shop, which hands it out as it would be read again', async () => {
    const fitPage = page.url();
    await page.goto(`${server.url}/shop/motifs`);
    await expectNoAxeFinding(page);
    await page.getByRole('link', { name: 'ear of grain', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'ear of grain' })).toBeVisible();
    await expectNoAxeFinding(page);
    const href = await page.getByRole('link', { name: 'Take the drawing, SVG' }).getAttribute('href');
    const svg = await (await page.request.get(`${server.url}${href}`)).body();
    const again = await page.request.post(`${server.url}/api/motifs?name=ear%20of%20grain.svg`, { data: svg });
    expect(((await again.json()) as { leftOut: unknown }).leftOut).toBeNull();
    await page.goto(fitPage);
    await expect(page.getByTestId('fit')).toHaveCount(BAKERS.length);
  });

  await test.step('it goes to another spot, one part gets another film, and undo takes both back', async () => {
    await motif.getByRole('combobox').first().selectOption('on both sides of it');
    await motif.getByLabel('Part 2 is').selectOption('left out');
    await settled(page);
    await expectSaved(page);
    const both = (await fitsOf(page, server.url, id)).map(({ layers }) => layers.map(({ kind }) => kind));
    expect(both).toEqual(BAKERS.map(() => ['border', 'motif', 'text']));
    await page.getByRole('heading', { name: /fits, all at one scale/ }).click();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(motif.getByRole('combobox').first()).toHaveValue('before');
    await settled(page);
    await expectSaved(page);
  });

  await test.step('each film has passes of its own, and every part is in them once a name', async () => {
    await makeAllPasses(page.request, server.url, id);
    const files = await cutFilesOf(page, server.url, id);
    expect(files.length).toBeGreaterThan(1);
    for (const svg of files) expect(svg).not.toMatch(/Knead|host\.invalid|<text|<style|<image/);
    const pieces = files.flatMap(piecesIn);
    expect(new Set(pieces).size).toBe(pieces.length);
    expect(pieces).toHaveLength(4 * BAKERS.length);
  });

  await test.step('at the bench one layer is marked by itself, and lifted out of the others', async () => {
    await page.goto(`${server.url}/runs/${id}/bench`);
    const layers = page.getByRole('list', { name: 'Layers' });
    await expect(layers.getByRole('listitem')).toHaveCount(4);
    const grain = layers.getByRole('listitem').nth(1);
    await expect(grain).toContainText(/^motif, .* film · not cut yet/);
    // What is pressed before the page has woken up is not heard; once it is heard there is nothing left to press.
    await expect(async () => {
      await grain.getByRole('button', { name: 'Mark it cut' }).click({ timeout: 2000 });
      await expect(grain).toContainText('· cut', { timeout: 3000 });
    }).toPass({ timeout: 40_000 });
    await expect(layers.getByRole('listitem').nth(0)).toContainText('not cut yet');
    await grain.getByRole('button', { name: 'show alone' }).click();
    const drawn = page.getByRole('img', { name: `${BAKERS[0]} in its place` }).locator('path[data-layer]');
    await expect(drawn).toHaveCount(4);
    expect(await drawn.evaluateAll((paths) => paths.filter((path) => path.getAttribute('opacity')).length)).toBe(3);
    await expectNoAxeFinding(page);
    await page.keyboard.press('u');
    await expect(grain).toContainText('not cut yet');
  });
});
