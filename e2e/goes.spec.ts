import type { Locator, Page } from '@playwright/test';
import { expect, test } from './rider';

/** From place to place, the first time: what is gone to still has to be loaded. */

/** Lets scripts whose name begins so come so much later, ms. */
const slowed = (page: Page, script: string, ms: number) =>
  page.route(new RegExp(`/js/web/${script}-[^/]*[.]js$`), async (route) => {
    await new Promise((later) => setTimeout(later, ms));
    await route.continue();
  });

/** Counts from now on how often the page holds nothing to read, looking after each change. */
const countBlanks = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const told = { blanks: 0 };
    Object.assign(window, { told });
    new MutationObserver(() => {
      const main = document.getElementById('main');
      if (!main?.innerText.trim()) told.blanks += 1;
    }).observe(document.body, { childList: true, subtree: true });
  });
const blanks = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as { told: { blanks: number } }).told.blanks);

/** Goes by a link as a mouse does, which is over it before it is pressed: meanwhile this script is loaded. */
async function goesBy(page: Page, link: Locator, script: string): Promise<void> {
  const come = page.waitForEvent('requestfinished', (request) => request.url().includes(script));
  await link.hover();
  await come;
  await link.click();
}

test('a page is loaded before its link is pressed, and leaves no blank page behind @once', async ({
  rider,
  page,
}) => {
  await slowed(page, 'RidesPlace', 200);
  await rider.opensDemo();
  await countBlanks(page);
  const places = page.getByRole('navigation');
  await goesBy(page, places.getByRole('link', { name: 'Rides' }), '/RidesPlace-');
  await expect(page.getByRole('link', { name: /lube [−+]/ }).first()).toBeVisible();
  await goesBy(page, places.getByRole('link', { name: 'Shelf' }), '/ProductList-');
  await expect(page.getByRole('heading', { name: 'Shelf', level: 1 })).toBeVisible();
  await goesBy(page, page.getByRole('link', { name: /Doses and mixing/ }), '/dose-');
  await expect(page).toHaveURL(/dose/);
  await expect(page.getByRole('heading', { name: /Doses/, level: 1 })).toBeVisible();
  expect(await blanks(page)).toBe(0);
});

test('a row that is scrolled by loads nothing; pressed, it opens @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  const row = page.getByRole('link', { name: /lube [−+]/ }).first();
  const asked: string[] = [];
  page.on('request', (request) => asked.push(decodeURI(request.url())));
  await row.hover();
  await page.waitForTimeout(500);
  const ofRide = () => asked.filter((url) => url.includes('/[id]-')).length;
  expect(ofRide()).toBe(0);
  await row.click();
  await expect(page.getByLabel('Distance')).toBeVisible();
  expect(ofRide()).toBe(1);
});

test('a place that takes long to load is gone to all the same @once', async ({ rider, page }) => {
  await slowed(page, 'RidesPlace', 4000);
  await rider.opensDemo();
  await page.getByRole('navigation').getByRole('link', { name: 'Rides' }).click();
  await expect(page).toHaveURL(/rides/, { timeout: 3000 });
  await expect(page.getByRole('link', { name: /lube [−+]/ }).first()).toBeVisible();
});

test('who taps twice, or goes back, goes where they wanted to last @once', async ({
  rider,
  page,
}) => {
  await slowed(page, 'RidesPlace', 350);
  const rides = page.getByRole('navigation').getByRole('link', { name: 'Rides' });
  await rider.opensDemo();
  await rider.goesTo('Today');
  await expect(page).toHaveURL('/');
  await rides.click();
  await rider.goesTo('Today');
  await page.waitForTimeout(1000);
  await expect(page).toHaveURL('/');
  await page.reload();
  await rider.goesTo('Book');
  await rides.click();
  await page.goBack();
  await page.waitForTimeout(1000);
  await expect(page).toHaveURL('/');
});

test('who saves a ride and goes on at once is not taken back to Today @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides/log');
  await page.getByLabel('Distance').fill('20');
  // In the very moment in which it is said to be logged: the page of the form still stands.
  await page.evaluate(() => {
    new MutationObserver((_, watch) => {
      if (!document.body.textContent.includes('Ride logged')) return;
      watch.disconnect();
      document.querySelector<HTMLElement>('[role=navigation] a[href^="/bench"]')?.click();
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await page.getByRole('button', { name: 'Save ride' }).click();
  await expect(page.getByRole('heading', { name: 'Bench', level: 1 })).toBeVisible();
  await page.waitForTimeout(1000);
  await expect(page).toHaveURL(/bench/);
});
