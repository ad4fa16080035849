import { writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { type Page, expect, test } from '@playwright/test';
import writeXlsx from 'write-excel-file/node';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, rowOf, step } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

/** A rowing club's spreadsheet; each row but the last two has one of the troubles that lists come with. */
const ROWS = [
  ['Member no', 'Name', 'Joined', 'How many'],
  ['1', 'GRETA OLSEN', '14/6/1996', '1'],
  ['2', 'pieter van der meer', '3/4/2001', '1'],
  ['3', 'Rоwan Pike', '5/4/2003', '1'],
  ['4', "Sean O'Hara", '31/4/2010', '1'],
  ['5', 'Ann & Bo Lindqvist', '12/8/2012', '2'],
  ['6', 'Sian Hughes', '20/9/2014', '1'],
  ['7', 'Siân Hughes', '21/9/2014', '1'],
  ['8', 'Tom Hallam', '1/12/2015', 'two'],
  ['9', 'Tom Hallam', '1/12/2015', '1'],
  ['10', 'Jean - Luc Picot', '22/2/2016', '1'],
  ['11', 'Mirela', '25/7/2018', '1'],
  ['12', 'Odalys Vega', "30/1/'19", '1'],
  ['13', 'Kees Bakker', '17/3/2020', '1'],
];

async function xlsx(rows: readonly (readonly string[])[], name = 'rowing club.xlsx'): Promise<string> {
  const folder = mkdtempSync(path.join(tmpdir(), 'knurl-list-'));
  const file = path.join(folder, name);
  const sheet = await writeXlsx(rows.map((row) => row.map((value) => ({ value, type: String }))));
  writeFileSync(file, await sheet.toBuffer());
  return file;
}

/** Every key pressed, to be counted and named in the end. */
class Keys {
  readonly pressed: string[] = [];
  constructor(private readonly page: Page) {}
  async press(key: string, why: string): Promise<void> {
    this.pressed.push(`${key}: ${why}`);
    await this.page.keyboard.press(key);
  }
}

const asked = (page: Page) => page.getByRole('region', { name: 'What the list asks' }).getByRole('heading');

test('a spreadsheet with ten kinds of trouble is a clean roster after at most thirty keys', async ({ page }) => {
  const keys = new Keys(page);
  await page.goto(`${server.url}/runs/new`);
  await page.getByLabel('File with the list').setInputFiles(await xlsx(ROWS));
  await expect(page.getByLabel('What “Name” is')).toHaveValue('text');
  await expect(page.getByLabel('What “Joined” is')).toHaveValue('date');
  await expectNoAxeFinding(page);
  await expect(page.getByRole('button', { name: 'Start and see what the list asks' })).toBeFocused();
  await keys.press('Enter', 'the columns are right');
  await expect(page).toHaveURL(/roster$/);

  const answers: readonly (readonly [RegExp, string, string])[] = [
    [/no number/, '1', 'two means 2'],
    [/stray spaces/, '1', 'clean them'],
    [/only looks right/, '1', 'put the right letter'],
    [/unusual capitals/, '1', 'set them so'],
    [/apostrophe/, '1', 'cut printers’ apostrophes'],
    [/several people/, '1', 'an entry for each'],
    [/more than once/, '1', 'one entry with all pieces'],
    [/nearly the same/, '3', 'same person, second spelling'],
    [/Full names and first names/, '2', 'leave them mixed'],
    [/two ways/, '1', 'day first'],
    [/no day of the calendar/, '1', 'empty the date'],
    [/two figures/, '1', 'write the year out'],
  ];
  for (const [i, [question, key, why]] of answers.entries()) {
    await expect(asked(page)).toHaveText(question);
    if (i === 0) await expectNoAxeFinding(page);
    await keys.press(key, why);
  }
  await expect(asked(page)).toHaveCount(0);
  await expectSaved(page);

  const id = /runs\/(\w+)/.exec(page.url())![1]!;
  const { spec } = await (await page.request.get(`${server.url}/api/runs/${id}`)).json();
  const entries = spec.entries as { fields: Record<string, string>; quantity: number; withdrawn: boolean }[];
  expect(entries.map(({ fields, quantity }) => [fields.text, fields.date ?? '', quantity])).toEqual([
    ['Greta Olsen', '14/6/1996', 1],
    ['Pieter van der Meer', '3/4/2001', 1],
    ['Rowan Pike', '5/4/2003', 1],
    ['Sean O’Hara', '', 1],
    ['Ann Lindqvist', '12/8/2012', 2],
    ['Bo Lindqvist', '12/8/2012', 2],
    ['Siân Hughes', '20/9/2014', 2],
    ['Tom Hallam', '1/12/2015', 3],
    ['Jean-Luc Picot', '22/2/2016', 1],
    ['Mirela', '25/7/2018', 1],
    ['Odalys Vega', '2019-01-30', 1],
    ['Kees Bakker', '17/3/2020', 1],
  ]);
  test.info().annotations.push({ type: 'keys', description: keys.pressed.join('; ') });
  expect(keys.pressed.length).toBeLessThanOrEqual(30);
});

test('one of many alike is answered by itself, and taken back', async ({ page }) => {
  await page.goto(`${server.url}/runs/new`);
  const names = [
    ['Name', 'Boat'],
    ['ANA REYES', 'a'],
    ['BEA SOLER', 'b'],
    ['CAI PUGH', 'c'],
    ['Dov Katz', 'd'],
  ];
  await page.getByLabel('File with the list').setInputFiles(await xlsx(names));
  await page.getByRole('button', { name: 'Start and see what the list asks' }).click();
  await expect(asked(page)).toHaveText(/3 names in unusual capitals/);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('2');
  await expect(asked(page)).toHaveText(/2 names in unusual capitals/);
  await page.keyboard.press('Escape');
  await page.keyboard.press('1');
  await expect(asked(page)).toHaveCount(0);
  await expect(rowOf(page, 'Cai Pugh')).toBeVisible();
  await expect(rowOf(page, 'BEA SOLER')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(asked(page)).toHaveText(/2 names/);

  await test.step('a name is taken apart as its bearer says', async () => {
    await page.getByLabel('Another name').fill('Ana García López');
    await page.keyboard.press('Enter');
    await page.getByLabel('Text of entry 5').focus();
    await expect(page.getByLabel('Further names')).toHaveValue('García');
    await page.getByLabel('Further names').fill('');
    await page.getByLabel('Family name').fill('García López');
    await page.getByRole('button', { name: 'Take it apart so' }).click();
    await expect(page.getByLabel('Monogram', { exact: true })).toHaveAttribute('placeholder', 'AG by custom');
    await expect(page.getByLabel('Text of entry 5')).toHaveValue('Ana García López');
    await page.getByLabel('Monogram', { exact: true }).fill('AGL');
    await page.keyboard.press('Tab');
    await expect(page.getByLabel('monogram of entry 5')).toHaveValue('AGL');
    await expectSaved(page);
  });
});

test('monograms and dates are composed with buttons, proofed, and a newer list un-ticks what it changes', async ({
  page,
}) => {
  await page.goto(`${server.url}/runs/new`);
  const rows = [
    ['Crew no', 'Name', 'Joined'],
    ['7', 'Anna Maria Lindgren', '14/6/1996'],
    ['8', 'Pieter Jan van der Meer', '20/4/2001'],
    ['9', 'Rowan Pike', '25/4/2003'],
  ];
  await page.getByLabel('File with the list').setInputFiles(await xlsx(rows));
  await page.getByRole('button', { name: 'Start and see what the list asks' }).click();
  await step(page, 'Wording');
  const line = page.getByLabel(/^Line 1 of/);
  await line.fill('');
  await page.getByRole('button', { name: 'monogram', exact: true }).click();
  await expect(line).toHaveAttribute('data-template', '{monogram}');
  await page.getByRole('button', { name: 'One more line' }).click();
  await page.getByLabel(/^Line 2 of/).fill('since ');
  await page.getByLabel('Put in the date as').selectOption({ label: 'MCMLXXVI' });
  await expect(page.getByLabel(/^Line 2 of/)).toHaveAttribute('data-template', 'since {date:romanYear}');
  await page.getByRole('radio', { name: /family tall in the middle/ }).check();
  const words = (no: number) => page.getByLabel(new RegExp(`^Words of entry ${no} on`));
  await expect(words(1)).toHaveValue('ALM / since MCMXCVI');
  await expect(words(2)).toHaveValue('PMJ / since MMI');
  await expect(words(3)).toHaveValue('RP / since MMIII');
  await page.getByRole('radio', { name: 'counted' }).click();
  await expect(words(2)).toHaveValue('PVJ / since MMI');
  await words(3).fill('R / since MMIII');
  await page.keyboard.press('Enter');
  await expect(page.getByText('words of its own')).toBeVisible();
  await expectNoAxeFinding(page);
  await expectSaved(page);

  await step(page, 'Proof');
  await page.getByRole('button', { name: 'Tick all 3' }).click();
  await expect(page.getByRole('alert').getByText('Type who looks: a tick says whose eyes it was.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 of 3 texts to be ticked');
  await expect(page.getByLabel('Who looks')).toBeFocused();
  await page.keyboard.type('Odile');
  await expect(page.getByTestId('spelled').first()).toHaveText('A L M   /   s i n c e   M C M X C V I');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press(' ');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 of 3 texts to be ticked');
  await page.getByRole('button', { name: 'Tick all 2' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('All 3 texts are ticked');
  await expect(page.getByText(/^Odile, /)).toHaveCount(3);
  await expectNoAxeFinding(page);
  await expectSaved(page);
  const downloading = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Proof as PDF' }).click();
  expect((await downloading).suggestedFilename()).toMatch(/^[a-z]+(-[a-z]+)*-proof\.pdf$/);
  await test.step('who signed last is offered, and not filled in', async () => {
    await page.reload();
    await expect(page.getByLabel('Who looks')).toHaveValue('');
    await page.getByRole('button', { name: 'Odile again' }).click();
    await expect(page.getByLabel('Who looks')).toHaveValue('Odile');
  });

  await test.step('another look is only told; other words un-tick', async () => {
    await step(page, 'Fit');
    await page.getByRole('radio', { name: 'Narrow block' }).click();
    await expectSaved(page);
    await step(page, 'Proof');
    await expect(page.getByText(/another look since/)).toHaveCount(3);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('All 3 texts are ticked');
    await step(page, 'Roster');
    const newer = [
      rows[0]!,
      ['8', 'Pieter Jan van der Meer', '20/4/2001'],
      ['7', 'Anna Sofia Lindgren', '14/6/1996'],
      ['12', 'Kit Ferro', '1/1/2020'],
    ];
    const bytes = [...(await import('node:fs')).readFileSync(await xlsx(newer, 'newer.xlsx'))];
    // Dropped on the page as it stands: the way leads to the newer list by itself.
    await page.evaluate((data) => {
      const transfer = new DataTransfer();
      transfer.items.add(new File([new Uint8Array(data)], 'newer.xlsx'));
      for (const type of ['dragover', 'drop'])
        window.dispatchEvent(new DragEvent(type, { dataTransfer: transfer, bubbles: true, cancelable: true }));
    }, bytes);
    await expect(page.getByText('1 new, 1 changed, 1 gone, 1 stay as they are.')).toBeVisible();
    await expect(page.getByText('text: Anna Maria Lindgren → Anna Sofia Lindgren')).toBeVisible();
    await page.getByRole('button', { name: 'Lay it over the run' }).click();
    await expect(page).toHaveURL(/roster$/);
    await expect(page.getByText('changed after the proof')).toHaveCount(1);
    await step(page, 'Proof');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 of 3 texts to be ticked, 1 changed since');
    await expect(page.getByText('read “ALM / since MCMXCVI” when Odile')).toBeVisible();
  });
});

test('what pasted columns were taken for is known when the same headers are pasted again', async ({ page }) => {
  const paste = async (rows: string) => {
    await page.goto(`${server.url}/runs/new`);
    await page.getByLabel(/Names one to a line/).fill(rows);
  };
  await paste('Cox\tWho rows\nOdile\tTove Lund\nOdile\tIsmet Kaya');
  const header = page.getByLabel('the first row is a header');
  await expect(header).not.toBeChecked();
  await header.check();
  await page.getByLabel('What “Who rows” is').selectOption('text');
  await page.getByLabel('What “Cox” is').selectOption('note');
  await page.getByRole('button', { name: 'Start and see what the list asks' }).click();
  await expect(rowOf(page, 'Ismet Kaya')).toBeVisible();
  await paste('Cox\tWho rows\nSef\tMatilde Ruy');
  await expect(page.getByText('Taken as the last time under these headers.')).toBeVisible();
  await expect(page.getByLabel('What “Who rows” is')).toHaveValue('text');
  await expect(page.getByLabel('What “Cox” is')).toHaveValue('note');
});

test('one letter to a blank: blanks are counted, and every letter is an item', async ({ page }) => {
  await page.goto(`${server.url}/runs/new`);
  await page.getByLabel(/Names one to a line/).fill('Row Hard\nEla');
  await page.getByRole('button', { name: 'Start the run' }).click();
  await step(page, 'Wording');
  await page.getByRole('radio', { name: 'one letter to a blank' }).click();
  await page.getByLabel('Blanks with a motif, each text').fill('2');
  await expect(page.getByText('15 blanks: 10 letters, 4 with a motif, 1 left empty.')).toBeVisible();
  await step(page, 'Fit');
  await expect(page.getByRole('heading', { name: /^10 fits/ })).toBeVisible();
  await step(page, 'Proof');
  await expect(page.getByTestId('spelled').first()).toHaveText('R o w H a r d');
});

test('files that are no list are refused with their name and what to do', async ({ page }) => {
  await page.goto(`${server.url}/runs/new`);
  const send = (name: string, text: string) =>
    page
      .getByLabel('File with the list')
      .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(text) });
  await send('club.pdf', '%PDF-1.7 and more');
  await expect(page.getByRole('alert').filter({ hasText: 'club.' })).toContainText(
    'club.pdf is a PDF. Copy the list out of it and paste it. Nothing was taken in.',
  );
  // Handed over in the page: a test tool would send fifty megabytes piece by piece.
  await page.evaluate(() => {
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File([new Uint8Array(50_000_000)], 'club.huge'));
    window.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
  });
  await expect(page.getByRole('alert').filter({ hasText: 'club.' })).toContainText('club.huge has 50 MB');
  await send('club.xlsx', 'PK\u0003\u0004 broken');
  await expect(page.getByRole('alert').filter({ hasText: 'club.' })).toContainText('club.xlsx is damaged');
  await expect(page.getByRole('button', { name: 'Start the run' })).toBeDisabled();
});
