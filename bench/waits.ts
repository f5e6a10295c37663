import type { Page } from '@playwright/test';
import { report } from './report';

const RUNS = 5;
/** What the app does after it opened is over by then, ms. */
const OPENED_MS = 6000;

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

interface Watched {
  newPage: () => Promise<Page>;
  address: string;
  /** Returns once the page can be asked. */
  stands: (page: Page) => Promise<void>;
  job: (page: Page) => Promise<void>;
}

/** Reports how long new pages at most do not come to themselves while they do a job. */
export async function reportWaits(
  name: string,
  { newPage, address, stands, job }: Watched,
): Promise<void> {
  const waits: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    const page = await newPage();
    await page.goto(address);
    await stands(page);
    await page.waitForTimeout(OPENED_MS);
    waits.push(await longestWait(page, () => job(page)));
    await page.close();
  }
  report(
    `Longest wait of the page while ${name}, ms`,
    Math.max(...waits),
    50,
    `a timer of 10 ms, ${RUNS} new pages: ${waits.map((w) => w.toFixed(0)).join(', ')} ms`,
  );
}
