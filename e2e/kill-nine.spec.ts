import { type Page, expect, test } from '@playwright/test';
import { NEW_MATERIAL } from '../src/core/shop';
import { KnurlServer } from './knurl-server';
import { seeded } from './seeded';
import { letMakePass, makeAllPasses, startRun as startRunOf, textOf } from './pages';

/** A choir's list, forty names, so that there is always something left to mark. */
const CHOIR = Array.from(
  { length: 40 },
  (_, i) => `${'ABCDEFGHIJ'[i % 10]}${['anka', 'eatrix', 'yril', 'orle'][i % 4]} ${i + 1}`,
);

let server: KnurlServer;
test.beforeEach(async () => {
  server = await KnurlServer.start();
});
test.afterEach(() => server.stop());

const startRun = (page: Page) => startRunOf(page, server.url, 'Choir folders', CHOIR);

interface Tally {
  readonly items: readonly { readonly itemId: string; readonly stage: string }[];
}

async function stages(page: Page, id: string): Promise<Map<string, string>> {
  const tally = (await (await page.request.get(`${server.url}/api/runs/${id}/tally`)).json()) as Tally;
  return new Map(tally.items.map(({ itemId, stage }) => [itemId, stage]));
}

test('the server killed in the middle of marking: every acknowledged mark is there, the waiting one is sent', async ({
  page,
}) => {
  const id = await startRun(page);
  await makeAllPasses(page.request, server.url, id);
  const acknowledged = new Set<string>();
  page.on('response', async (response) => {
    if (!response.url().endsWith('/acts') || !response.ok()) return;
    const body = await response.json().catch(() => null);
    for (const { pieceId } of body?.act?.deeds ?? [])
      acknowledged.add(String(pieceId).split('-').slice(0, 3).join('-'));
  });
  await page.goto(`${server.url}/runs/${id}/bench`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CHOIR[0]!);
  const killAfter = 9;
  for (let i = 0; i < 20; i++) {
    await page.keyboard.press('c');
    await page.keyboard.press('ArrowDown');
    if (i === killAfter) {
      await expect.poll(() => acknowledged.size).toBeGreaterThan(2);
      await server.kill9();
    }
  }
  const before = new Set(acknowledged);
  await expect(page.getByRole('alert').filter({ hasText: 'does not answer' })).toBeVisible();
  await server.startAgain();
  const after = await stages(page, id);
  for (const itemId of before) expect([itemId, after.get(itemId)]).toEqual([itemId, 'cut']);
  await expect(page.getByRole('alert').filter({ hasText: 'does not answer' })).toHaveCount(0, { timeout: 20_000 });
  await expect
    .poll(async () => [...(await stages(page, id)).values()].filter((stage) => stage === 'cut').length)
    .toBe(20);
  await page.getByRole('button', { name: /^to weed 20$/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: CHOIR[19]! })).toHaveAttribute('aria-setsize', '20');
});

/** A few here; `npm run check:kills` does 150, or as many as wanted. */
const NUM_KILLS = Number(process.env.KNURL_KILLS ?? 3);

test('killed at random moments, no acknowledged mark or save is ever lost', async ({ request }) => {
  test.setTimeout(60_000 + NUM_KILLS * 20_000);
  const created = await request.post(`${server.url}/api/runs`, { data: { title: 'Choir', list: CHOIR.join('\n') } });
  const { id, spec } = (await created.json()) as { id: string; spec: object };
  const tally = (await (await request.get(`${server.url}/api/runs/${id}/tally`)).json()) as {
    items: { pieces: { pieceId: string }[] }[];
  };
  const pieces = tally.items.map((item) => item.pieces[0]!.pieceId);
  // Passes first: the marks are then as quick as they get, and many fall into each round.
  await makeAllPasses(request, server.url, id);
  const marks: string[] = [];
  let saved = { counter: 1, title: 'Choir' };
  let sent = saved;
  const send = (path: string, method: string, body: unknown, headers: Record<string, string> = {}) =>
    fetch(`${server.url}/api/runs/${id}${path}`, {
      method,
      headers: { 'content-type': 'application/json', ...headers },
      body: JSON.stringify(body),
    }).catch(() => null);

  const markUntilGone = async (round: number): Promise<void> => {
    for (let i = 0; ; i++) {
      const actId = `round-${round}-mark-${i}`;
      const answer = await send('/acts', 'POST', {
        id: actId,
        by: { who: '', station: 'kill-test' },
        at: new Date().toISOString(),
        deeds: [{ kind: i % 2 === 0 ? 'cut' : 'weeded', pieceId: pieces[i % pieces.length], attempt: 1, passId: null }],
      });
      if (!answer) return;
      expect(answer.status).toBe(201);
      marks.push(actId);
    }
  };
  const saveUntilGone = async (round: number): Promise<void> => {
    for (let i = 0; ; i++) {
      sent = { counter: saved.counter + 1, title: `Choir ${round}.${i}` };
      const body = { ...spec, title: sent.title };
      const answer = await send('', 'PUT', body, { 'if-match': `"${saved.counter}"` });
      if (!answer) return;
      expect(answer.status).toBe(200);
      saved = sent;
    }
  };
  /** A film of the shop, whose states are counted like a run's. */
  let film = 0;
  const filmUntilGone = async (): Promise<void> => {
    for (;;) {
      const answer = await fetch(`${server.url}/api/shop/materials/killed-film`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json', 'if-match': `"${film}"` },
        body: JSON.stringify({ ...NEW_MATERIAL, name: `film ${film + 1}` }),
      }).catch(() => null);
      if (!answer) return;
      expect([200, 201]).toContain(answer.status);
      film++;
    }
  };

  const random = seeded(20_261_126);
  const counts: string[] = [];
  for (let round = 0; round < NUM_KILLS; round++) {
    const before = [marks.length, saved.counter] as const;
    // At whatever moment after the round's first mark and save are acknowledged: on a busy machine that takes its time.
    const killAt = async (): Promise<void> => {
      await expect
        .poll(() => marks.length > before[0] && saved.counter > before[1], { timeout: 60_000, intervals: [20] })
        .toBe(true);
      await new Promise((resolve) => setTimeout(resolve, random() * 700));
      await server.kill9();
    };
    await Promise.all([markUntilGone(round), saveUntilGone(round), filmUntilGone(), killAt()]);
    await server.startAgain();
    const bundle = (await (await request.get(`${server.url}/api/runs/${id}/bundle`)).json()) as {
      acts: { id: string }[];
    };
    const kept = new Set(bundle.acts.map((act) => act.id));
    expect(marks.filter((actId) => !kept.has(actId))).toEqual([]);
    const now = (await (await request.get(`${server.url}/api/runs/${id}`)).json()) as {
      counter: number;
      spec: { title: string };
    };
    const things = (await (await request.get(`${server.url}/api/shop/materials`)).json()) as {
      materials: { id: string; rev: number }[];
    };
    const rev = things.materials.find(({ id: known }) => known === 'killed-film')?.rev ?? 0;
    expect([film, film + 1]).toContain(rev);
    film = rev;
    // Nothing that was acknowledged is missing, and nothing is said to be.
    expect(await (await request.get(`${server.url}/api/health`)).json()).toMatchObject({ status: 'ok', loss: null });
    // A save that was on its way may have come through without its answer; anything else would be a loss.
    expect([saved, sent]).toContainEqual({ counter: now.counter, title: now.spec.title });
    counts.push(`${marks.length - before[0]}+${saved.counter - before[1]}`);
    saved = { counter: now.counter, title: now.spec.title };
  }
  test.info().annotations.push({ type: 'marks+saves before each kill', description: counts.join(' ') });
  expect(marks.length).toBeGreaterThanOrEqual(NUM_KILLS);
  expect(saved.counter).toBeGreaterThan(NUM_KILLS);
});

test('with the server gone, changes to the run wait on the page and are saved when it is back', async ({ page }) => {
  const id = await startRun(page);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByRole('heading', { name: /^40 fits/ })).toBeVisible();
  await server.kill9();
  await page.getByRole('radio', { name: 'level' }).click();
  // What stands beside the wall moves while it is computed; a click meets what it means once all is.
  await expect(page.getByRole('link', { name: /^Fit/ })).toContainText('all fit', { timeout: 20_000 });
  // This lettering's face was never needed before, so the page has to wait for it as well.
  await page.getByRole('radio', { name: 'Stand block' }).click();
  await expect(page.getByRole('alert').filter({ hasText: '2 changes are not saved yet' })).toBeVisible();
  await server.startAgain();
  await expect(page.getByTestId('save-state')).toHaveText('saved', { timeout: 20_000 });
  await expect(page.getByRole('link', { name: /^Fit/ })).toContainText('all fit', { timeout: 20_000 });
  await expect(page.getByRole('alert').filter({ hasText: /answer|computed/ })).toHaveCount(0);
  const run = (await (await page.request.get(`${server.url}/api/runs/${id}`)).json()) as {
    spec: { sizeGroups: unknown[] };
  };
  expect(run.spec.sizeGroups).toMatchObject([{ rule: { kind: 'level' } }]);
});

test('with the server gone and the page closed as well, changes and marks come back with the next page', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  const id = await startRun(page);
  await page.goto(`${server.url}/runs/${id}/roster`);
  await expect(textOf(page, 2)).toHaveValue(CHOIR[1]!);
  // The bench has to have been looked at before the server goes, since a browser fetches ahead only when there is time.
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CHOIR[0]!);
  await page.getByRole('link', { name: /^Roster/ }).click();
  await expect(textOf(page, 2)).toHaveValue(CHOIR[1]!);
  await page.waitForLoadState('networkidle');
  await server.kill9();
  await textOf(page, 2).fill('Ottoline Ferrars');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '1 change is not saved yet' })).toBeVisible();
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(CHOIR[0]!);
  await page.keyboard.press('c');
  await page.keyboard.press('c');
  await page.keyboard.press('w');
  await expect(page.getByRole('alert').filter({ hasText: '1 change and 2 marks are not saved yet' })).toBeVisible();
  // Undo takes back what waits, before anything that the server knows.
  await page.keyboard.press('u');
  await expect(page.getByRole('alert').filter({ hasText: '1 change and 3 marks' })).toBeVisible();
  await page.close();
  await server.startAgain();
  const next = await context.newPage();
  await next.goto(`${server.url}/runs/${id}/bench`);
  // The marks need a pass that nobody has made: that is asked, and not done unasked.
  expect([...(await stages(next, id)).values()][0]).toBe('open');
  await letMakePass(next, 1);
  await expect(next.getByText('A change from an earlier visit had not reached the server')).toBeVisible();
  await expect(next.getByTestId('save-state')).toHaveText('saved');
  await expect.poll(async () => [...(await stages(next, id)).values()].slice(0, 2)).toEqual(['cut', 'open']);
  const { spec } = await (await next.request.get(`${server.url}/api/runs/${id}`)).json();
  expect(spec.entries[1].fields.text).toBe('Ottoline Ferrars');
  await expect(
    next.getByRole('list', { name: 'Items of the run' }).getByRole('button', { name: /Ottoline Ferrars/ }),
  ).toBeVisible();
  await context.close();
});

test('two pages on one run: changes to different entries merge, the same spot is asked about', async ({ browser }) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  const id = await startRun(one);
  for (const page of [one, two]) {
    // What the other saves is not heard of here before something is saved here too.
    await page.route('**/events', (route) => route.abort());
    await page.goto(`${server.url}/runs/${id}/roster`);
    await expect(textOf(page, 3)).toHaveValue(CHOIR[2]!);
  }
  const type = async (page: Page, no: number, text: string) => {
    await textOf(page, no).fill(text);
    await page.keyboard.press('Enter');
  };
  const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveText('saved');
  const texts = async () => {
    const { spec } = await (await one.request.get(`${server.url}/api/runs/${id}`)).json();
    return spec.entries.slice(0, 4).map((entry: { fields: { text: string } }) => entry.fields.text);
  };
  await type(one, 1, 'Anselma');
  await saved(one);
  await type(two, 2, 'Benedek');
  await saved(two);
  expect(await texts()).toEqual(['Anselma', 'Benedek', CHOIR[2], CHOIR[3]]);
  await expect(textOf(two, 1)).toHaveValue('Anselma');

  // The same spot: mine.
  await type(one, 3, 'Corentin');
  await expect(one.getByRole('alert').filter({ hasText: 'Changed here' })).toHaveCount(0);
  await saved(one);
  await type(two, 3, 'Cosima');
  const asked = two.getByRole('alert').filter({ hasText: 'Changed here and somewhere else' });
  await expect(asked).toContainText('Cosima, text: “Cosima” here, “Corentin” there');
  await asked.getByRole('button', { name: 'Mine', exact: true }).click();
  await saved(two);
  expect(await texts()).toEqual(['Anselma', 'Benedek', 'Cosima', CHOIR[3]]);

  // Theirs, with page one that has not heard of it.
  await type(one, 3, 'Crispin');
  await one.getByRole('button', { name: 'Theirs', exact: true }).click();
  await saved(one);
  await expect(textOf(one, 3)).toHaveValue('Cosima');

  // Theirs, and mine as a run of its own.
  await type(two, 4, 'Delphine');
  await saved(two);
  await type(one, 4, 'Dorothea');
  await one.getByRole('button', { name: 'Theirs, and mine as a run of its own' }).click();
  await expect(textOf(one, 4)).toHaveValue('Delphine');
  await one.getByRole('link', { name: 'a run of its own' }).click();
  await expect(one.getByRole('button', { name: /Choir folders \(my copy\)/ })).toBeVisible();
  await expect(textOf(one, 4)).toHaveValue('Dorothea');
  expect(await texts()).toEqual(['Anselma', 'Benedek', 'Cosima', 'Delphine']);
  await context.close();
});
