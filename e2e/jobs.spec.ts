import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { Hand } from './hand';
import { KnurlServer } from './knurl-server';
import { expectSaved, piecesIn, settled } from './pages';

/**
 * Three jobs as a crafter gets them, from the list to cut files, with every click and key counted: `npm run check:jobs`. The lists are
 * a rowing club's, a choir's and a hiking hut's.
 */
const MOST = { clicks: 110, keys: 60 };
const all = { clicks: 0, keys: 0 };

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());
test.describe.configure({ mode: 'serial' });

const FIRST = [
  'Ilka',
  'Tove',
  'Zélie',
  'Quirin',
  'Sverre',
  'Undine',
  'Wanja',
  'Ylva',
  'Oda',
  'Ber',
  'Maite',
  'Runa',
  'Kjell',
];
const LAST = ['Fenwater', 'Marsh', 'Quay-Oderbruch', 'Brandvold'];
const ROWERS = FIRST.flatMap((first, i) => [0, 1, 2].map((k) => `${first} ${LAST[(i + k) % LAST.length]!}`)).slice(
  0,
  38,
);
/** As lists come: one shouted, one that stands twice. */
const TOWELS = [...ROWERS, 'TJORVEN HALM', ROWERS[4]!];

/** What the list asks is answered by the first answer, for all alike. */
async function answerList(hand: Hand): Promise<void> {
  const panel = hand.page.getByRole('region', { name: 'What the list asks' });
  for (let i = 0; i < 20; i++) {
    await hand.page.waitForTimeout(500);
    if ((await panel.count()) === 0) return;
    const question = await panel.getByRole('heading').first().innerText();
    hand.decisions++;
    await hand.press('1');
    await expect(panel.getByRole('heading', { name: question, exact: true })).toHaveCount(0);
  }
}

/** Whatever wants a decision on the wall gets one: a stop its best remedy, checks alike are looked at together. */
async function decideFits(hand: Hand): Promise<void> {
  const { page } = hand;
  await settled(page);
  const card = page.getByRole('region', { name: 'To decide' });
  const tick = page.getByRole('navigation', { name: 'Steps of the run' }).getByRole('link', { name: 'Fit' });
  for (let i = 0; i < 60; i++) {
    await settled(page);
    await page.waitForTimeout(600);
    // What the step says comes later than the card goes: one of the two is waited for, whichever it is.
    const isDone = async () => /all fit/.test(await tick.innerText());
    await expect.poll(async () => (await isDone()) || (await card.count()) > 0, { timeout: 30_000 }).toBe(true);
    if (await isDone()) return;
    await expect(page.getByText('Working out what would help…')).toHaveCount(0, { timeout: 20_000 });
    const before = (await card.allInnerTexts()).join();
    const [stop, alike, one] = [
      card.getByText('stop', { exact: true }),
      card.getByRole('button', { name: /^Let all \d+ alike stand$/ }),
      card.getByRole('button', { name: 'Looked at, let it stand' }),
    ];
    hand.decisions++;
    if ((await stop.count()) > 0) await hand.press('Enter');
    else if ((await alike.count()) > 0) await hand.click(alike);
    else await hand.click(one);
    // With the last decision the card goes: asked for one that is gone, its words would be waited for.
    await expect.poll(async () => (await card.allInnerTexts()).join()).not.toBe(before);
  }
}

/** Let through, ticked, every pass made, and every cut file taken. */
async function finish(hand: Hand): Promise<readonly string[]> {
  const { page } = hand;
  await hand.step('Proof');
  const who = page.getByLabel('Who looks');
  if ((await who.inputValue()) === '') await hand.type(who, 'Runa');
  await hand.decide(page.getByRole('button', { name: /^Tick all/ }));
  hand.part('proof');
  await hand.step('Fit');
  await settled(page);
  await hand.click(page.getByRole('button', { name: /^Release / }));
  const release = page.getByRole('region', { name: 'Release' });
  await hand.click(release.getByRole('button', { name: /^Release|^Let them/ }).first());
  await expect(page.getByText(/^Release \d/)).toBeVisible();
  hand.part('released');
  await hand.step('Sheets');
  const many = page.getByRole('button', { name: /^Make all \d+ passes…/ });
  const one = page.getByRole('button', { name: /^Make pass \d+$/ });
  await expect(many.or(one).first()).toBeEnabled({ timeout: 60_000 });
  await page.waitForTimeout(1500);
  if ((await many.count()) > 0) {
    await hand.click(many);
    await hand.click(page.getByRole('button', { name: 'Make them all' }));
  } else {
    // Asked once more only where something in it is open.
    const isAsked = (await page.getByRole('heading', { name: 'Open in it' }).count()) > 0;
    await hand.click(one);
    if (isAsked) await hand.click(page.getByRole('button', { name: 'Make it as it is' }));
  }
  await expect(
    page
      .getByText('No piece to lay out.')
      .or(page.getByRole('link', { name: /cut file/ }))
      .first(),
  ).toBeVisible({
    timeout: 60_000,
  });
  // Each file is a click on its pass and one that takes it.
  const buttons = page.getByRole('button', { name: /^Pass \d+, made/ });
  const passes: string[] = [];
  for (let i = 0; i < (await buttons.count()); i++) {
    await hand.click(buttons.nth(i));
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      hand.click(page.getByRole('link', { name: 'Take the cut file, SVG' })),
    ]);
    passes.push(readFileSync(await file.path(), 'utf8'));
  }
  hand.part('passes and cut files');
  return passes;
}

/** A new run on a blank and in a lettering that are chosen by their pictures; what its list asks is answered. */
async function begin(hand: Hand, { title, list, blank, lettering }: Job): Promise<string> {
  const { page } = hand;
  await page.goto(server.url);
  await hand.click(page.getByRole('link', { name: 'Start a run' }));
  await hand.type(page.getByLabel('What it is for'), title);
  await hand.paste(page.getByLabel(/Names one to a line/), list);
  await hand.decide(page.getByRole('radio', { name: blank }).first());
  await hand.decide(page.getByRole('radio', { name: lettering }));
  await hand.click(page.getByRole('button', { name: /^Start / }));
  await page.waitForURL(/\/runs\/[a-z0-9]+\/(roster|fit)$/);
  hand.part('started');
  await answerList(hand);
  hand.part('the list');
  return page.url().split('/').at(-2)!;
}

interface Job {
  readonly title: string;
  readonly list: string;
  readonly blank: string | RegExp;
  readonly lettering: string;
}

const asTable = (rows: readonly (readonly string[])[]) => rows.map((row) => row.join('\t')).join('\n');

function tell(name: string, hand: Hand): void {
  all.clicks += hand.clicks;
  all.keys += hand.keys;
  const parts = hand.parts.map((part) => `${part.name} ${part.clicks} + ${part.keys}`).join(', ');
  // eslint-disable-next-line no-console -- the figures are what it is for
  console.log(
    `${name}: ${hand.clicks} clicks, ${hand.keys} keys, ${hand.decisions} decisions, ${Math.round(hand.seconds)} s (clicks + keys: ${parts})`,
  );
}

test('40 lines of names for towels, pasted, in under five minutes', async ({ page }) => {
  test.setTimeout(300_000);
  const hand = new Hand(page);
  await begin(hand, {
    title: 'Towels',
    list: TOWELS.join('\n'),
    blank: 'Tea towel',
    lettering: 'Narrow block',
  });
  await hand.step('Fit');
  await decideFits(hand);
  hand.part('fits');
  const passes = await finish(hand);
  expect(new Set(passes.flatMap(piecesIn)).size).toBe(TOWELS.length);
  await expectSaved(page);
  tell('Towels', hand);
  expect(hand.seconds).toBeLessThan(300);
});

test('18 pouches with monograms, and a newer list', async ({ page }) => {
  test.setTimeout(300_000);
  const hand = new Hand(page);
  const rows = FIRST.slice(0, 9).flatMap((first, i) => [
    [first, LAST[i % 4]!.replace('-Oderbruch', '')],
    [`${first}e`, LAST[(i + 1) % 4]!.replace('-Oderbruch', '')],
  ]);
  const table = (some: readonly (readonly string[])[]) => asTable([['Given name', 'Family name'], ...some]);
  await begin(hand, { title: 'Pouches', list: table(rows), blank: /pouch/i, lettering: 'Tall capitals' });
  await hand.step('Wording');
  await hand.click(page.getByLabel(/^Line 1 of/));
  await hand.press('Control+A');
  await hand.decide(page.getByRole('button', { name: 'monogram', exact: true }));
  await hand.decide(page.getByRole('radio', { name: /^two: / }));
  hand.part('wording');
  await hand.step('Fit');
  await decideFits(hand);
  hand.part('fits');
  const first = await finish(hand);
  expect(new Set(first.flatMap(piecesIn)).size).toBe(18);

  await hand.step('Roster');
  await hand.click(page.getByRole('link', { name: /newer list/i }));
  const newer = table([...rows.slice(0, 17), ['Solveig', 'Halm'], ['Tjorven', 'Halm']]);
  // All that stands there is chosen first.
  hand.keys++;
  await hand.paste(page.getByRole('main').locator('textarea').first(), newer);
  await hand.decide(page.getByRole('button', { name: 'Lay it over the run' }));
  await page.waitForURL(/\/roster$/);
  await answerList(hand);
  hand.part('the newer list');
  await hand.step('Fit');
  await decideFits(hand);
  const second = await finish(hand);
  expect(new Set(second.flatMap(piecesIn)).size).toBe(20);
  tell('Pouches', hand);
});

test('socks in sizes for all, a cup for some', async ({ page }) => {
  test.setTimeout(300_000);
  const hand = new Hand(page);
  const rows = FIRST.slice(0, 12).map((first, i) => [first, ['S', 'M', 'L'][i % 3]!, i % 3 === 0 ? 'cup' : '']);
  await begin(hand, {
    title: 'Hut',
    list: asTable([['Name', 'Size', 'Extra'], ...rows]),
    blank: 'Socks, a pair',
    lettering: 'Stand block',
  });
  await hand.step('Blank');
  await hand.click(page.getByRole('button', { name: 'One more blank…' }));
  await hand.decide(
    page.getByRole('region', { name: 'Blanks of the shop' }).getByRole('button', { name: /^Tapered cup/ }),
  );
  await hand.click(page.getByRole('radio', { name: /^Tapered cup/ }).first());
  await hand.choose(page.getByLabel('Who gets it'), { label: 'by the column “Extra”' });
  await hand.decide(page.getByRole('checkbox', { name: /\(8\)/ }));
  hand.part('blanks');
  await hand.step('Fit');
  for (const place of ['left sock', 'right sock', 'Tapered cup']) {
    const choice = page.getByRole('radio', { name: new RegExp(place) });
    if ((await choice.count()) > 0) await hand.click(choice.first());
    await decideFits(hand);
  }
  hand.part('fits');
  const passes = await finish(hand);
  expect(new Set(passes.flatMap(piecesIn)).size).toBe(28);
  tell('Socks and cups', hand);
});

test('together they take no more clicks and keys than they may', () => {
  // eslint-disable-next-line no-console -- the figures are what it is for
  console.log(`All three: ${all.clicks} clicks of ${MOST.clicks}, ${all.keys} keys of ${MOST.keys}`);
  expect([all.clicks <= MOST.clicks, all.keys <= MOST.keys]).toEqual([true, true]);
});
