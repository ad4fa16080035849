import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';

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

async function startRun(page: Page): Promise<string> {
  const created = await page.request.post(`${server.url}/api/runs`, {
    data: { title: 'Choir folders', list: CHOIR.join('\n') },
  });
  return ((await created.json()) as { id: string }).id;
}

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
  const facets = page.getByRole('list', { name: 'Items of the run' }).getByRole('img', { name: 'cut', exact: true });
  await expect(facets).toHaveCount(20);
});

test('killed at random moments under a stream of acts, no acknowledged one is ever lost', async ({ request }) => {
  const created = await request.post(`${server.url}/api/runs`, { data: { title: 'Choir', list: CHOIR.join('\n') } });
  const { id } = (await created.json()) as { id: string };
  const tally = (await (await request.get(`${server.url}/api/runs/${id}/tally`)).json()) as {
    items: { pieces: { pieceId: string }[] }[];
  };
  const pieces = tally.items.map((item) => item.pieces[0]!.pieceId);
  // Passes first: the marks are then as quick as they get, and many fall into each round.
  while ((await request.post(`${server.url}/api/runs/${id}/passes`)).status() === 201);
  const acknowledged: string[] = [];
  for (let round = 0; round < 3; round++) {
    const killing = new Promise<void>((resolve) =>
      setTimeout(() => void server.kill9().then(resolve), 250 + round * 190),
    );
    for (const [i, pieceId] of pieces.entries()) {
      const actId = `round-${round}-mark-${i}`;
      const answer = await fetch(`${server.url}/api/runs/${id}/acts`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          id: actId,
          by: { who: '', station: 'kill-test' },
          at: new Date().toISOString(),
          deeds: [{ kind: round % 2 === 0 ? 'cut' : 'weeded', pieceId, attempt: 1, passId: null }],
        }),
      }).catch(() => null);
      if (!answer) break;
      expect(answer.status).toBe(201);
      acknowledged.push(actId);
    }
    await killing;
    await server.startAgain();
    const bundle = (await (await request.get(`${server.url}/api/runs/${id}/bundle`)).json()) as {
      acts: { id: string }[];
    };
    const kept = new Set(bundle.acts.map((act) => act.id));
    expect(acknowledged.filter((actId) => !kept.has(actId))).toEqual([]);
  }
  expect(acknowledged.length).toBeGreaterThan(5);
});

test('with the server gone, changes to the run wait on the page and are saved when it is back', async ({ page }) => {
  const id = await startRun(page);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(40);
  await server.kill9();
  await page.getByRole('radio', { name: 'level' }).click();
  // This lettering's face was never needed before, so the page has to wait for it as well.
  await page.getByRole('radio', { name: 'Stand block' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Your last changes are not saved yet' })).toBeVisible();
  await server.startAgain();
  await expect(page.getByTestId('save-state')).toHaveText('saved', { timeout: 20_000 });
  await expect(page.getByRole('link', { name: /^Fit/ })).toContainText('all fit', { timeout: 20_000 });
  await expect(page.getByRole('alert').filter({ hasText: /answer|computed/ })).toHaveCount(0);
  const run = (await (await page.request.get(`${server.url}/api/runs/${id}`)).json()) as {
    spec: { sizeGroups: unknown[] };
  };
  expect(run.spec.sizeGroups).toMatchObject([{ rule: { kind: 'level' } }]);
});

test('two pages on one run: the second is asked, and either answer is kept to', async ({ browser }) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  const id = await startRun(one);
  for (const page of [one, two]) {
    await page.goto(`${server.url}/runs/${id}/fit`);
    await expect(page.getByTestId('fit')).toHaveCount(40);
  }
  await one.getByRole('radio', { name: 'level' }).click();
  await expect(one.getByTestId('save-state')).toHaveText('saved');
  await two.getByRole('radio', { name: 'Stand block' }).click();
  await expect(two.getByRole('alert').filter({ hasText: 'changed somewhere else' })).toBeVisible();
  await two.getByRole('button', { name: 'Take the other state' }).click();
  await expect(two.getByRole('radio', { name: 'level' })).toBeChecked();
  await expect(two.getByRole('radio', { name: 'Brass script' })).toBeChecked();
  await two.getByRole('radio', { name: 'Stand block' }).click();
  await expect(two.getByTestId('save-state')).toHaveText('saved');
  await one.getByRole('radio', { name: 'fill' }).click();
  await one.getByRole('button', { name: 'Keep mine' }).click();
  await expect(one.getByTestId('save-state')).toHaveText('saved');
  const { spec } = await (await one.request.get(`${server.url}/api/runs/${id}`)).json();
  expect([spec.sizeGroups[0].rule.kind, spec.uses[0].places[0].letteringId]).toEqual(['fill', 'brass-script']);
  await context.close();
});
