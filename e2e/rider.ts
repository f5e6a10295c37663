import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';

/** The moment every end-to-end test happens at. */
export const NOW = new Date('2026-11-24T10:00:00Z');

const axeSource = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

/** What a rider does, in their words; each page starts in a browser that has never seen the app. */
export class Rider {
  constructor(readonly page: Page) {}

  /** A rider in another tab, whose clock is ahead of the usual moment by so much. */
  static async inTabOf(context: BrowserContext, aheadMs = 0): Promise<Rider> {
    const page = await context.newPage();
    await page.clock.install({ time: new Date(NOW.getTime() + aheadMs) });
    return new Rider(page);
  }

  async opens(path = '/'): Promise<void> {
    await this.page.goto(path);
    await this.seesTitle();
  }

  /** Of a page that was not left. Expectations look again ever more seldom; this looks at every frame. */
  private async seesTitle(): Promise<void> {
    await this.page.waitForFunction(() =>
      Array.from(document.querySelectorAll('h1, [role=heading][aria-level="1"]')).some(
        (h) => h.getBoundingClientRect().height > 0 && !h.hasAttribute('data-left'),
      ),
    );
  }

  async opensDemo(path = '/'): Promise<void> {
    await this.opens(`${path}?logbook=demo`);
  }

  /** Goes to another page of the logbook that is open as a link would, without a load; done when its title is on screen. */
  async goesOn(path: string): Promise<void> {
    await this.page.evaluate((to) => {
      document.querySelectorAll('h1').forEach((h) => h.setAttribute('data-left', ''));
      const { search } = location;
      history.pushState({}, '', to + search);
      dispatchEvent(new PopStateEvent('popstate', { state: {} }));
    }, path);
    await this.seesTitle();
  }

  /** From nothing to a verdict. */
  async startsWith(bike = 'Road bike', lube = 'Wet', sinceLube = '50'): Promise<void> {
    await this.opens();
    await this.picks('Your bike', bike);
    await this.picks('Lube on it', lube);
    await this.page.getByLabel('Ridden since it was lubed').fill(sinceLube);
    await this.page.getByRole('button', { name: 'Show my chain' }).click();
    await expect(this.verdict).toContainText(/(Lube|Wax) for|used up|bare|dried out/);
  }

  async picks(group: string | RegExp, word: string): Promise<void> {
    await this.page
      .getByRole('radiogroup', { name: group })
      .getByRole('radio', { name: word, exact: true })
      .click();
  }

  async goesTo(place: 'Today' | 'Rides' | 'Bench' | 'Shelf' | 'Book'): Promise<void> {
    await this.page.getByRole('navigation').getByRole('link', { name: place }).click();
    // A tap is answered before the next place is drawn.
    const path = place === 'Today' ? '' : place.toLowerCase();
    await expect(this.page).toHaveURL(new RegExp(`^[^/]+//[^/]+/${path}([/?]|$)`));
  }

  /** By the app's own ways: a new page load would not wait for what is being saved. */
  async goesToSettings(): Promise<void> {
    await this.goesTo('Book');
    await this.page.getByText('Settings', { exact: true }).first().click();
    await expect(this.page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  }

  async logs(distance: string, weather: string): Promise<void> {
    await this.goesTo('Today');
    await this.page.getByRole('button', { name: 'Rode' }).click();
    // By its role: the tape of Today has the word in its name, and is still there for a moment.
    await this.page.getByRole('textbox', { name: 'Distance' }).fill(distance);
    await this.picks('Weather', weather);
    await this.page.getByRole('button', { name: 'Save ride' }).click();
    // The tap is answered first, then the ride is saved, then the page is left.
    await expect(this.verdict).toBeVisible();
  }

  /** To the form for work done away from the bench. */
  async writesDownWork(): Promise<void> {
    await this.goesTo('Bench');
    await this.page.getByRole('button', { name: 'I have done it already: write it down' }).click();
  }

  get verdict() {
    return this.page.getByRole('region', { name: 'Verdict' });
  }

  /** A reading of the chain as a number: film, grit outside, grit inside. */
  async reads(label: string): Promise<number> {
    // Beside the words stands the “?” that explains them.
    const row = this.page.getByText(label, { exact: true }).locator('../..');
    return parseFloat((await row.innerText()).replace(label, '').replace('?', ''));
  }

  async seesSaved(): Promise<void> {
    await expect(this.page.getByText(/^Saved \d/)).toBeVisible();
  }

  /** Faults of any impact by axe (null: by all its rules), as readable lines; in a window so tall that nothing lies under the foot of a form. */
  async axeFaults(rules: string[] | null = null): Promise<string[]> {
    const size = this.page.viewportSize()!;
    await this.page.setViewportSize({ ...size, height: 3000 });
    if (!(await this.page.evaluate(() => 'axe' in window))) await this.page.evaluate(axeSource);
    const found = await this.page.evaluate(async (only) => {
      const { axe } = window as unknown as {
        axe: {
          run(options: object): Promise<{
            violations: { id: string; impact: string; nodes: { html: string }[] }[];
          }>;
        };
      };
      const { violations } = await axe.run({
        runOnly: only ?? [
          ...['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
        ],
      });
      return violations.map(
        (v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 140)).join(' | ')}`,
      );
    }, rules);
    await this.page.setViewportSize(size);
    return found;
  }
}

export const test = base.extend<{ rider: Rider }>({
  rider: async ({ page }, provide) => {
    await page.clock.install({ time: NOW });
    const faults: string[] = [];
    page.on('pageerror', (error) => faults.push(error.message));
    await provide(new Rider(page));
    expect(faults).toEqual([]);
  },
});

export { expect };
