import AxeBuilder from '@axe-core/playwright';
import type { Outline } from './positions/truth';
import { type APIRequestContext, type Locator, type Page, expect } from '@playwright/test';

/** What several journeys do on the pages of a run. */

export async function expectNoAxeFinding(page: Page): Promise<void> {
  // On the way from one page to the next there is none for a moment.
  await expect(page).not.toHaveTitle('');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html.slice(0, 120))])).toEqual([]);
}

/** Along the tape. */
export async function step(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Steps of the run' }).getByRole('link', { name }).click();
  await expect(page).toHaveURL(new RegExp(`/${name.toLowerCase()}$`));
}

/** The rows of entries that say this and are not withdrawn. */
export function rowOf(page: Page, text: string): Locator {
  return page.getByRole('row').filter({ has: page.getByRole('button', { name: `Take out ${text}`, exact: true }) });
}

/** The roster's own field for the text of an entry, counted from 1. */
export function textOf(page: Page, no: number): Locator {
  return page.getByLabel(`Text of entry ${no}`, { exact: true });
}

export async function expectSaved(page: Page): Promise<void> {
  await expect(page.getByTestId('save-state')).toHaveText('saved');
}

export async function startRun(page: Page, url: string, title: string, names: readonly string[]): Promise<string> {
  const created = await page.request.post(`${url}/api/runs`, {
    data: { title, list: names.join('\n'), reading: 'lines' },
  });
  return ((await created.json()) as { id: string }).id;
}

/** Makes the next pass on Sheets; whatever is open in it is seen and let be. */
export async function makePass(page: Page, no: number): Promise<void> {
  await page.getByRole('button', { name: `Make pass ${no}` }).click();
  await page.getByRole('button', { name: 'Make it as it is' }).click();
  await expect(page.getByRole('link', { name: 'Take the cut file, SVG' })).toBeVisible();
}

/** A mark that needs a pass was asked about: it may be made. */
export async function letMakePass(page: Page, no: number): Promise<void> {
  await expect(page.getByRole('dialog').getByRole('heading', { name: `Make pass ${no} of` })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

export async function makeAllPasses(request: APIRequestContext, url: string, id: string): Promise<void> {
  while ((await request.post(`${url}/api/runs/${id}/passes`)).status() === 201);
}

/** At the bench: the pass in hand is weeded, as soon as the page has woken up to its keys. Pressed twice it marks nothing more. */
export async function weedPass(page: Page): Promise<void> {
  await expect(async () => {
    await page.keyboard.press('Shift+W');
    await expect(page.getByRole('button', { name: /^Mark (pressed|bonded)/ })).toBeVisible({ timeout: 3000 });
  }).toPass({ timeout: 30_000 });
}

/** Another blank of the shop for the first one of a run, on its page. */
export async function takeInstead(page: Page, name: RegExp): Promise<void> {
  await page.getByRole('button', { name: 'Another blank instead…' }).click();
  await page.getByRole('region', { name: 'Blanks of the shop' }).getByRole('button', { name }).click();
}

export function field(page: Page, name: string): Locator {
  return page.getByLabel(name, { exact: true });
}

/** A fit as the interface answers it with its outlines. */
export interface FitJson {
  readonly text: readonly string[];
  readonly capHeightMm: number;
  readonly inkWidthMm: number;
  readonly inkHeightMm: number;
  readonly layers: readonly {
    readonly kind: string;
    readonly colourSlot: string;
    readonly materialId: string;
    readonly outline: Outline;
    readonly part: { readonly heightMm: number } | null;
    readonly letters?: readonly { readonly letter: string }[];
  }[];
  readonly findings: readonly { readonly kind: string }[];
}

export async function fitsOf(page: Page, url: string, id: string): Promise<readonly FitJson[]> {
  const answer = await page.request.get(`${url}/api/runs/${id}/fits?outlines=1`);
  return ((await answer.json()) as { fits: FitJson[] }).fits;
}

/** Every text on Fit is drawn and measured. */
export async function settled(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { name: /to measure|fitting/ })).toHaveCount(0, { timeout: 30_000 });
}

/** The cut files of every made pass. */
export async function cutFilesOf(page: Page, url: string, id: string): Promise<readonly string[]> {
  const heads = await page.request.get(`${url}/api/runs/${id}/passes?heads=1`);
  const { passes } = (await heads.json()) as { passes: { no: number }[] };
  const files: string[] = [];
  for (const { no } of passes) {
    files.push(await (await page.request.get(`${url}/api/runs/${id}/passes/${no}/cut.svg`)).text());
  }
  return files;
}

/** Names of the pieces in a cut file. */
export function piecesIn(svg: string): readonly string[] {
  return [...svg.matchAll(/id="piece-([^"]+)"/g)].map(([, piece]) => piece!);
}
