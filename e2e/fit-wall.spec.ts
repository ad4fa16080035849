import { expect, test, type Locator, type Page } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, field, startRun, step } from './pages';

/** An orchard society's list, unlike the demo's: one name far too long, one long, the rest short. */
const GROWERS = [
  'Pomona Quist',
  'Ezra',
  'Una',
  'Bartholomew-Christopherson Vandersloot',
  'Theodosia Blackwater',
  'Ivo',
  'Odalys',
  'Perpetua',
];

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

const tile = (page: Page, name: string) => page.getByTestId('fit').filter({ hasText: name });
const decision = (page: Page) => page.getByRole('region', { name: 'To decide' });

async function capOf(page: Page, name: string): Promise<number> {
  return parseFloat(await tile(page, name).getByTitle('cap height').innerText());
}

async function measured(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { name: /to measure|fitting/ })).toHaveCount(0, { timeout: 20_000 });
}

/** Where something lies once what stands above it has stopped growing. */
async function settledBox(element: Locator) {
  let before = '';
  await expect
    .poll(async () => {
      await element.scrollIntoViewIfNeeded();
      const box = JSON.stringify(await element.boundingBox());
      const isSettled = box === before;
      before = box;
      return isSettled;
    })
    .toBe(true);
  return (await element.boundingBox())!;
}

test('banded sizing, a stop remedied, a check ticked off, chosen ones changed, a release and an edit after it', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Orchard aprons', GROWERS);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByTestId('fit')).toHaveCount(8);

  await test.step('banded: the tallest is at most 1.2 times the smallest of the set', async () => {
    await page.getByRole('radio', { name: 'banded', exact: true }).click();
    await page.getByLabel('Tallest over smallest').fill('1.2');
    await measured(page);
    await expect
      .poll(async () => (await capOf(page, 'Ezra')) / (await capOf(page, 'Theodosia Blackwater')))
      .toBeCloseTo(1.2, 1);
    await expect(
      page.getByText(/Theodosia Blackwater keeps the set at \d+\.\d mm; without it \d+\.\d mm/),
    ).toBeVisible();
    await expectNoAxeFinding(page);
  });

  await test.step('the stop comes first, with its remedies; one key takes the one that is picked', async () => {
    await expect(decision(page)).toContainText('Bartholomew-Christopherson Vandersloot');
    await expect(decision(page)).toContainText(/Capitals would be \d+\.\d mm, the least is 12\.0 mm/);
    const twoLines = decision(page).getByRole('radio', { name: /On two lines/ });
    await expect(twoLines).toBeAttached();
    const promised = parseFloat(await twoLines.getByTitle('cap height that it gives').innerText());
    await decision(page)
      .getByText(/On two lines/)
      .click();
    await expect(twoLines).toBeChecked();
    await page.getByRole('heading', { name: /fits, all at one scale/ }).click();
    await page.keyboard.press('Enter');
    await expect(tile(page, 'Bartholomew').getByText('stop', { exact: true })).toHaveCount(0);
    expect(await capOf(page, 'Bartholomew')).toBeCloseTo(promised, 1);
    await expectSaved(page);
  });

  await test.step('a check is ticked off, opened again, and undone', async () => {
    await page
      .getByLabel('Film, cut from')
      .or(page.getByLabel('Cut from'))
      .first()
      .selectOption({ label: 'navy stretch film' });
    await measured(page);
    await expect(decision(page)).toContainText('Navy on black is hard to read');
    const numToDecide = await page.getByTestId('fit').filter({ hasText: 'navy on black' }).count();
    expect(numToDecide).toBe(8);
    await decision(page).getByRole('button', { name: 'Let all 8 alike stand' }).click();
    await expect(page.getByTestId('fit').filter({ hasText: 'navy on black' })).toHaveCount(0);
    await tile(page, 'Odalys').getByRole('button', { name: 'Decide on Odalys' }).click();
    await expect(decision(page)).toContainText('Let stand: navy on black');
    // The wall is sorted anew by what was let stand; a click meets what it means once that is done.
    await expectSaved(page);
    await decision(page).getByRole('button', { name: 'Open again' }).click();
    await expect(page.getByTestId('fit').filter({ hasText: 'navy on black' })).toHaveCount(1);
    await page.getByLabel('Cut from').first().selectOption({ label: 'gold heat-transfer film' });
    await expect(page.getByTestId('fit').filter({ hasText: 'navy on black' })).toHaveCount(0);
  });

  await test.step('some are chosen and get a lettering of their own; another lettering is looked at beside', async () => {
    await page.getByLabel('Choose Ezra').check();
    await page.getByLabel('Choose Una').check();
    const bar = page.getByRole('region', { name: 'Chosen fits' });
    await expect(bar).toContainText('2 chosen');
    await bar.getByLabel('Lettering of the chosen').selectOption({ label: 'Narrow block' });
    await tile(page, 'Una').getByRole('button', { name: 'Decide on Una' }).click();
    await expect(decision(page)).toContainText('Of its own: lettering');
    await decision(page).getByRole('button', { name: 'As the set again' }).click();
    await expect(decision(page)).not.toContainText('Of its own');
    await bar.getByRole('button', { name: 'Choose none' }).click();
    await page.getByLabel('Beside').selectOption({ label: 'Stand block' });
    const compared = page.getByRole('region', { name: 'Compared letterings' });
    await expect(compared.getByRole('row', { name: /Stand block \d+\.\d \d+\.\d \d/ })).toBeVisible();
    await expect(page.getByRole('img', { name: 'Ivo in the other lettering' })).toBeVisible();
    await expectNoAxeFinding(page);
    await compared.getByRole('button', { name: /Stay with/ }).click();
    await expectSaved(page);
  });

  await test.step('released, cut, and changed afterwards: what was released is cut, and the change is told', async () => {
    const release = page.getByRole('region', { name: 'Release' });
    await release.getByRole('button', { name: 'Release for cutting…' }).click();
    await expect(release).toContainText('8 fits are frozen as they stand; 0 with a stop stay out; 0 of 8 are ticked');
    await release.getByLabel('Released by').fill('Nell');
    await release.getByRole('button', { name: 'Release', exact: true }).click();
    await expect(release).toContainText(/Release 1, .* by Nell: 8 to cut as they were/);
    await page.request.post(`${server.url}/api/runs/${id}/passes`);
    await step(page, 'Roster');
    await page.getByLabel('Text of entry 2', { exact: true }).fill('Ezekiel');
    await page.keyboard.press('Tab');
    await expectSaved(page);
    await step(page, 'Fit');
    await expect(release).toContainText('1 with other words: Ezekiel (was Ezra)');
    await expect(release).toContainText(
      /1 of them already cut or in a made pass: Ezekiel \(was Ezra\)|1 changed since/,
    );
    // Sizes change with the rule, and what was not made yet is still cut as it was released.
    const waiting = async () =>
      (
        (await (await page.request.get(`${server.url}/api/runs/${id}/plan`)).json()) as {
          passes: { pieces: { text: string[]; widthMm: number }[] }[];
        }
      ).passes.flatMap(({ pieces }) => pieces);
    const before = await waiting();
    await page.getByRole('radio', { name: 'fill', exact: true }).click();
    await expect(release).toContainText(/\d of another size or lettering/);
    expect(await waiting()).toEqual(before);
    await release.getByRole('button', { name: 'Release the changes…' }).click();
    await release.getByRole('button', { name: 'Release', exact: true }).click();
    await expect(release).toContainText(/Release 2, .* Nothing has changed since\./);
  });
});

test('a stop is kept with a reason, a name is shortened by agreement, and the strip chooses by height', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Seed sacks', GROWERS);
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(decision(page)).toContainText('Bartholomew-Christopherson');
  await decision(page).getByRole('button', { name: 'Keep as it is…' }).click();
  const keep = decision(page).getByRole('button', { name: 'Keep it with this reason' });
  await expect(keep).toBeDisabled();
  await decision(page).getByLabel('Why it is kept').fill('only a sample');
  await keep.click();
  await expect(tile(page, 'Bartholomew').getByText('stop', { exact: true })).toHaveCount(0);
  await expectSaved(page);
  await page.reload();
  await expect(page.getByTestId('fit')).toHaveCount(8);
  await expect(tile(page, 'Bartholomew').getByText('stop', { exact: true })).toHaveCount(0);

  await tile(page, 'Bartholomew')
    .getByRole('button', { name: /^Decide on/ })
    .click();
  await decision(page).getByText('Ask for a shorter name').click();
  await decision(page).getByLabel('Agreed shorter text').fill('Bart Vandersloot');
  await decision(page).getByRole('button', { name: 'Cut this' }).click();
  await expect(tile(page, 'Bart Vandersloot')).toHaveCount(1);

  // A stretch drawn over the lower half of the strip chooses the small ones.
  await expect.poll(() => capOf(page, 'Bart Vandersloot')).toBeGreaterThan(0);
  await measured(page);
  const strip = page.getByTestId('height-strip');
  await expect(strip.locator('canvas').first()).toBeVisible();
  const box = await settledBox(strip);
  await page.mouse.move(box.x + 12, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + 45, { steps: 6 });
  await page.mouse.up();
  const chosen = page.getByRole('region', { name: 'Chosen fits' });
  await expect(chosen).toContainText(/\d chosen/);
  await expect(page.getByLabel('Choose Bart Vandersloot')).toBeChecked();
  await expect(page.getByLabel('Choose Una')).not.toBeChecked();
});

test('a place with a button: names go round it, and nothing lies on it', async ({ page }) => {
  const id = await startRun(page, server.url, 'Pouches', ['Una', 'Perpetua', 'Ivo']);
  await page.goto(`${server.url}/runs/${id}/blank`);
  await page.getByRole('button', { name: 'Keep something clear' }).click();
  await field(page, 'From the place’s left side').fill('85');
  await field(page, 'From its top').fill('20');
  await expectSaved(page);
  await step(page, 'Fit');
  await expect(page.getByTestId('fit')).toHaveCount(3);
  await measured(page);
  const answer = (await (await page.request.get(`${server.url}/api/runs/${id}/fits?outlines=1`)).json()) as {
    fits: { text: string[]; capHeightMm: number; outline: number[][][] }[];
  };
  expect(answer.fits).toHaveLength(3);
  for (const { text, capHeightMm, outline } of answer.fits) {
    expect(capHeightMm).toBeGreaterThan(10);
    // In 0.1 µm: no point of a letter lies in the zone of 10 × 10 mm at 85, 20.
    const points = outline
      .flat()
      .flatMap((ring) => ring.flatMap((x, i) => (i % 2 === 0 ? [[x / 1e4, ring[i + 1]! / 1e4]] : [])));
    const inZone = points.filter(([x, y]) => x! > 85 && x! < 95 && y! > 20 && y! < 30);
    expect([text[0], inZone.length]).toEqual([text[0], 0]);
    const inPlace = points.every(([x, y]) => x! >= 0 && x! <= 180 && y! >= 0 && y! <= 52);
    expect([text[0], inPlace]).toEqual([text[0], true]);
  }
  await expectNoAxeFinding(page);
});

test('another place is drawn as itself from the first moment that it is looked at', async ({ page }) => {
  const id = await startRun(page, server.url, 'Pickers', ['Una', 'Ezra', 'Odalys']);
  await page.goto(`${server.url}/runs/${id}/blank`);
  await page.getByRole('button', { name: 'One more blank…' }).click();
  await page.getByRole('region', { name: 'Blanks of the shop' }).getByRole('button', { name: /^Cap/ }).click();
  await expectSaved(page);
  await step(page, 'Fit');
  await measured(page);
  // What each tile showed of its place, whenever anything changed.
  await page.evaluate(() => {
    const shown: Record<string, string[]> = {};
    Object.assign(window, { shownOf: shown });
    const look = () => {
      for (const tile of document.querySelectorAll('[data-fit]')) {
        const box = tile.querySelector('svg')!.getAttribute('viewBox')!;
        const boxes = (shown[tile.getAttribute('data-fit')!] ??= []);
        if (!boxes.includes(box)) boxes.push(box);
      }
    };
    look();
    new MutationObserver(look).observe(document.querySelector('main')!, {
      subtree: true,
      childList: true,
      attributes: true,
    });
  });
  const places = page.getByRole('radiogroup', { name: 'Place' }).getByRole('radio');
  await expect(places).toHaveCount(2);
  for (const no of [0, 1, 0]) {
    await places.nth(no).click();
    await expect(page.getByTestId('fit')).toHaveCount(3);
    await expect(places.nth(no)).toBeChecked();
    await measured(page);
  }
  const shown = await page.evaluate(() => (window as unknown as { shownOf: Record<string, string[]> }).shownOf);
  expect(Object.values(shown).map((boxes) => boxes.length)).toEqual([1, 1, 1, 1, 1, 1]);
  expect(new Set(Object.values(shown).flat()).size).toBe(2);
});
