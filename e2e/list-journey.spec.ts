import { expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, rowOf, startRun, step, textOf } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** A climbing club's spreadsheet with everything that goes wrong in one. */
const TROUBLE = [
  ['Name', 'Qty', 'Harness', 'Remarks'],
  ['Ragnhild  Ödegård', '2', 'M', ''],
  ['Tobi\u0000as', '1', 'L', 'copied from a form'],
  ['Kit 🧗', '1', 'S', ''],
  ['<b>Ola</b> & {text}', '', 'M', '"quoted, with comma"'],
  ['Ειρήνη', '1', 'XS', 'Greek'],
  ['Ana\ud83d', '1', 'M', 'half a picture'],
  ['', '1', 'M', 'no name yet'],
  ['n'.repeat(230), '1', 'M', 'the whole list in one cell'],
  ['Zoe\u0308', 'a few', 'M', ''],
  ['宮本', '1', 'S', ''],
]
  .map((row) => row.join('\t'))
  .join('\r\n');

test('a list full of trouble: nothing is dropped, every trouble stands on its entry and is mended in place', async ({
  page,
}) => {
  const scriptErrors: string[] = [];
  page.on('pageerror', (error) => scriptErrors.push(error.message));
  await test.step('paste it', async () => {
    await page.goto(`${server.url}/runs/new`);
    await page.getByLabel('What it is for').fill('Climbing club harness bags');
    await page.getByLabel(/Names one to a line/).fill(TROUBLE);
    await expect(page.getByText('10 entries')).toBeVisible();
    await expect(page.getByLabel('What “Name” is')).toHaveValue('text');
    await expect(page.getByLabel('What “Qty” is')).toHaveValue('quantity');
    await expect(page.getByLabel('What “Harness” is')).toHaveValue('size');
    await expect(page.getByLabel('What “Remarks” is')).toHaveValue('note');
    await page.getByRole('button', { name: 'Take every line as one text instead' }).click();
    await expect(page.getByText('11 entries')).toBeVisible();
    await page.getByRole('button', { name: 'Read it as a table' }).click();
    await expectNoAxeFinding(page);
    await page.getByRole('button', { name: 'Start and see what the list asks' }).click();
    await expect(page).toHaveURL(/roster$/);
    await step(page, 'Fit');
    await expect(page.getByRole('heading', { name: /^11 fits/ })).toBeVisible();
  });

  await test.step('every trouble is told where it is', async () => {
    await step(page, 'Roster');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('10 entries, ');
    const troubled = [
      [2, 'unreadable U+0000'],
      [3, 'no 🧗 in this face'],
      [5, 'in this face'],
      // The browser itself turns half a character into this one before it is pasted.
      [6, 'unreadable U+FFFD'],
      [7, 'empty'],
      [8, 'over 200 characters'],
      [9, '“a few” is no number'],
      [10, 'in this face'],
    ] as const;
    for (const [no, words] of troubled) {
      const row = page.getByRole('row').filter({ has: textOf(page, no) });
      await expect(row).toContainText(words);
    }
    await expect(textOf(page, 1)).toHaveValue('Ragnhild Ödegård');
    await expect(textOf(page, 4)).toHaveValue('<b>Ola</b> & {text}');
    await expect(page.getByLabel('note of entry 4')).toHaveValue('quoted, with comma');
    await expect(page.getByLabel('Quantity of entry 1', { exact: true })).toHaveValue('2');
    await expectNoAxeFinding(page);
  });

  await test.step('mend in place, by keyboard from row to row', async () => {
    await textOf(page, 2).fill('Tobias');
    await page.keyboard.press('Enter');
    await expect(textOf(page, 3)).toBeFocused();
    await textOf(page, 3).fill('Kit');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect(textOf(page, 5)).toBeFocused();
    await textOf(page, 5).fill('Eirini');
    await page.keyboard.press('Escape');
    await expect(textOf(page, 5)).toHaveValue('Ειρήνη');
    await textOf(page, 6).fill('Ana');
    await textOf(page, 7).fill('Noor');
    await textOf(page, 10).fill('Miyamoto');
    await page.getByLabel('Quantity of entry 9').fill('many');
    await expect(page.getByText('a whole number, 0 to 10,000')).toBeVisible();
    await page.getByLabel('Quantity of entry 9').fill('3');
    await page.getByLabel('size of entry 9').fill('L');
    await page.keyboard.press('Enter');
    await rowOf(page, 'n'.repeat(230)).getByRole('button').click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('9 entries');
    await expectSaved(page);
  });

  await test.step('take back and do again', async () => {
    const undo = page.getByRole('button', { name: 'Undo' });
    await undo.click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('10 entries');
    await undo.click();
    await expect(page.getByLabel('size of entry 9')).toHaveValue('M');
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.press('Control+z');
    await expect(page.getByLabel('Quantity of entry 9')).toHaveValue('1');
    for (let i = 0; i < 3; i++) await page.keyboard.press('Control+Shift+Z');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('9 entries');
    await expect(page.getByRole('button', { name: 'Redo' })).toBeDisabled();
    await expectSaved(page);
    await page.reload();
    await expect(page.getByLabel('Quantity of entry 8')).toHaveValue('3');
    await expect(textOf(page, 2)).toHaveValue('Tobias');
    // What was done before the reload can be taken back after it.
    await expect(undo).toBeEnabled();
  });

  await test.step('add one, and lay a newer table over it: what it is silent about stays', async () => {
    await page.getByLabel('Another name').fill('Ingeborg');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('10 entries');
    await expectSaved(page);
    await page.getByRole('link', { name: 'Bring in a newer list…' }).click();
    await page.getByLabel(/Names one to a line/).fill('Name,Qty\nRagnhild Ödegård,5\nZoë,3\nPavlos,1');
    await expect(page.getByText('1 new, 1 changed, 8 gone, 1 stay as they are.')).toBeVisible();
    await page.getByRole('button', { name: 'Lay it over the run' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('3 entries');
    await expect(page.getByLabel('Quantity of entry 1')).toHaveValue('5');
    await expect(page.getByLabel('size of entry 2')).toHaveValue('L');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('10 entries');
  });
  expect(scriptErrors).toEqual([]);
});

const SURNAMES = ['Aßmann', 'Ijsbrand', 'Iğdır', 'Ólafsdóttir', 'Wójcik', 'Quispe', 'Łysy', 'Oduya', 'Fitz', 'Ngata'];

test('capitals and tracking changed on two hundred entries, one step each to take back', async ({ page }) => {
  const names = Array.from({ length: 200 }, (_, i) => `${SURNAMES[i % 10]} ${'abcdefghij'[Math.floor(i / 20)]}`);
  const id = await startRun(page, server.url, 'Orienteering shirts', names);
  const fits = async () =>
    (await (await page.request.get(`${server.url}/api/runs/${id}/fits`)).json()).fits as {
      text: string[];
      inkWidthMm: number;
      capHeightMm: number;
    }[];
  await page.goto(`${server.url}/runs/${id}/fit`);
  await expect(page.getByRole('heading', { name: /^200 fits/ })).toBeVisible();
  await page.getByRole('radio', { name: 'Narrow block' }).click();
  await page.getByLabel('Order').selectOption('roster');
  await page.getByRole('radio', { name: 'CAPITALS', exact: true }).click();
  await expect(page.getByTestId('fit').first()).toContainText('ASSMANN A');
  await expectSaved(page);
  const upright = await fits();
  expect(upright).toHaveLength(200);
  expect(upright.every(({ text }) => text[0] === text[0]!.toUpperCase())).toBe(true);
  await page.getByLabel('Language of the names').selectOption('tr');
  await expect(page.getByTestId('fit').nth(5)).toContainText('QUİSPE A');
  await page.getByLabel(/^Tracking/).fill('12,5');
  await expect(page.getByRole('heading', { name: /to measure/ })).toHaveCount(0, { timeout: 20_000 });
  await expectSaved(page);
  const tracked = await fits();
  const share = ({ inkWidthMm, capHeightMm }: { inkWidthMm: number; capHeightMm: number }) => inkWidthMm / capHeightMm;
  expect(tracked.filter((fit, i) => share(fit) > share(upright[i]!))).toHaveLength(200);
  // The field first, so that the key reaches the page.
  await page.getByRole('heading', { name: /^200 fits/ }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel(/^Tracking/)).toHaveValue('0');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('fit').first()).toContainText('Aßmann a');
  await expectSaved(page);
  expect((await fits())[0]!.text).toEqual(['Aßmann a']);
});

test('measures in inches with fractions: only what is typed is written', async ({ page }) => {
  const id = await startRun(page, server.url, 'Paddle club bags', ['Rua', 'Bartholomew']);
  const outline = async () => {
    const { spec } = await (await page.request.get(`${server.url}/api/runs/${id}`)).json();
    return Object.values(spec.shop.blanks[0].value.variants[0].places)[0] as { outline: object; datum: object };
  };
  await page.goto(`${server.url}/runs/${id}/blank`);
  const before = await outline();
  await page.getByRole('radio', { name: /inches/ }).click();
  await expect(page.getByLabel('Width of the place')).toHaveValue('7.087');
  await page.getByLabel('Width of the place').focus();
  await page.getByLabel('Height of the place').focus();
  await page.getByLabel('From the left edge').focus();
  expect(await outline()).toEqual(before);
  await page.getByLabel('Width of the place').fill('5 1/4');
  await page.getByLabel('Height of the place').fill('1¾"');
  await page.getByLabel('Drop from the top edge').fill('half a foot');
  await expect(page.getByText('not a number')).toBeVisible();
  await expect(page.getByRole('group', { name: /place chest, 5 1\/4 in by 1 3\/4 in/ })).toBeVisible();
  await expectSaved(page);
  expect((await outline()).outline).toEqual({ kind: 'rect', widthMm: 133.35, heightMm: 44.449999999999996 });
  await page.reload();
  await expect(page.getByLabel('Width of the place')).toHaveValue('5 1/4');
  await step(page, 'Fit');
  await expect(page.getByTestId('fit').first()).toContainText(/in cap/);
});

test('runs are renamed, duplicated, archived, removed and brought back', async ({ page }) => {
  await startRun(page, server.url, 'Allotment signs', ['Marrow', 'Leek']);
  const row = (title: string) =>
    page.getByRole('listitem').filter({ has: page.getByRole('link', { name: title, exact: true }) });
  const deed = async (title: string, name: string) => {
    await page.getByRole('button', { name: `More for ${title}`, exact: true }).click();
    await page.getByRole('menuitem', { name }).click();
  };
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Allotment signs', exact: true }).click();
  await expect(page).toHaveURL(/roster$/);
  await page.getByRole('button', { name: /^Allotment signs/ }).click();
  await page.getByLabel('What the run is for').fill('Allotment signs, north side');
  await page.getByLabel('Day it is due').fill('2027-03-01');
  await page.keyboard.press('Escape');
  await expectSaved(page);
  await page.getByRole('link', { name: 'All runs', exact: true }).click();
  await expect(row('Allotment signs, north side')).toBeVisible();
  await expectNoAxeFinding(page);
  await deed('Allotment signs, north side', 'Duplicate');
  await expect(page.getByRole('button', { name: /Allotment signs, north side \(copy\)/ })).toBeVisible();
  await expect(textOf(page, 2)).toHaveValue('Leek');
  await page.goto(server.url);
  await deed('Allotment signs, north side (copy)', 'Archive');
  await expect(row('Allotment signs, north side (copy)')).toHaveCount(0);
  await page.getByRole('button', { name: /Show 1 archived/ }).click();
  await expect(row('Allotment signs, north side (copy)')).toBeVisible();
  await deed('Allotment signs, north side', 'Remove');
  await expect(row('Allotment signs, north side')).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(row('Allotment signs, north side')).toBeVisible();
});

/** As many as a run may have with `npm run check:large`; drawing those takes minutes. */
const NUM_ENTRIES = Number(process.env.KNURL_ENTRIES ?? 1500);

test('a large list works; one entry more than a run may have is refused with its count, and the text stays', async ({
  page,
}) => {
  test.setTimeout(180_000);
  // Short, since each of them is drawn.
  const syllables = ['Ka', 'Ro', 'Mi', 'Len', 'Sta', 'Vor', 'Ny', 'Del'];
  const most = 20_000;
  const name = (i: number) => syllables[i % 8]!;
  const list = Array.from({ length: most + 1 }, (_, i) => `${name(i)} ${i}`).join('\n');
  await page.goto(`${server.url}/runs/new`);
  const field = page.getByLabel(/Names one to a line/);
  // Typed key by key it would take minutes: the value is set as a paste would.
  const paste = (text: string) =>
    field.evaluate((area: HTMLTextAreaElement, pasted) => {
      Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(area, pasted);
      area.dispatchEvent(new Event('input', { bubbles: true }));
    }, text);
  await page.waitForLoadState('networkidle');
  await paste(list);
  await expect(page.getByText('20,001 entries are more than the 20,000 of one run.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start the run' })).toBeDisabled();
  expect((await field.inputValue()).length).toBe(list.length);
  const allowed = list.slice(0, list.lastIndexOf('\n'));
  await paste(allowed);
  await expect(page.getByText('20,000 entries', { exact: true })).toBeVisible();
  await paste(allowed.split('\n').slice(0, NUM_ENTRIES).join('\n'));
  await expect(page.getByText(`${NUM_ENTRIES.toLocaleString('en')} entries`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Start the run' }).click();
  await expect(page.getByRole('heading', { name: new RegExp(`^${NUM_ENTRIES} fits`) })).toBeVisible({
    timeout: 100_000,
  });
  await step(page, 'Roster');
  await expect(textOf(page, 1)).toHaveValue(`${name(0)} 0`);
  expect(await page.getByRole('row').count()).toBeLessThan(100);
  await page.evaluate(() => scrollTo(0, document.body.scrollHeight));
  await expect(textOf(page, NUM_ENTRIES)).toBeVisible();
  await textOf(page, NUM_ENTRIES).fill('The last of them');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('save-state')).toHaveText('saved', { timeout: 20_000 });
  await page.reload();
  await page.evaluate(() => scrollTo(0, document.body.scrollHeight));
  await expect(textOf(page, NUM_ENTRIES)).toHaveValue('The last of them', { timeout: 20_000 });
  await step(page, 'Bench');
  await expect(
    page.getByRole('group', { name: 'Show' }).getByRole('button', { name: `all ${NUM_ENTRIES}` }),
  ).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('the last');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The last of them');
});
