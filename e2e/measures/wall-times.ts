import { chromium, type Page } from '@playwright/test';
import { KnurlServer } from '../knurl-server';
import { expectSaved, startRun } from '../pages';
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

/** A task that held the page up: how long, and how long of that the page itself computed; the rest it waited for a processor. */
interface LongTask {
  readonly ms: number;
  readonly ownMs: number;
}

const LONG_MS = 50;

/** Everything over 50 ms that the page’s own thread does meanwhile, as the browser traces it. */
async function longTasks<T>(page: Page, work: () => Promise<T>): Promise<readonly [T, readonly LongTask[]]> {
  const cdp = await page.context().newCDPSession(page);
  const events: TraceEvent[] = [];
  cdp.on('Tracing.dataCollected', ({ value }) => events.push(...(value as unknown as TraceEvent[])));
  const isComplete = new Promise((resolve) => cdp.once('Tracing.tracingComplete', resolve));
  await cdp.send('Tracing.start', {
    traceConfig: { includedCategories: ['toplevel', 'blink.user_timing'] },
    transferMode: 'ReportEvents',
  });
  await page.evaluate(() => performance.mark('knurl-traced'));
  const result = await work();
  await cdp.send('Tracing.end');
  await isComplete;
  await cdp.detach();
  const own = events.find(({ name }) => name === 'knurl-traced');
  const tasks = events
    .filter(({ name, pid, tid }) => name.endsWith('::RunTask') && pid === own?.pid && tid === own.tid)
    .map(({ dur = 0, tdur = 0 }) => ({ ms: dur / 1000, ownMs: tdur / 1000 }));
  return [result, tasks.filter(({ ms }) => ms > LONG_MS)];
}

interface TraceEvent {
  readonly name: string;
  readonly pid: number;
  readonly tid: number;
  /** Microseconds on the clock, and of the thread. */
  readonly dur?: number;
  readonly tdur?: number;
}

function taskWords(tasks: readonly LongTask[]): string {
  if (tasks.length === 0) return 'no task over 50 ms';
  const each = tasks.map(({ ms, ownMs }) => `${Math.round(ms)} (${Math.round(ownMs)})`);
  return `tasks over 50 ms, and what of it the page computed: ${each.join(', ')} ms`;
}

async function openWall(page: Page, id: string): Promise<void> {
  await page.goto(`${server.url}/runs/${id}/fit`);
  await page.getByTestId('fit').first().waitFor();
  await measured(page);
}

async function measured(page: Page): Promise<void> {
  await page.getByRole('heading', { name: /to measure|fitting/ }).waitFor({ state: 'detached', timeout: 120_000 });
}

async function runOf(names: string[]): Promise<string> {
  const page = await browser.newPage();
  const id = await startRun(page, server.url, `${names.length} names`, names);
  await page.close();
  return id;
}

/** Every name becomes its monogram. */
async function withMonograms(page: Page, id: string): Promise<void> {
  await page.goto(`${server.url}/runs/${id}/wording`);
  await page.getByRole('textbox', { name: 'Line 1 of chest' }).click();
  await page.keyboard.press('Control+A');
  await page.getByRole('group', { name: 'Put in' }).getByRole('button', { name: 'monogram', exact: true }).click();
  await expectSaved(page);
}

/**
 * From a click to the first visible tile drawn anew, and to all fits known: the page looks every frame, and the heading says
 * “fitting” until the last one is there.
 */
async function timed(page: Page, [group, name]: Option): Promise<{ first: number; all: number }> {
  const option = page.getByRole('radiogroup', { name: group }).getByRole('radio', { name, exact: true });
  await option.scrollIntoViewIfNeeded();
  return option.evaluate(async (button: HTMLElement) => {
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
  });
}

/** One of several, by the name of what is chosen. */
type Option = readonly [group: string, name: string];

async function told(page: Page, what: string, option: Option): Promise<void> {
  const [{ first, all }, tasks] = await longTasks(page, async () => {
    const times = await timed(page, option);
    await page.waitForTimeout(1500);
    await measured(page);
    return times;
  });
  process.stdout.write(`${what}: first tile ${first} ms, all ${all} ms; ${taskWords(tasks)}\n`);
}

/** From typing another width of a border to the frame that shows it, and to all outlines. */
async function widened(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Add a border' }).click();
  const field = page.getByLabel('Beyond the letters');
  await field.fill('1.5');
  await measured(page);
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
    await measured(page);
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

const VIEW = { viewport: { width: 1280, height: 800 } };
const [RULE, FACE, BEND, FORM] = ['Letter height for the set', 'Lettering', 'The lines run', 'Form of the monogram'];

async function tried200(): Promise<void> {
  const page = await browser.newPage(VIEW);
  const id = await runOf(randomNames(200, 7));
  const opened = performance.now();
  const [, tasks] = await longTasks(page, () => openWall(page, id));
  const ms = Math.round(performance.now() - opened);
  process.stdout.write(`200 entries, opened and measured in ${ms} ms; ${taskWords(tasks)}\n`);
  await told(page, '200 entries, level instead of fill', [RULE, 'level']);
  await told(page, '200 entries, banded instead of level', [RULE, 'banded']);
  await told(page, '200 entries, another face', [FACE, 'Ribbon script']);
  await told(page, '200 entries, the face before again', [FACE, 'Brass script']);
  await told(page, '200 entries, bent instead of straight', [BEND, 'as an arch']);
  await told(page, '200 entries, as a dip', [BEND, 'as a dip']);
  await told(page, '200 entries, straight again', [BEND, 'straight']);
  process.stdout.write(`200 entries, another width of a border: ${await widened(page)}\n`);
  await page.close();
}

async function formed200(): Promise<void> {
  const page = await browser.newPage(VIEW);
  const words = randomNames(600, 7).map((name) => name.split(/[ -]/)[0]!);
  const names = Array.from({ length: 200 }, (_, i) => words.slice(3 * i, 3 * i + 3).join(' '));
  const id = await runOf(names);
  await withMonograms(page, id);
  await openWall(page, id);
  for (const form of ['round', 'lozenge', 'shield', 'interlaced', 'in a row'])
    await told(page, `200 monograms, ${form}`, [FORM, form]);
  await page.close();
}

async function scrolled2000(): Promise<void> {
  const page = await browser.newPage(VIEW);
  await openWall(page, await runOf(randomNames(2000, 7)));
  process.stdout.write(`2,000 entries scrolled: ${await scrolled(page)}\n`);
  await told(page, '2,000 entries, level instead of fill', [RULE, 'level']);
  await page.close();
}

try {
  await formed200();
  await tried200();
  await scrolled2000();
} finally {
  await browser.close();
  await server.stop();
}
