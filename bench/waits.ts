import type { Page } from '@playwright/test';

/** Watches how long the page at most does not come to itself, ms. */
export async function longestWait(page: Page, job: () => Promise<void>): Promise<number> {
  await page.evaluate(() => {
    const told = { longest: 0, last: performance.now(), timer: 0 };
    (window as unknown as { told: typeof told }).told = told;
    told.timer = window.setInterval(() => {
      const now = performance.now();
      told.longest = Math.max(told.longest, now - told.last - 10);
      told.last = now;
    }, 10);
  });
  await job();
  return page.evaluate(() => {
    const { told } = window as unknown as { told: { longest: number; timer: number } };
    window.clearInterval(told.timer);
    return told.longest;
  });
}
