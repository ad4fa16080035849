import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, makeAllPasses, startRun, step } from './pages';

const LANTERNS = ['Hurricane', 'Pew lamp', 'Riding light', 'Dark lantern'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('every step tells its own keys, as they are bound', async ({ page }) => {
  const id = await startRun(page, server.url, 'Lantern labels', LANTERNS);
  await page.goto(`${server.url}/runs/${id}/proof`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('4 of 4');
  const help = page.getByRole('dialog');
  const shown = async (name: string) => {
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await page.keyboard.press('?');
    await expect(help.getByRole('heading', { name: 'Help for this step' })).toBeVisible();
    await expectNoAxeFinding(page);
    const titles = await help.getByRole('heading', { level: 3 }).allTextContents();
    await page.keyboard.press('Escape');
    await expect(help).toHaveCount(0);
    return [name, ...titles];
  };
  expect(await shown('Proof')).toEqual(['Proof', 'Words', 'The run', 'Proof', 'The finished item', 'Help']);
  await step(page, 'Fit');
  await expect(page.getByTestId('fit').first()).toBeVisible();
  const fit = await shown('Fit');
  expect(fit).toEqual(expect.arrayContaining(['The wall', 'The run', 'Help']));
  expect(fit).not.toContain('Proof');
  await step(page, 'Bench');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(LANTERNS[0]!);
  expect(await shown('Bench')).toEqual(['Bench', 'Words', 'Walk', 'Work', 'Help']);
  await page.keyboard.press('?');
  await help.getByRole('checkbox', { name: 'Letters and space mark stages in this browser' }).click();
  await expect(help.getByRole('heading', { level: 3 })).toHaveText(['Words', 'Walk', 'Help']);
  await help.getByRole('checkbox', { name: 'Letters and space mark stages in this browser' }).click();
});

test('a tick that has the keyboard keeps space for itself; elsewhere space ticks the text in hand', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Lantern labels, spare', LANTERNS);
  await page.goto(`${server.url}/runs/${id}/proof`);
  const tick = (no: number) => page.getByRole('checkbox', { name: `${LANTERNS[no]} is right` });
  await expect(tick(3)).toBeVisible();
  await page.getByLabel('Who looks').fill('Marit');
  await tick(2).focus();
  await page.keyboard.press('Space');
  await expect(tick(2)).toBeChecked();
  for (const no of [0, 1, 3]) await expect(tick(no)).not.toBeChecked();
  await page.keyboard.press('Space');
  await expect(tick(2)).not.toBeChecked();
  await tick(2).blur();
  await page.keyboard.press('Space');
  await expect(tick(0)).toBeChecked();
  await step(page, 'Fit');
  const chosen = (no: number) => page.getByRole('checkbox', { name: /^Choose / }).nth(no);
  // What is found by measuring comes first on the wall: until all is, the first three may be others.
  await expect(page.getByRole('navigation')).not.toContainText('measuring');
  await chosen(0).click();
  await chosen(2).click({ modifiers: ['Shift'] });
  await expect(page.getByRole('heading', { name: /^3 chosen/ })).toBeVisible();
  await chosen(1).focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: /^2 chosen/ })).toBeVisible();
});

test('remedies are ordered by their handle, by keyboard alone, or one place at a time', async ({ page }) => {
  const id = await startRun(page, server.url, 'Lantern labels, order', LANTERNS);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await page.getByText('Remedies: order and limits').click();
  const order = page.getByRole('list').filter({ has: page.getByRole('button', { name: /^Move / }) });
  const words = async () =>
    (await order.getByRole('listitem').allInnerTexts()).map((text) => text.split('\n')[0]!.slice(3));
  const [first, second, third] = await words();
  await page.getByRole('button', { name: `Move ${third}` }).focus();
  await page.keyboard.press('Space');
  await page.waitForTimeout(150);
  await page.keyboard.press('ArrowUp');
  await page.waitForTimeout(150);
  await page.keyboard.press('ArrowUp');
  await page.waitForTimeout(150);
  await page.keyboard.press('Space');
  await expect.poll(async () => (await words()).slice(0, 3)).toEqual([third, first, second]);
  await expectNoAxeFinding(page);
  await page.getByRole('button', { name: `${first} earlier` }).click();
  await expect.poll(async () => (await words()).slice(0, 3)).toEqual([first, third, second]);
});

test('what was done is told in passing, and its way back waits for whoever is slow', async ({ page }) => {
  await page.clock.install();
  const id = await startRun(page, server.url, 'Lantern labels, way back', LANTERNS);
  await makeAllPasses(page.request, server.url, id);
  await page.goto(`${server.url}/runs/${id}/sheets`);
  await page.getByRole('button', { name: 'Unmake it' }).click();
  await expect(page.getByText('The pass is unmade; its pieces are laid out anew.')).toBeVisible();
  await expectNoAxeFinding(page);
  await page.clock.fastForward('02:00');
  await page
    .getByRole('region', { name: /Messages that pass/ })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(page.getByRole('button', { name: 'Pass 1, made' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Take the cut file, SVG' })).toBeVisible();
});
