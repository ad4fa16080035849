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
await shoot('start-a-run');
await page.goto(address);
await page.getByRole('link', { name: /garment bags/ }).click();
for (const step of ['Roster', 'Blank', 'Fit', 'Sheets', 'Bench']) {
  await page.getByRole('navigation').getByRole('link', { name: step }).click();
  await page.waitForTimeout(1500);
  await shoot(step.toLowerCase());
}
await page.keyboard.press('?');
await shoot('bench-keys');
await page.keyboard.press('Escape');
await page.keyboard.press('x');
await shoot('bench-spoiled');
await browser.close();
