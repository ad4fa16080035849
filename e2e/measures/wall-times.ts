import { chromium, type Page } from '@playwright/test';
import { KnurlServer } from '../knurl-server';
import { startRun } from '../pages';
import { randomNames } from '../cut-file-checker/random-names';

/** A program of its own: how long the wall of fits takes in a real browser, and what keeps the page from answering. */

const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

const server = await KnurlServer.start();
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGS });

/** Tasks over 50 ms since the page was opened, in ms; emptied by reading. */
async function longTasks(page: Page): Promise<number[]> {
  return page.evaluate(() => {
    const seen = (window as unknown as { longTasks: number[] }).longTasks;
    return seen.splice(0).map((ms) => Math.round(ms));
  });
}

async function openWall(numNames: number): Promise<Page> {
  const id = await startRun(await browser.newPage(), server.url, `${numNames} names`, randomNames(numNames, 7));
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(() => {
    const seen: number[] = [];
    Object.assign(window, { longTasks: seen });
    new PerformanceObserver((list) => list.getEntries().forEach(({ duration }) => seen.push(duration))).observe({
      type: 'longtask',
      buffered: true,
    });
  });
  await page.goto(`${server.url}/runs/${id}/fit`);
  await page.getByTestId('fit').first().waitFor();
  await page.getByRole('heading', { name: /to measure|fitting/ }).waitFor({ state: 'detached', timeout: 60_000 });
  return page;
}

/**
 * From a click to the first visible tile drawn anew, and to all fits known: the page looks every frame, and the heading says
 * “fitting” until the last one is there.
 */
async function timed(page: Page, click: { role: 'radio'; name: string }): Promise<{ first: number; all: number }> {
  return page.evaluate(async ({ name }) => {
    const button = [...document.querySelectorAll('[role=radio]')].find(
      (one) => one.textContent === name,
    ) as HTMLElement;
    const pathOf = () => document.querySelector('[data-testid=fit] svg path[fill-rule=evenodd]');
    const look = () => `${pathOf()?.getAttribute('d')?.length} ${pathOf()?.getAttribute('transform')}`;
    const before = look();
    const start = performance.now();
    button.click();
    let first = NaN;
    for (;;) {
      await new Promise(requestAnimationFrame);
      if (Number.isNaN(first) && look() !== before) first = performance.now() - start;
      const isFitting = document.querySelector('section[aria-busy=true]') !== null;
      if (!Number.isNaN(first) && !isFitting)
        return { first: Math.round(first), all: Math.round(performance.now() - start) };
      if (performance.now() - start > 30_000) return { first, all: NaN };
    }
  }, click);
}

async function told(page: Page, what: string, click: string): Promise<void> {
  await longTasks(page);
  const { first, all } = await timed(page, { role: 'radio', name: click });
  await page.waitForTimeout(1500);
  const tasks = await longTasks(page);
  process.stdout.write(
    `${what}: first tile ${first} ms, all ${all} ms; long tasks ${tasks.length ? tasks.join(', ') : 'none'} ms\n`,
  );
  await page.getByRole('heading', { name: /to measure|fitting/ }).waitFor({ state: 'detached', timeout: 60_000 });
}

/** From typing another width of a border to the frame that shows it, and to all outlines. */
async function widened(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Add a border' }).click();
  const field = page.getByLabel('Beyond the letters');
  await field.fill('1.5');
  await page.getByRole('heading', { name: /to measure|fitting/ }).waitFor({ state: 'detached', timeout: 60_000 });
  const times: string[] = [];
  for (const mm of ['2', '2.5', '1']) {
    await field.evaluate((input) => {
      const wall = document.querySelector('[role=list][aria-label=Fits]')!;
      const times = { start: 0, shown: 0, all: 0 };
      Object.assign(window, { widening: times });
      input.addEventListener('input', () => (times.start = performance.now()), { once: true, capture: true });
      new MutationObserver(() => {
        if (times.shown || !wall.querySelector('path[stroke-linejoin=round]')) return;
        times.shown = -1;
        requestAnimationFrame(() => (times.shown = performance.now()));
      }).observe(wall, { subtree: true, childList: true, attributes: true });
    });
    await field.fill(mm);
    await page.getByRole('heading', { name: /fitting/ }).waitFor({ state: 'detached', timeout: 60_000 });
    times.push(
      await page.evaluate(() => {
        const { start, shown } = (window as unknown as { widening: { start: number; shown: number } }).widening;
        return `${Math.round(shown - start)} ms shown, ${Math.round(performance.now() - start)} ms exact`;
      }),
    );
    await page.getByRole('heading', { name: /to measure/ }).waitFor({ state: 'detached', timeout: 60_000 });
  }
  return times.join('; ');
}

/** Longest and usual time between two frames while the wall is scrolled from top to bottom. */
async function scrolled(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const gaps: number[] = [];
    let last = performance.now();
    const end = document.documentElement.scrollHeight;
    for (let y = 0; y < Math.min(end, 30_000); y += 120) {
      window.scrollTo(0, y);
      await new Promise(requestAnimationFrame);
      const now = performance.now();
      gaps.push(now - last);
      last = now;
    }
    gaps.sort((a, b) => a - b);
    return `${gaps.length} frames, half under ${gaps[gaps.length >> 1]!.toFixed(0)} ms, 95 % under ${gaps[Math.floor(gaps.length * 0.95)]!.toFixed(0)} ms, longest ${gaps.at(-1)!.toFixed(0)} ms`;
  });
}

try {
  const opened = performance.now();
  const page = await openWall(200);
  process.stdout.write(
    `200 entries, opened and measured in ${Math.round(performance.now() - opened)} ms; long tasks ${(await longTasks(page)).join(', ') || 'none'} ms\n`,
  );
  await told(page, '200 entries, level instead of fill', 'level');
  await told(page, '200 entries, banded instead of level', 'banded');
  await told(page, '200 entries, another face', 'Ribbon script');
  await told(page, '200 entries, the face before again', 'Brass script');
  await told(page, '200 entries, bent instead of straight', 'as an arch');
  await told(page, '200 entries, as a dip', 'as a dip');
  await told(page, '200 entries, straight again', 'straight');
  process.stdout.write(`200 entries, another width of a border: ${await widened(page)}\n`);
  await page.close();
  const many = await openWall(2000);
  process.stdout.write(`2,000 entries scrolled: ${await scrolled(many)}\n`);
  await told(many, '2,000 entries, level instead of fill', 'level');
} finally {
  await browser.close();
  await server.stop();
}
