import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, makePass, rowOf, step } from './pages';

/** A sailing club's list, unlike the demo's: one long name, one that no face covers, doubled, accented. */
const CREW = ['Hypatia Qvist', 'Jo', 'Æsa', 'Wilhelmina-Constance Abernethy-Fitzmaurice', 'Jo', '船 Kai', 'Dagný'];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** What pages complain of by themselves. */
const scriptErrors: string[] = [];
test.beforeEach(({ page }) => {
  scriptErrors.length = 0;
  page.on('pageerror', (error) => scriptErrors.push(error.message));
  page.on('console', (message) => message.type() === 'error' && scriptErrors.push(message.text()));
});

/** One run, the whole way; each part of it goes on where the one before ended. */
test.describe.serial('one run', () => {
  let run: string;

  test('from a pasted list to a cut file', async ({ page }) => {
    await test.step('start a run from a list alone', async () => {
      await page.goto(server.url);
      await expect(page.getByText('No run yet')).toBeVisible();
      await expectNoAxeFinding(page);
      await page.getByRole('link', { name: 'Start a run' }).click();
      await page.getByLabel('What it is for').fill('Regatta bags');
      await page.getByLabel(/Names one to a line/).fill(CREW.join('\n'));
      await expect(page.getByText('7 entries')).toBeVisible();
      await expectNoAxeFinding(page);
      await page.getByRole('button', { name: 'Start the run' }).click();
      // The list asks something, so that it is looked at first.
      await expect(page).toHaveURL(/\/roster$/);
      await step(page, 'Fit');
    });

    await test.step('see the fits with measures and findings', async () => {
      await expect(page.getByTestId('fit')).toHaveCount(7);
      const [first, second] = [page.getByTestId('fit').nth(0), page.getByTestId('fit').nth(1)];
      await expect(first).toContainText('Wilhelmina-Constance Abernethy-Fitzmaurice');
      const decision = page.getByRole('region', { name: 'To decide' });
      await expect(decision).toContainText(/Capitals would be \d+\.\d mm, the least is 12\.0 mm/);
      await expect(second).toContainText('no 船 in this face');
      await expect(page.getByTestId('fit').filter({ hasText: 'Hypatia Qvist' })).toContainText('180.0 × ');
      await expect(page.getByRole('heading', { name: /to measure/ })).toHaveCount(0);
      const toDecide = await page
        .getByTestId('fit')
        .filter({ has: page.getByText(/^(stop|check)$/) })
        .count();
      expect(toDecide).toBeGreaterThanOrEqual(2);
      await expect(page.getByRole('link', { name: /Fit/ })).toContainText(`${toDecide} to decide`);
      await expectNoAxeFinding(page);
    });

    await test.step('level the set: one height, and who holds it back', async () => {
      await page.getByRole('radio', { name: 'level' }).click();
      await expect(page.getByText(/Hypatia Qvist keeps the set at \d+\.\d mm/)).toBeVisible();
      const caps = page
        .getByTestId('fit')
        .filter({ hasText: /^(Jo|Dagný|Æsa)/ })
        .getByTitle('cap height');
      // The wall is drawn bit by bit, behind what is said beside it.
      const heights = async () => {
        const said = await caps.allInnerTexts();
        return [said.length, new Set(said).size];
      };
      await expect.poll(heights).toEqual([4, 1]);
      await page.getByRole('radio', { name: 'fill' }).click();
      await page.getByRole('radio', { name: 'Stand block' }).click();
      await expect(page.getByTestId('save-state')).toHaveText('saved');
    });

    await test.step('change the measures of the place', async () => {
      await step(page, 'Blank');
      await page.getByLabel('Width of the place').fill('150');
      await page.getByLabel('Height of the place').fill('40,5');
      await expect(page.getByRole('group', { name: /place chest, 150 mm by 40\.5 mm/ })).toBeVisible();
      await page.getByLabel('From the left edge').fill('much');
      await expect(page.getByText('not a number')).toBeVisible();
      await page.getByLabel('From the left edge').fill('200');
      await expectNoAxeFinding(page);
      await expect(page.getByTestId('save-state')).toHaveText('saved');
      await page.reload();
      await expect(page.getByLabel('Height of the place')).toHaveValue('40.5');
    });

    await test.step('see the bed, make the pass and take its file, which a stranger finds right', async () => {
      await step(page, 'Sheets');
      await expect(page.getByText('as it lies: reversed')).toBeVisible();
      await expect(page.getByText('Left out of the passes')).toBeVisible();
      await expect(page.getByTestId('piece')).toHaveCount(5);
      await expectNoAxeFinding(page);
      await makePass(page, 1);
      const downloading = page.waitForEvent('download');
      await page.getByRole('link', { name: 'Take the cut file, SVG' }).click();
      const file = await (await downloading).path();
      expect(readFileSync(file, 'utf8').match(/data-text="[^"]+"/g)).toHaveLength(5);
      const expected = {
        faceFile: 'public/faces/8de64ddb7d985763dd8dde658a9a2bb011f7509edcca475c02b281f4fe819e42.ttf',
        placeWidthMm: 150,
        placeHeightMm: 40.5,
        isReversed: true,
        spacingMm: 6,
        edgeMm: 5,
      };
      expect(
        execFileSync('node', ['build/check-cut-file.mjs', file, JSON.stringify(expected)], { encoding: 'utf8' }),
      ).toBe('');
    });
    expect(scriptErrors).toEqual([]);
    run = page.url().replace(/\/sheets.*$/, '');
  });

  test('a bench ticked off, and a piece that is spoiled', async ({ page }) => {
    await test.step('mark at the bench by keyboard, one and many, undo and redo', async () => {
      await page.goto(`${run}/bench`);
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('Hypatia Qvist');
      await expectNoAxeFinding(page);
      const facet = (label: string) =>
        page.getByRole('list', { name: 'Items of the run' }).getByRole('img', { name: label, exact: true });
      await page.keyboard.press('c');
      await expect(facet('cut')).toHaveCount(1);
      await page.keyboard.press('w');
      await expect(facet('weeded')).toHaveCount(1);
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('Shift+ArrowDown');
      await expect(page.getByText('Or mark the 2 that are picked')).toBeVisible();
      await page.keyboard.press('p');
      await expect(facet('pressed')).toHaveCount(2);
      await page.keyboard.press('u');
      await expect(facet('pressed')).toHaveCount(0);
      await page.keyboard.press('Shift+U');
      await expect(facet('pressed')).toHaveCount(2);
      // Twice at once: each takes back the act before the other, and each comes back.
      await page.keyboard.press('u');
      await page.keyboard.press('u');
      await expect(facet('weeded')).toHaveCount(0);
      await page.keyboard.press('Shift+U');
      await page.keyboard.press('Shift+U');
      await expect(facet('pressed')).toHaveCount(2);
      await page.keyboard.press('k');
      await page.keyboard.press('b');
      await expect(facet('packed')).toHaveCount(2);
      await expect(page.getByText('2 of 7 packed').first()).toBeVisible();
    });

    await test.step('the pointer does the same: pick one, mark it', async () => {
      await page.getByRole('list', { name: 'Items of the run' }).getByRole('button', { name: /Dagný/ }).click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('Dagný');
      await page.getByRole('button', { name: 'Mark cut space' }).click();
      // On to the next that wants the same; picked again by pointer, the space bar does not pick it once more but marks it.
      await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Dagný');
      const dagny = page.getByRole('list', { name: 'Items of the run' }).getByRole('button', { name: /Dagný/ });
      await dagny.click();
      await expect(page.getByRole('button', { name: 'Mark weeded space' })).toBeVisible();
      await page.keyboard.press(' ');
      await expect(dagny).toContainText('weeded');
      await page.keyboard.press('u');
      await expect(dagny).toContainText('cut');
    });

    await test.step('what has a stop cannot be marked, and says what to do', async () => {
      await page
        .getByRole('list', { name: 'Items of the run' })
        .getByRole('button', { name: /船 Kai/ })
        .click();
      await page.keyboard.press('c');
      await expect(page.getByRole('alert').filter({ hasText: '船 Kai' })).toContainText('has an open stop');
    });

    await test.step('spoil a piece; the next pass takes it', async () => {
      await page
        .getByRole('list', { name: 'Items of the run' })
        .getByRole('button', { name: /Hypatia/ })
        .click();
      await page.keyboard.press('x');
      await expect(page.getByRole('heading', { name: 'Hypatia Qvist: what is spoiled?' })).toBeVisible();
      await expectNoAxeFinding(page);
      await page.getByRole('radio', { name: 'crooked' }).click();
      await page.getByRole('button', { name: /spoiled: cut again/i }).click();
      await expect(page.getByTestId('recuts')).toContainText('Hypatia Qvist: crooked, waits for the next pass');
      await step(page, 'Sheets');
      await expect(page.getByRole('heading', { name: 'Slip for pass 2' })).toBeVisible();
      await expect(page.getByTestId('piece')).toHaveCount(1);
      await makePass(page, 2);
      await expect(page.getByRole('link', { name: 'Take the cut file, SVG' })).toBeVisible();
      await step(page, 'Bench');
      await expect(page.getByTestId('recuts')).toContainText('in pass 2');
    });
    // The one refused mark above is logged by the browser as a failed request; nothing else may be.
    expect(scriptErrors.filter((text) => !text.includes('409'))).toEqual([]);
  });

  test('a newer list, and the run carried elsewhere', async ({ page }) => {
    await test.step('a newer list keeps what was done, and withdraws what is gone', async () => {
      await page.goto(`${run}/roster`);
      await expectNoAxeFinding(page);
      await page.getByRole('link', { name: 'Bring in a newer list…' }).click();
      await page.getByLabel(/Names one to a line/).fill('Jo\nDagný\nPerpetua\nHypatia Qvist\nJo');
      await expect(page.getByText('1 new, 0 changed, 3 gone, 4 stay as they are.')).toBeVisible();
      await expect(page.getByText('withdrawn, since work on it is recorded')).toBeVisible();
      await expectNoAxeFinding(page);
      await page.getByRole('button', { name: 'Lay it over the run' }).click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^5 entries/);
      await expect(page.getByRole('row').filter({ hasText: 'Æsa' })).toContainText('withdrawn');
      await expect(rowOf(page, '船 Kai')).toHaveCount(0);
      await expect(rowOf(page, 'Dagný').getByRole('img', { name: 'cut' })).toBeVisible();
    });

    await test.step('carry the run to another Knurl: the cut files are the same bytes', async () => {
      const downloading = page.waitForEvent('download');
      await page.getByRole('link', { name: 'Take this run along' }).click();
      const bundle = await (await downloading).path();
      const cutFiles = (url: string, id: string) =>
        Promise.all(
          [1, 2].map(async (no) => (await page.request.get(`${url}/api/runs/${id}/passes/${no}/cut.svg`)).text()),
        );
      const here = await cutFiles(server.url, /runs\/(\w+)/.exec(page.url())![1]!);
      expect(here[1]).toContain('data-text="Hypatia Qvist"');
      const elsewhere = await KnurlServer.start();
      try {
        await page.goto(elsewhere.url);
        await page.getByLabel('File of a run').setInputFiles(bundle);
        await expect(page).toHaveURL(/roster$/);
        await expect(rowOf(page, 'Jo').getByRole('img', { name: 'packed' })).toHaveCount(1);
        expect(await cutFiles(elsewhere.url, /runs\/(\w+)/.exec(page.url())![1]!)).toEqual(here);
      } finally {
        // A page that is still open would ask a server that is gone.
        await page.goto('about:blank');
        await elsewhere.stop();
      }
    });
    expect(scriptErrors).toEqual([]);
  });
});

test('a page that is not there says so, and leads on', async ({ page }) => {
  for (const address of ['/runs/zzzzzzzzzz/fit', '/no/such/page']) {
    await page.goto(server.url + address);
    await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible();
    await expectNoAxeFinding(page);
  }
  await page.getByRole('link', { name: 'See all runs' }).click();
  await expect(page.getByRole('heading', { name: 'Runs' })).toBeVisible();
});

test('a file that is no run is refused with its name and the reason', async ({ page }) => {
  await page.goto(server.url);
  await page
    .getByLabel('File of a run')
    .setInputFiles({ name: 'notes.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"other"}') });
  await expect(page.getByRole('alert').filter({ hasText: 'notes.json' })).toContainText('is no run that Knurl wrote');
});
