import { expect, type Locator, type Page } from '@playwright/test';

/** The world of a journey, in a student's words. */
export class Student {
  readonly errors: string[] = [];
  constructor(readonly page: Page) {
    page.on('console', (m) => { if (m.type() === 'error') this.errors.push(m.text()); });
    page.on('pageerror', (e) => this.errors.push(String(e)));
  }
  async arrives(): Promise<void> {
    await this.page.goto('/');
    const there = this.page.getByRole('link', { name: 'Dredging and the law of the foreshore' }), missing = await there.waitFor().then(() => false, () => true);
    // What the page shows instead, and what its console says, is all that a log from elsewhere can tell.
    if (missing) throw new Error(`The papers did not come.\n${this.errors.join('\n')}\n${(await this.page.locator('body').innerText()).slice(0, 1500)}`);
    await expect(this.page.getByText('Confirmed')).toBeVisible();
  }
  async opens(title: string): Promise<void> { await this.page.getByRole('link', { name: title, exact: true }).click(); }
  async goesTo(stop: 'Read' | 'Bring' | 'Check' | 'Mend' | 'Compare' | 'Send' | 'Confirm'): Promise<void> { await this.page.getByRole('navigation', { name: 'Route' }).getByRole('link', { name: new RegExp(`^${stop}`) }).click(); }
  async brings(name: string, bytes: Buffer | string): Promise<void> { await this.page.getByLabel('Choose files').setInputFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(bytes) }); }
  /** What a screen reader says while a file is carried. */
  async hears(said: string): Promise<void> { await expect(this.page.getByRole('status').filter({ hasText: said })).toHaveCount(1); }
  docket() { return this.page.getByRole('region', { name: 'Docket' }); }
  async sees(text: string | RegExp): Promise<void> { await expect(this.page.getByText(text).first()).toBeVisible(); }
  /** The present copy has been read, so what is shown belongs to it and stays in its place. */
  async waitsForReading(): Promise<void> { await expect(this.page.getByText('this copy is being read')).toHaveCount(0); }
  async takesBack(within: Page | Locator = this.page): Promise<void> { await this.waitsForReading(); await within.getByRole('button', { name: 'Take it back' }).click(); }
  /** Lines of the docket that want a look are looked at, one after the other. */
  async answersOpenLines(): Promise<void> {
    const lines = this.page.getByRole('region', { name: 'Lines to answer' }), looks = lines.getByRole('button', { name: /^I have looked at it/ });
    await expect(lines).toBeVisible();
    // Pictures are read in a round of their own; what it finds has to be answered as well.
    await expect(this.page.getByText('The check is still running')).toHaveCount(0);
    while (await looks.count() > 0) { const n = await looks.count(); await looks.first().click(); await expect(looks).toHaveCount(n - 1); }
  }
}
