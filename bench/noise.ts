import { chromium, type Page } from '@playwright/test';
import { launch, serve } from './browser';
import { reportWaits } from './waits';

const NOW = Date.parse('2026-11-24T10:00:00Z');

/** From the noise to a cause that can hardly be another: odds and next steps are worked out anew with each answer. */
async function search(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Click/ }).click();
  await page.getByRole('button', { name: 'Nothing wrong there' }).click();
  await page.getByLabel('Turns of the cranks').fill('30');
  await page.getByLabel('Times it came').fill('11');
  await page.getByRole('button', { name: 'That is my count' }).click();
  const found = page.getByRole('button', { name: 'Found: Stiff link' });
  const on = page.getByRole('button', { name: /^(I cannot tell|Nothing wrong there)$/ });
  for (;;) {
    await found.or(on).first().waitFor();
    if (await found.isVisible()) return;
    await on.first().click();
  }
}

/** The page's waits while a noise is searched for. */
async function main(): Promise<void> {
  const ours = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  await reportWaits('a noise is searched for, from a click to a stiff link', {
    // In a browser of its own each: a search that was begun is gone on with.
    newPage: () =>
      browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' }),
    address: `${ours.address}bench/noise?logbook=demo`,
    stands: (page) => page.getByRole('heading', { name: 'Find the noise' }).waitFor(),
    job: search,
  });
  await browser.close();
  ours.close();
}

void main();
