// Takes the pictures of the main views anew from a running demo: node scripts/screenshots.mjs [address]
import { execFileSync } from 'node:child_process';
import { chromium } from '@playwright/test';

const address = process.argv[2] ?? 'http://127.0.0.1:4310';
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const shoot = async (/** @type {string} */ name) => {
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

await page.goto(address);
await shoot('runs');
await page.goto(`${address}/runs/new`);
await page.waitForTimeout(1500);
await page.getByLabel(/Names one to a line/).fill('Wilhelmina\nBo\nÅse Krug\nQuirin');
await page.getByRole('radio', { name: 'Tote bag' }).click();
await page.waitForTimeout(3000);
await shoot('start-a-run');
await page.goto(address);
await page.getByRole('link', { name: /garment bags/ }).click();
for (const step of ['Roster', 'Fit', 'Sheets', 'Bench']) {
  await page.getByRole('navigation').getByRole('link', { name: step }).click();
  await page.waitForTimeout(4000);
  await shoot(step.toLowerCase());
}
await page.getByRole('navigation').getByRole('link', { name: 'Fit' }).click();
await page.getByRole('link', { name: 'All faces on these names' }).click();
await page.getByText(/suits these texts best/).waitFor();
await shoot('faces');
await page.goBack();
await page.getByRole('navigation').getByRole('link', { name: 'Bench' }).click();
await page.waitForTimeout(800);
await page.getByText('Ng', { exact: true }).first().click();
await page.keyboard.press('t');
await page.waitForTimeout(1500);
await shoot('bench-press');

await page.goto(address);
await page.getByRole('link', { name: /presents/ }).click();
await page.getByRole('navigation').getByRole('link', { name: 'Blank' }).click();
await page.getByRole('radio', { name: 'Tote bag, front' }).click();
await page.waitForTimeout(1500);
await shoot('blank');
await page.getByRole('radio', { name: 'Steel bottle, side' }).click();
await page.waitForTimeout(800);
await shoot('round-goods');
await page.getByRole('navigation').getByRole('link', { name: 'Fit' }).click();
await page.getByRole('radio', { name: 'Tote bag, front' }).click();
await page.waitForTimeout(6000);
await page.evaluate(() => window.scrollTo(0, 0));
await shoot('borders');
await page.getByRole('navigation').getByRole('link', { name: 'Prepare' }).click();
await page.waitForTimeout(1500);
await shoot('prepare');
await page.goto(`${address}/shop`);
await shoot('shop');
await page.goto(`${address}/shop/blanks/socks`);
await shoot('shop-blank');

await page.goto(address);
await page.getByRole('link', { name: /mute pouches/ }).click();
for (const step of ['Wording', 'Proof']) {
  await page.getByRole('navigation').getByRole('link', { name: step }).click();
  await page.waitForTimeout(1500);
  await shoot(step.toLowerCase());
}
await page.getByRole('navigation').getByRole('link', { name: 'Fit' }).click();
await page.waitForTimeout(3000);
await page.getByRole('heading', { name: 'Lines', exact: true }).evaluate((heading) => {
  const side = heading.closest('aside');
  if (side && heading instanceof HTMLElement) side.scrollTop = heading.offsetTop - 20;
});
await page.waitForTimeout(3000);
await shoot('monograms');
const run = page.url().replace(/\/\w+$/, '');
await page.goto(`${run}/list`);
// What is typed before the page has woken up is typed twice.
await page.waitForTimeout(2500);
const field = page.getByLabel(/Names one to a line/);
const list = await field.inputValue();
await field.fill(
  `${list
    .replace('Fergus Iain', 'Fergus Ian')
    .replace('7/2/2013', '7/2/2012')
    .replace(/\nTom Edwin.*/, '')}\nRéka Ilona Őrsi\t1\t150\t3/3/2020`,
);
await shoot('newer-list');
await page.goto(`${address}/runs/new`);
await page.getByLabel('What it is for').fill('Caps for the helpers of the tour');
await page.getByLabel('File with the list').setInputFiles({
  name: 'helpers.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(
    'Nr;Vorname;Name;Dabei seit;Größe;Anzahl\n1;Maximilian;FEATHERSTONEHAUGH;12.9.1998;L;1\n2;Siân;Prydderch-Lloyd;3.4.2011;M;2\n' +
      '3;Joseba Lur;Ibáñez;21.1.2016;L;1\n4;Oisín;Ó Dálaigh;5.5.87;XL;1\n5;Åse;Brandvold;30.8.2001;S;zwei\n',
  ),
});
await page.waitForTimeout(4000);
await shoot('columns');
await browser.close();
