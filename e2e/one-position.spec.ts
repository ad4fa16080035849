import { type APIRequestContext, type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { startRun } from './pages';
import { pdfPaths } from './positions/pdf-paths';
import { type PlaceJson, type RunJson, changedEverywhere, withRandomPlaces } from './positions/random-run';
import { type InkBox, type Outline, asRead, boxOfOutline, rulerOf } from './positions/truth';

/**
 * One text at many made-up places: placement card, bench, template, proof, beds and the answer for other programs say the same spot.
 * What was released or made stays where it was, whatever is changed. `npm run check:positions 200` takes as many as wanted.
 */

const NUM_PLACES = Number(process.env.KNURL_PLACES ?? 6);
const SEED = Number(process.env.KNURL_SEED ?? 20261127);
const PLACES_EACH = 5;
/** Blanks in one run. */
const MOST_BLANKS = 8;
const PT_PER_MM = 72 / 25.4;

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** What each place is held against. */
interface Told {
  readonly key: string;
  readonly pieceId: string;
  readonly useId: string;
  readonly placeId: string;
  readonly entryId: string;
  readonly blankName: string;
  readonly placeName: string;
  readonly box: InkBox;
  readonly turnDeg: number;
  readonly ruler: readonly [number, number, number];
}

interface FitJson {
  readonly entryId: string;
  readonly useId: string;
  readonly placeId: string;
  readonly spot: { readonly xMm: number; readonly yMm: number; readonly turnDeg: number } | null;
  readonly onBlank: { readonly leftMm: number; readonly rightMm: number; readonly dropMm: number } | null;
  readonly findings: readonly { readonly severity: string }[];
  readonly outline: Outline;
  readonly layers: readonly {
    readonly pieceId: string;
    readonly outline: Outline;
    readonly frozen: { readonly by: string; readonly spot: { readonly xMm: number; readonly yMm: number } } | null;
  }[];
}

const json = async <T>(request: APIRequestContext, path: string): Promise<T> =>
  (await (await request.get(`${server.url}${path}`)).json()) as T;

const close = (found: readonly number[], wanted: readonly number[], within: number, what: string) =>
  found.forEach((value, i) =>
    expect(Math.abs(value - wanted[i]!), `${what}: ${found} for ${wanted}`).toBeLessThan(within),
  );

/** What the answer for other programs says, held against sums of its own. */
async function toldByFits(request: APIRequestContext, id: string): Promise<Told[]> {
  const { spec } = await json<{ spec: RunJson }>(request, `/api/runs/${id}`);
  const { fits } = await json<{ fits: FitJson[] }>(request, `/api/runs/${id}/fits?outlines=1`);
  return fits.flatMap((fit): Told[] => {
    const use = spec.uses.find((one) => one.id === fit.useId)!;
    const blank = spec.shop.blanks.find((one) => one.id === use.blankId)!.value;
    const place = blank.variants.flatMap(({ places }) => places[fit.placeId] ?? []).find(Boolean)!;
    const { spot, onBlank } = fit;
    const key = `${blank.name} ${fit.placeId}`;
    if (!spot || !onBlank || fit.findings.some(({ severity }) => severity === 'stop')) return [];
    const box = boxOfOutline(fit.outline);
    close([spot.xMm, spot.yMm], [box.xMm, box.yMm], 2e-4, `${key}: the spot is where its outline lies`);
    const ruler = [onBlank.leftMm, onBlank.rightMm, onBlank.dropMm] as const;
    // Round goods are measured along their side, which the sums here know nothing of.
    if (!place.wrap) close(ruler, rulerOf(place, heightOf(place), box), 3e-4, `${key}: the ruler goes to the ink`);
    const { pieceId } = fit.layers.find(Boolean)!;
    const names = { blankName: blank.name, placeName: `place ${fit.placeId.charCodeAt(9) - 97}` };
    const { useId, placeId, entryId } = fit;
    return [{ key, pieceId, useId, placeId, entryId, ...names, box, turnDeg: spot.turnDeg, ruler }];
  });
}

/** Height of the box around a place's outline. */
function heightOf(place: PlaceJson): number {
  const outline = place.outline as Record<string, number> & { kind: string; corners: [number, number][] };
  if (outline.kind === 'polygon') return Math.max(...outline.corners.map(([, y]) => y));
  if (outline.kind !== 'ringPart') return outline.heightMm!;
  // From the middle of the long edge to the ends of the short one.
  const half = (outline.sweepDeg! * Math.PI) / 360;
  return outline.outerRadiusMm! - outline.innerRadiusMm! * Math.cos(half);
}

async function expectCard(page: Page, id: string, told: readonly Told[]): Promise<void> {
  await page.goto(`${server.url}/runs/${id}/blank`);
  for (const { key, blankName, placeName, ruler } of told) {
    await page.getByRole('radio', { name: `${blankName}, ${placeName}`, exact: true }).click();
    const cells = page.getByRole('region', { name: 'Placement card' }).locator('tbody tr td.measure');
    await expect(cells).toHaveCount(3);
    close((await cells.allInnerTexts()).map(Number), ruler, 0.0501, `${key}: the card`);
  }
}

/** Every item of the bench: its figures in whole millimetres, and where its ink is drawn in the frame of the place. */
async function expectBench(page: Page, id: string, told: readonly Told[]): Promise<void> {
  await page.goto(`${server.url}/runs/${id}/bench`);
  for (const blankName of new Set(told.map((one) => one.blankName))) {
    const here = told.filter((one) => one.blankName === blankName);
    await page
      .getByRole('list', { name: 'Items of the run' })
      .getByRole('button')
      .filter({ hasText: blankName })
      .click();
    await expect(page.getByText(new RegExp(`^${blankName} · `))).toBeVisible();
    for (const { key, placeName, box, ruler } of here) {
      const section = page.getByRole('region', { name: placeName, exact: true });
      await expect(section.locator('svg path[data-layer]')).toHaveCount(1);
      const figures = await section.locator('dd').allInnerTexts();
      const numbers = figures.slice(0, 2).flatMap((text) => text.match(/-?\d+/g)!.map(Number));
      close(numbers, ruler, 0.501, `${key}: the bench’s figures`);
      const drawn = await section.locator('svg path[data-layer]').evaluate((path: SVGGraphicsElement) => {
        const { x, y, width, height } = path.getBBox();
        const matrix = path.transform.baseVal.consolidate()!.matrix;
        const corners = [
          [x, y],
          [x + width, y + height],
        ].map(([px, py]) => new DOMPoint(px, py).matrixTransform(matrix));
        const [xs, ys] = [corners.map((one) => one.x), corners.map((one) => one.y)];
        return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
      });
      const wanted = [box.xMm, box.yMm, box.xMm + box.widthMm, box.yMm + box.heightMm];
      close(drawn, wanted, 0.02, `${key}: the bench’s drawing`);
    }
  }
}

async function expectTemplates(request: APIRequestContext, id: string, told: readonly Told[]): Promise<void> {
  for (const { key, useId, placeId, entryId, box } of told) {
    const url = `${server.url}/api/runs/${id}/template.pdf?use=${useId}&place=${placeId}&entry=${entryId}&paper=a4`;
    const [sheet] = pdfPaths(await (await request.get(url)).body());
    const outline = sheet!.find(({ how }) => how === 'stroke')!;
    const ink = sheet!.find(({ how }) => how === 'fill')!;
    const found = [ink.minX - outline.minX, ink.minY - outline.minY, ink.maxX - ink.minX, ink.maxY - ink.minY];
    const wanted = [box.xMm, box.yMm, box.widthMm, box.heightMm];
    close(
      found.map((pt) => pt / PT_PER_MM),
      wanted,
      0.01,
      `${key}: the template`,
    );
  }
}

/** On the proof every text lies as it reads, all at one scale: sizes are compared by their shares of the widest. */
async function expectProof(request: APIRequestContext, id: string, told: readonly Told[]): Promise<void> {
  const pdf = await (await request.get(`${server.url}/api/runs/${id}/proof.pdf`)).body();
  const inks = pdfPaths(pdf).flatMap((paths) => paths.filter(({ how }) => how === 'fill'));
  expect(inks).toHaveLength(told.length);
  const sizes = told.map(({ box, turnDeg }) => asRead(box, turnDeg));
  const widest = Math.max(...sizes.map(([width]) => width));
  const widestInk = Math.max(...inks.map(({ minX, maxX }) => maxX - minX));
  told.forEach(({ key }, i) => {
    const { minX, minY, maxX, maxY } = inks[i]!;
    const found = [maxX - minX, maxY - minY].map((pt) => (pt / widestInk) * widest);
    close(found, sizes[i]!, 0.02, `${key}: the proof`);
  });
}

/** Pieces on the beds, planned and made, as the pages draw them: as large as the ink, lying or turned by a quarter. */
async function expectBeds(page: Page, id: string, told: readonly Told[]): Promise<void> {
  await page.goto(`${server.url}/runs/${id}/sheets`);
  const found = new Map<string, readonly number[]>();
  const passes = page.getByRole('listitem').getByRole('button', { name: /^Pass \d+, (made|planned)/ });
  await expect(passes.first()).toBeVisible();
  for (let i = 0; i < (await passes.count()); i++) {
    await passes.nth(i).click();
    const name = (await passes.nth(i).innerText()).split(',')[0]!;
    await expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible();
    await expect(page.getByTestId('piece').first()).toBeVisible();
    const pieces = await page.getByTestId('piece').evaluateAll((paths) =>
      paths.map((path) => {
        const { width, height } = (path as SVGGraphicsElement).getBBox();
        return [path.getAttribute('data-piece')!, width, height] as const;
      }),
    );
    for (const [pieceId, width, height] of pieces) found.set(pieceId, [width, height]);
  }
  for (const { key, pieceId, box, turnDeg } of told) {
    const wanted = [...asRead(box, turnDeg)].sort((a, b) => a - b);
    close(
      [...found.get(pieceId)!].sort((a, b) => a - b),
      wanted,
      0.02,
      `${key}: on the bed`,
    );
  }
}

async function expectEverywhere(page: Page, id: string, told: readonly Told[]): Promise<void> {
  await expectCard(page, id, told);
  await expectBench(page, id, told);
  await expectTemplates(page.request, id, told);
  await expectProof(page.request, id, told);
  await expectBeds(page, id, told);
}

const numRuns = Math.ceil(NUM_PLACES / (MOST_BLANKS * PLACES_EACH));
for (let run = 0; run < numRuns; run++) {
  test(`one position for all, run ${run + 1} of ${numRuns}`, async ({ page }) => {
    test.setTimeout(600_000);
    const numBlanks = Math.ceil(Math.min(NUM_PLACES / numRuns, MOST_BLANKS * PLACES_EACH) / PLACES_EACH);
    const id = await startRun(page, server.url, `Places ${run}`, ['Odalys']);
    const { spec } = await json<{ spec: RunJson }>(page.request, `/api/runs/${id}`);
    const saved = async (counter: number, data: RunJson) => {
      const address = `${server.url}/api/runs/${id}`;
      const answer = await page.request.put(address, { data, headers: { 'if-match': `"${counter}"` } });
      expect(answer.status(), await answer.text()).toBe(200);
    };
    const random = withRandomPlaces(spec, numBlanks, PLACES_EACH, SEED + run);
    await saved(1, random);
    const told = await toldByFits(page.request, id);
    expect(told.length).toBeGreaterThan(numBlanks * PLACES_EACH * 0.8);
    await expectEverywhere(page, id, told);

    // Let through, and the half of it that fits a pass made; then everything is changed.
    const by = { who: 'Wendeline', station: 'table-one' };
    const released = await page.request.post(`${server.url}/api/runs/${id}/releases`, {
      data: { id: 'areleasing', by },
    });
    expect(released.ok(), await released.text()).toBe(true);
    expect((await page.request.post(`${server.url}/api/runs/${id}/passes`)).status()).toBe(201);
    await saved(2, changedEverywhere(random));
    const { fits } = await json<{ fits: FitJson[] }>(page.request, `/api/runs/${id}/fits`);
    const frozenById = new Map(fits.flatMap(({ layers }) => layers.map(({ pieceId, frozen }) => [pieceId, frozen])));
    for (const { key, pieceId, box } of told) {
      const { spot } = frozenById.get(pieceId)!;
      close([spot.xMm, spot.yMm], [box.xMm, box.yMm], 2e-4, `${key}: what was frozen`);
    }
    await expectEverywhere(page, id, told);
  });
}
