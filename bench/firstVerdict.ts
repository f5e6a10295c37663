import { chromium, type Browser } from '@playwright/test';
import { launch, serve } from './browser';
import { median, report } from './report';

const RUNS = 9;

/** Milliseconds from navigation to a bare app's first paint, with an empty cache. */
async function firstPaint(browser: Browser, address: string): Promise<number> {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto(address);
  await page.getByText('Ready').waitFor();
  const ms = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        new PerformanceObserver((list, observer) => {
          const paint = list.getEntriesByName('first-contentful-paint')[0];
          if (!paint) return;
          observer.disconnect();
          resolve(paint.startTime);
        }).observe({ type: 'paint', buffered: true });
      }),
  );
  await context.close();
  return ms;
}

/**
 * Milliseconds from navigation until the verdict's sentence is painted, with an empty script cache and
 * the demo's logbook in storage: what a rider waits who opens the app again.
 */
async function readableVerdict(browser: Browser, address: string): Promise<number> {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const seeding = await context.newPage();
  await seeding.goto(`${address}?logbook=demo`);
  await seeding.getByText(/^Saved \d/).waitFor();
  await seeding.getByRole('region', { name: 'Verdict' }).waitFor();
  await seeding.close();
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.setCacheDisabled', { cacheDisabled: true });
  // No named functions here: the page does not have the helper that our runner names them with.
  await page.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (!document.querySelector('[aria-label=Verdict] [role=heading]')?.textContent) return;
      observer.disconnect();
      // The frame after the one that put it there has painted it.
      requestAnimationFrame(() =>
        requestAnimationFrame(() => {
          (window as unknown as { verdictAt: number }).verdictAt = performance.now();
        }),
      );
    }).observe(document, { subtree: true, childList: true });
  });
  await page.goto(address);
  const handle = await page.waitForFunction(
    () => (window as unknown as { verdictAt?: number }).verdictAt,
  );
  const ms = Number(await handle.jsonValue());
  await context.close();
  return ms;
}

async function main(): Promise<void> {
  const ours = await serve('dist');
  const bare = await serve('.bench/bare');
  const browser = await launch(chromium);
  const paints: number[] = [];
  const verdicts: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    paints.push(await firstPaint(browser, bare.address));
    verdicts.push(await readableVerdict(browser, ours.address));
  }
  await browser.close();
  report(
    'Navigation to a readable verdict, times a bare app’s first paint',
    median(verdicts) / median(paints),
    2,
    `medians of ${RUNS}, caches off, one Chromium: ${median(verdicts).toFixed(0)} ms against ${median(paints).toFixed(0)} ms`,
  );
  ours.close();
  bare.close();
}

void main();
