import { type Page, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { expectNoAxeFinding, expectSaved, startRun, step } from './pages';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

test('chips land where the cursor is and in place of what is selected; lines are moved by keys and by hand; all undone', async ({
  page,
}) => {
  const id = await startRun(page, server.url, 'Sluice wardens', ['Odile Marsh', 'Benno Quay']);
  await page.goto(`${server.url}/runs/${id}/wording`);
  const line = (no: number) => page.getByLabel(new RegExp(`^Line ${no} of`));
  const words = (no: number) => page.getByLabel(new RegExp(`^Words of entry ${no} on`));
  const says = (no: number, template: string) => expect(line(no)).toHaveAttribute('data-template', template);
  const chip = (name: string) => page.getByRole('group', { name: 'Put in' }).getByRole('button', { name, exact: true });

  // No braces are seen: the line says what it stands for.
  await expect(line(1)).toHaveText('text of the list');
  await line(1).click();
  await page.keyboard.press('Control+A');
  await chip('given name').click();
  await says(1, '{given}');
  await page.keyboard.type(' of the ');
  await chip('family name').click();
  await says(1, '{given} of the {family}');
  await expect(words(1)).toHaveValue('Odile of the Marsh');

  // Within the words: the cursor is walked there by keys, three letters are selected and replaced.
  await page.keyboard.press('Control+Home');
  await page.keyboard.type('Dear ');
  await says(1, 'Dear {given} of the {family}');
  await page.keyboard.press('Control+Home');
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowRight');
  await chip('number 1, 2, 3…').click();
  await says(1, '{number} {given} of the {family}');
  await expect(words(2)).toHaveValue('2 Benno of the Quay');

  // The cursor stands before a chip or behind it: a step leads over it, and words beside it leave it alone.
  await page.keyboard.press('Control+Home', { delay: 60 });
  await page.keyboard.press('ArrowRight', { delay: 60 });
  await page.keyboard.type('.');
  await says(1, '{number}. {given} of the {family}');
  await line(1).locator('.chip').nth(1).click();
  await page.keyboard.type('~');
  await expect(line(1)).toHaveAttribute('data-template', /^\{number\}\. ~?\{given\}~? of the \{family\}$/);
  await page.keyboard.press('Backspace');
  await says(1, '{number}. {given} of the {family}');
  await page.keyboard.press('Control+Home', { delay: 60 });
  await page.keyboard.press('ArrowRight', { delay: 60 });
  await page.keyboard.press('Delete');
  await says(1, '{number} {given} of the {family}');

  // What is typed in braces becomes a chip; one line stays one line; a chip is taken out as a whole.
  await page.getByRole('button', { name: 'One more line' }).click();
  await line(2).click();
  // Also where the page is slow, so that the editor looks at what was typed before it is told of it.
  await slowInput(page, 150);
  await page.keyboard.type('warden {number}');
  await slowInput(page, 0);
  await page.keyboard.press('Enter');
  await page.keyboard.type('!');
  await says(2, 'warden {number}!');
  await expect(line(2).locator('.chip')).toHaveText('number 1, 2, 3…');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await says(2, 'warden ');
  await page.keyboard.press('Control+Z');
  await expect(line(2)).toHaveAttribute('data-template', /number/);
  await line(2).fill('warden');
  await says(2, 'warden');
  await expectNoAxeFinding(page);

  // Cut and put in at another spot, a chip is a chip.
  await line(1).click();
  await page.keyboard.press('Control+A', { delay: 60 });
  await page.keyboard.press('Control+X', { delay: 60 });
  await says(1, '');
  await page.keyboard.type('by ');
  await page.keyboard.press('Control+V');
  await says(1, 'by {number} {given} of the {family}');
  await page.keyboard.press('Control+Home', { delay: 60 });
  for (let i = 0; i < 3; i++) await page.keyboard.press('Delete', { delay: 60 });
  await says(1, '{number} {given} of the {family}');

  // The second line goes up by keys, the cursor with it; down again by its handle.
  await line(2).click();
  await page.keyboard.press('Alt+ArrowUp');
  await says(1, 'warden');
  await says(2, '{number} {given} of the {family}');
  await expect(line(1)).toBeFocused();
  await page.keyboard.press('End');
  await page.keyboard.type('s');
  await says(1, 'wardens');
  await page.getByRole('button', { name: 'Move line 1' }).focus();
  for (const key of ['Space', 'ArrowDown', 'Space']) {
    await page.keyboard.press(key);
    await page.waitForTimeout(300);
  }
  await says(1, '{number} {given} of the {family}');
  await says(2, 'wardens');
  // Deeds that follow each other at once are one step of undo.
  await page.waitForTimeout(1600);
  const [from, to] = [
    await page.getByRole('button', { name: 'Move line 2' }).boundingBox(),
    await line(1).boundingBox(),
  ];
  await page.mouse.move(from!.x + 8, from!.y + 8);
  await page.mouse.down();
  await page.mouse.move(from!.x + 8, from!.y - 20, { steps: 4 });
  await page.mouse.move(from!.x + 8, to!.y + 4, { steps: 6 });
  await page.mouse.up();
  await says(1, 'wardens');
  await expect(words(1)).toHaveValue('wardens / 1 Odile of the Marsh');
  await expectSaved(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await says(2, 'wardens');
  await page.reload();
  await says(2, 'wardens');
});

test('with five places every column is in sight at 1280 px', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  const id = await startRun(page, server.url, 'Many places', ['Odile', 'Benno']);
  await page.goto(`${server.url}/runs/${id}/blank`);
  for (const name of ['Steel bottle', 'Socks, a pair', 'Tapered cup']) {
    await page.getByRole('button', { name: 'One more blank…' }).click();
    await page
      .getByRole('region', { name: 'Blanks of the shop' })
      .getByRole('button', { name: new RegExp(`^${name}`) })
      .click();
  }
  await step(page, 'Wording');
  const heads = page.getByRole('columnheader');
  await expect(heads).toHaveCount(7);
  for (const box of await heads.evaluateAll((all) => all.map((one) => one.getBoundingClientRect().right)))
    expect(box).toBeLessThanOrEqual(1280 - 400);
});

/** From now on the page is so long busy with everything that is typed before its fields are told. */
function slowInput(page: Page, ms: number): Promise<void> {
  return page.evaluate((busyMs) => {
    const known = globalThis as { busyMs?: number };
    if (known.busyMs === undefined)
      addEventListener(
        'input',
        () => {
          const until = performance.now() + (known.busyMs ?? 0);
          while (performance.now() < until);
        },
        true,
      );
    known.busyMs = busyMs;
  }, ms);
}
