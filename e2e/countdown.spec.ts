import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, makeAllPasses, startRun, weedPass } from './pages';

/** A chess club: board bags for the first team. */
const PLAYERS = ['Ilse Brandvold', 'Tarquin Oyelowe', 'Szymon Wierzba'];

let server: KnurlServer;
test.beforeEach(async () => {
  server = await KnurlServer.start();
});
test.afterEach(() => server.stop());

const strip = (page: Page) => page.getByRole('region', { name: 'Countdowns' });
const running = (page: Page, name: string) => strip(page).getByRole('listitem').filter({ hasText: name });
const secondsOf = async (page: Page, name: string) =>
  parseInt(await running(page, name).locator('.measure').innerText());

async function endEarly(page: Page, name: string, why: string): Promise<void> {
  await running(page, name).getByRole('button', { name: 'End early…' }).click();
  await page.getByRole('dialog').getByText(why).click();
  await page.keyboard.press('Enter');
  await expect(running(page, name)).toHaveCount(0);
  // As long as it stands, keys are the dialog's.
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** A run whose pieces are weeded, at the bench with the first item in hand. */
async function atThePress(page: Page): Promise<string> {
  const id = await startRun(page, server.url, 'Chess club, board bags', PLAYERS);
  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/bench`);
  await weedPass(page);
  return id;
}

test('a countdown runs on across a reload, a kill and in a second window, and nothing is pressed before it is over', async ({
  page,
  context,
}) => {
  const id = await atThePress(page);
  // Polyester is peeled cold: a minute, so that everything below happens meanwhile, however slow the machine.
  await page.getByRole('button', { name: /^Count down: Cool/ }).click();
  const cooling = (on: Page) => running(on, PLAYERS[0]!).filter({ hasText: 'cools before it is peeled' });
  await expect(cooling(page)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Mark pressed/ })).toBeDisabled();
  // The key that means done does nothing; it is said why.
  await page.keyboard.press('p');
  await expect(page.getByRole('alert').filter({ hasText: /Its countdown runs: \d+ s to go/ })).toBeVisible();
  const other = await context.newPage();
  await other.goto(`${server.url}/runs/${id}/sheets`);
  await expect(cooling(other)).toBeVisible();
  await server.kill9();
  await server.startAgain();
  await page.reload();
  await expect(cooling(page)).toBeVisible();
  expect(await secondsOf(page, PLAYERS[0]!)).toBeLessThan(60);
  // Another program is refused as well, with its own status.
  const { items } = await (await page.request.get(`${server.url}/api/runs/${id}/tally`)).json();
  const deeds = [{ kind: 'checked', itemId: items[0].itemId }];
  const act = { id: 'from-outside-1', by: { who: '', station: 'other' }, at: '2026-05-04T08:00:00Z', deeds };
  const refused = await page.request.post(`${server.url}/api/runs/${id}/acts`, { data: act });
  expect([refused.status(), (await refused.json()).kind]).toEqual([409, 'stillRunning']);
  await endEarly(page, PLAYERS[0]!, 'shorter by own trial');
  await expect(cooling(other)).toHaveCount(0);
});

test('step after step is started by one key, and each says what to do when its time is up', async ({ page }) => {
  await atThePress(page);
  await page.keyboard.press('t');
  await expect(running(page, PLAYERS[0]!)).toContainText('dries out');
  await expectNoAxeFinding(page);
  await expect(running(page, PLAYERS[0]!)).toContainText('dry: lay it down');
  await page.getByRole('button', { name: /^Press 15 s/ }).click();
  await expect(running(page, PLAYERS[0]!).filter({ hasText: 'in the press' })).toBeVisible();
  await expect(running(page, PLAYERS[0]!).filter({ hasText: 'time is up: open the press' })).toBeVisible({
    timeout: 25_000,
  });
  await page.keyboard.press('t');
  await expect(running(page, PLAYERS[0]!).filter({ hasText: 'cools before it is peeled' })).toBeVisible();
});

test('several run at once; one is ended early with a reason, and then its item is marked', async ({ page }) => {
  await atThePress(page);
  await page.getByRole('button', { name: /^Count down: Press at/ }).click();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(PLAYERS[2]!);
  await page.keyboard.press('t');
  await expect(running(page, PLAYERS[2]!)).toContainText('dries out');
  expect(await secondsOf(page, PLAYERS[0]!)).toBeGreaterThan(0);
  await page.keyboard.press('Home');
  await running(page, PLAYERS[0]!).getByRole('button', { name: 'End early…' }).click();
  await expect(page.getByRole('dialog').getByRole('button', { name: 'End it now' })).toBeDisabled();
  await page.keyboard.press('Escape');
  await endEarly(page, PLAYERS[0]!, 'started by mistake');
  await page.keyboard.press('p');
  await expect(page.getByRole('list', { name: 'Items of the run' })).toContainText('pressed');
});

test('what does not hold is pressed again, counted with its seconds, until the film bears no more', async ({
  page,
}) => {
  await atThePress(page);
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: /^Mark checked/ })).toBeVisible();
  await page.keyboard.press('n');
  const asked = page.getByRole('dialog');
  await asked.getByText('an edge lifts').click();
  await expect(asked).toContainText('once more6 s');
  await asked.getByText(/^not bonded/).click();
  await expect(asked).toContainText('with it30 s');
  await page.keyboard.press('Enter');
  await expect(running(page, PLAYERS[0]!)).toContainText('pressed again');
  // It is not pressed any more, and not before the second time is over.
  await expect(page.getByRole('button', { name: /^Mark pressed/ })).toBeDisabled();
  await endEarly(page, PLAYERS[0]!, 'shorter by own trial');
  await expect(page.getByRole('button', { name: /^Mark pressed/ })).toBeEnabled();
  await page.keyboard.press('n');
  await expect(asked).toContainText('under the press so far30 s');
  await expect(asked).toContainText('with it45 s');
  await page.keyboard.press('Enter');
  await endEarly(page, PLAYERS[0]!, 'shorter by own trial');
  await page.keyboard.press('n');
  await expect(asked).toContainText('the film bears60 s');
  await page.keyboard.press('Enter');
  await endEarly(page, PLAYERS[0]!, 'shorter by own trial');
  await page.keyboard.press('n');
  await expect(asked.getByText('has had the heat that it bears')).toBeVisible();
  await expect(asked.getByRole('button', { name: /^Press again/ })).toBeDisabled();
  await page.keyboard.press('Escape');
  // Taken back, it holds as it did at first.
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: /^Mark pressed/ })).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: /^Mark checked/ })).toBeVisible();
});

test('the end is heard where that is wanted, and not where it was switched off', async ({ page }) => {
  await page.addInitScript(() => {
    const heard = { tones: 0 };
    Object.assign(window, { heard });
    window.AudioContext = class {
      currentTime = 0;
      destination = {};
      close = async () => {};
      createOscillator() {
        return { frequency: { value: 0 }, connect: () => {}, start: () => heard.tones++, stop: () => {} };
      }
    } as never;
  });
  const tones = () => page.evaluate(() => (window as unknown as { heard: { tones: number } }).heard.tones);
  await atThePress(page);
  await page.keyboard.press('t');
  await expect(running(page, PLAYERS[0]!)).toContainText('dry: lay it down');
  await expect.poll(tones).toBe(3);
  await page.getByRole('button', { name: 'Sound at the end: on' }).click();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('t');
  await expect(running(page, PLAYERS[1]!)).toContainText('dry: lay it down');
  expect(await tones()).toBe(3);
  await page.goto(`${server.url}/shop/settings`);
  await expect(page.getByLabel('A countdown that has run out is heard')).not.toBeChecked();
});
