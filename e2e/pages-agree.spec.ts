import { type APIRequestContext, type Page, type Route, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectSaved, field, letMakePass, makePass, startRun, step, textOf } from './pages';

/** A beekeepers' fair: two pages on one run, several items to an entry, films of their own. */
const KEEPERS = ['Melisande', 'Bo', 'Ignatz', 'Ottilie'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

interface RunJson {
  readonly spec: Record<string, unknown> & {
    readonly entries: readonly { readonly id: string }[];
    readonly uses: readonly { readonly id: string; readonly places: readonly { readonly placeId: string }[] }[];
  };
}

const run = async (request: APIRequestContext, id: string): Promise<RunJson> =>
  (await (await request.get(`${server.url}/api/runs/${id}`)).json()) as RunJson;

async function save(request: APIRequestContext, id: string, counter: number, data: object): Promise<void> {
  const headers = { 'if-match': `"${counter}"` };
  expect((await request.put(`${server.url}/api/runs/${id}`, { data, headers })).status()).toBe(200);
}

const onBench = (page: Page, name: string) =>
  page.getByRole('list', { name: 'Items of the run' }).getByRole('button', { name });

test('a plan that is answered late is not laid down: the slip is for what was typed last', async ({ page }) => {
  const id = await startRun(page, server.url, 'Late plans', KEEPERS);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  const slip = page.getByRole('region').or(page.locator('section')).filter({ hasText: 'Slip for pass 1' }).last();
  await expect(slip).toContainText(/Cut 290 × \d+ mm/);
  const heightMm = async () => Number(/Cut 290 × (\d+) mm/.exec(await slip.innerText())![1]);
  // Answers are held, and come back in the wrong order. While a search goes on behind, the page asks now and then by itself.
  const waiting: Route[] = [];
  let isHeld = true;
  await page.route('**/api/runs/*/plan', (route) => (isHeld ? void waiting.push(route) : route.continue()));
  const edge = field(page, 'Clear at the bed’s edge');
  await edge.fill('40');
  await expectSaved(page);
  await expect.poll(() => waiting.length).toBeGreaterThan(0);
  // Asked and answered by the server as it is now; it comes back last.
  const first = waiting.at(-1)!;
  const asked = await first.fetch();
  const numFirst = waiting.length;
  await edge.fill('10');
  await expect.poll(() => waiting.length).toBeGreaterThan(numFirst);
  isHeld = false;
  for (const late of [...waiting].reverse())
    await late.fulfill({ response: late === first ? asked : await late.fetch() });
  await expectSaved(page);
  await expect(slip.getByRole('button', { name: 'Make pass 1' })).toBeEnabled();
  const { passes } = await (await page.request.get(`${server.url}/api/runs/${id}/plan`)).json();
  expect(await heightMm()).toBe(Math.ceil(passes[0].patches[0].heightMm));
  const { passes: wide } = (await asked.json()) as { passes: { patches: { heightMm: number }[] }[] };
  expect(Math.ceil(wide[0]!.patches[0]!.heightMm)).toBeGreaterThan(await heightMm());
});

test('the bench follows exceptions, and a second page follows marks, changes and passes without being loaded again', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  const id = await startRun(one, server.url, 'Two tables', KEEPERS);
  await one.goto(`${server.url}/runs/${id}/wording`);
  await two.goto(`${server.url}/runs/${id}/bench`);
  await expect(onBench(two, 'Melisande')).toBeVisible();

  // An exception: only this text reads otherwise, and no entry, blank or place is touched by it.
  const words = one.getByLabel(/^Words of entry 1 on/);
  await words.fill('Mel');
  await words.press('Enter');
  await expectSaved(one);
  await expect(onBench(two, 'Mel ')).toBeVisible();
  await step(one, 'Bench');
  await expect(onBench(one, 'Mel ')).toBeVisible();

  // A mark of the first page, with the pass that it makes.
  await onBench(one, 'Ignatz').click();
  await one.getByRole('button', { name: /^cut/ }).click();
  await letMakePass(one, 1);
  await expect(one.getByText(/Pass 1 is made by this mark/)).toBeVisible();
  await expect(onBench(two, 'Ignatz')).toContainText('cut');
  await expect(onBench(two, 'Ignatz')).toContainText('pass 1');

  // A page that nobody looks at has no stream; it reads again when it is looked at.
  await step(two, 'Roster');
  await textOf(two, 2).fill('Bodil');
  await textOf(two, 2).press('Enter');
  await expectSaved(two);
  await expect(onBench(one, 'Bodil')).toBeVisible();
  await context.close();
});

test('an entry of several items is as far as the least of them', async ({ page }) => {
  const id = await startRun(page, server.url, 'Several each', KEEPERS);
  const { spec } = await run(page.request, id);
  const entries = spec.entries.map((entry, i) => (i === 1 ? { ...entry, quantity: 2 } : entry));
  await save(page.request, id, 1, { ...spec, entries });
  const items = await (await page.request.get(`${server.url}/api/runs/${id}/tally?station=table`)).json();
  const ofBo = items.items.filter((item: { entryId: string }) => item.entryId === spec.entries[1]!.id);
  expect(ofBo).toHaveLength(2);
  const act = { id: 'packed-one-of-two', by: { who: '', station: 'table' }, at: '2026-05-04T09:00:00Z' };
  const packed = { ...act, mayMake: true, deeds: [{ kind: 'packed', itemId: ofBo[1].itemId }] };
  expect((await page.request.post(`${server.url}/api/runs/${id}/acts`, { data: packed })).ok()).toBe(true);
  await page.goto(`${server.url}/runs/${id}/roster`);
  const row = page.getByRole('row').filter({ has: page.getByRole('button', { name: 'Take out Bo', exact: true }) });
  await expect(row.getByRole('img', { name: '1 of 2: not cut yet' })).toBeVisible();
});

test('the proof shows a text in the film that is its own, and tape, roster and Fit count the same', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Own films', [...KEEPERS, 'Wilhelmina-Constance Abernethy-Fitzmaurice']);
  const { spec } = await run(page.request, id);
  const { id: useId, places } = spec.uses.find(Boolean)!;
  const at = { entryId: spec.entries[1]!.id, useId, placeId: places.find(Boolean)!.placeId };
  const own = { id: 'overriding', at, set: { kind: 'material', materialId: 'film-white' } };
  await save(page.request, id, 1, { ...spec, overrides: [own] });
  await page.goto(`${server.url}/runs/${id}/proof`);
  const colourOf = (name: string) =>
    page
      .getByRole('img', { name: `${name} as it is cut` })
      .locator('path')
      .first();
  await expect(colourOf('Bo')).toHaveAttribute('fill', '#f7f5ee');
  await expect(colourOf('Melisande')).toHaveAttribute('fill', '#e0b25a');

  const tape = page.getByRole('navigation', { name: 'Steps of the run' }).getByRole('link', { name: 'Fit' });
  await expect(tape).toContainText(/\d+ to decide/, { timeout: 20_000 });
  const numOpen = Number(/(\d+) to decide/.exec(await tape.innerText())![1]);
  await step(page, 'Roster');
  await expect(page.getByRole('heading', { level: 1 })).toContainText(`${numOpen} need`);
  await step(page, 'Fit');
  await expect(page.getByTestId('fit').filter({ hasText: /stop|check/ })).toHaveCount(numOpen);
});

test('a server that is asked to end ends at once, with pages that listen', async ({ page }) => {
  const own = await KnurlServer.start();
  const id = await startRun(page, own.url, 'Closing time', KEEPERS);
  const listening = page.waitForResponse('**/events');
  await page.goto(`${own.url}/runs/${id}/bench`);
  expect((await listening).headers()['content-type']).toContain('text/event-stream');
  // It would wait a minute for connections that are open and asked nothing.
  const ended = own.stop();
  await expect(Promise.race([ended, page.waitForTimeout(10_000).then(() => 'still there')])).resolves.toBeUndefined();
  await ended;
});

interface PlanJson {
  readonly name: string;
  readonly isSearching: boolean;
  readonly passes: readonly {
    readonly patches: readonly {
      readonly heightMm: number;
      readonly pieces: readonly { readonly pieceId: string; readonly xMm: number; readonly yMm: number }[];
    }[];
  }[];
}

const planOf = async (request: APIRequestContext, id: string): Promise<PlanJson> =>
  (await (await request.get(`${server.url}/api/runs/${id}/plan`)).json()) as PlanJson;

/** What is planned once nothing is looked for any more. */
async function settledPlan(request: APIRequestContext, id: string): Promise<PlanJson> {
  await expect.poll(async () => (await planOf(request, id)).isSearching, { timeout: 60_000 }).toBe(false);
  return planOf(request, id);
}

const lengthOf = ({ passes }: PlanJson) => passes[0]!.patches[0]!.heightMm;
const SWARM = ['Wilhelmina', 'Jo', 'Thessaly', 'Quim', 'Anneke', 'Florentine', 'Ida', 'Bartholomy', 'Lucasta', 'Emrys'];

test('a shorter layout is looked for behind the page, and a pass is made as it is shown', async ({ page }) => {
  const id = await startRun(page, server.url, 'Honey jars', [...KEEPERS, ...SWARM]);
  const first = await planOf(page.request, id);
  expect(first.isSearching).toBe(true);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  const last = await settledPlan(page.request, id);
  expect(lengthOf(last)).toBeLessThanOrEqual(lengthOf(first));
  await expect(page.getByText('A shorter layout is looked for')).toHaveCount(0);
  await expect(page.getByText('not made yet', { exact: false })).toBeVisible();

  const shown = await page.request.post(`${server.url}/api/runs/${id}/passes`, { data: { plan: 'another' } });
  expect([shown.status(), ((await shown.json()) as { kind: string }).kind]).toEqual([409, 'otherPlan']);
  await makePass(page, 1);
  const made = (await (await page.request.get(`${server.url}/api/runs/${id}/passes`)).json()) as {
    passes: { patches: { placed: { pieceId: string; x: number; y: number }[] }[] }[];
  };
  const um10 = (mm: number) => Math.round(mm * 10_000);
  expect(made.passes[0]!.patches[0]!.placed.map(({ pieceId, x, y }) => [pieceId, x, y])).toEqual(
    last.passes[0]!.patches[0]!.pieces.map(({ pieceId, xMm, yMm }) => [pieceId, um10(xMm), um10(yMm)]),
  );
});

test('a server that was started anew knows no longer layout: that is said, and the pass is made as it is shown then', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Honey jars, again', [
    ...SWARM,
    ...KEEPERS,
    ...SWARM.map((name) => `${name} Reed`),
  ]);
  const first = await planOf(page.request, id);
  const last = await settledPlan(page.request, id);
  expect(last.name).not.toBe(first.name);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  const make = page.getByRole('button', { name: 'Make pass 1' });
  await expect(make).toBeEnabled();
  await server.kill9();
  await server.startAgain();
  const asItIs = page.getByRole('button', { name: 'Make it as it is' });
  await make.click();
  await asItIs.click();
  await expect(page.getByRole('alert').filter({ hasText: 'laid out otherwise than they were shown' })).toBeVisible();
  await asItIs.click();
  await expect(page.getByRole('button', { name: 'Pass 1, made' })).toBeVisible();
});
