import { type Locator, type Page, expect } from '@playwright/test';

/** A person's pace, in seconds. */
const PACE = { click: 1, key: 0.3, decision: 3 };

/** Works on a page as a person does, and counts what it takes. */
export class Hand {
  clicks = 0;
  keys = 0;
  decisions = 0;
  /** What each part of the work took. */
  readonly parts: { readonly name: string; readonly clicks: number; readonly keys: number }[] = [];
  #from = { clicks: 0, keys: 0 };

  constructor(readonly page: Page) {}

  /** What was done until now belongs to this part of the work. */
  part(name: string): void {
    this.parts.push({ name, clicks: this.clicks - this.#from.clicks, keys: this.keys - this.#from.keys });
    this.#from = { clicks: this.clicks, keys: this.keys };
  }

  async click(target: Locator): Promise<void> {
    this.clicks++;
    await target.click();
  }

  /** Looked at and thought over first. */
  async decide(target: Locator): Promise<void> {
    this.decisions++;
    await this.click(target);
  }

  async press(key: string): Promise<void> {
    this.keys++;
    await this.page.keyboard.press(key);
  }

  /** Letter by letter, into a field that is clicked first. */
  async type(field: Locator, text: string): Promise<void> {
    this.clicks++;
    this.keys += text.length;
    await field.fill(text);
  }

  /** A text from elsewhere: a click into the field, and the two keys at once that put it in. */
  async paste(field: Locator, text: string): Promise<void> {
    this.clicks++;
    this.keys++;
    await field.fill(text);
  }

  /** Opened, and one of it chosen. */
  async choose(list: Locator, option: { readonly label: string } | { readonly value: string }): Promise<void> {
    this.clicks += 2;
    await list.selectOption(option);
  }

  async step(name: string): Promise<void> {
    await this.click(this.page.getByRole('navigation', { name: 'Steps of the run' }).getByRole('link', { name }));
    await expect(this.page).toHaveURL(new RegExp(`/${name.toLowerCase()}$`));
  }

  get seconds(): number {
    return this.clicks * PACE.click + this.keys * PACE.key + this.decisions * PACE.decision;
  }
}
