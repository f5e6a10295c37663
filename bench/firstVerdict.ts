import { chromium, type Browser } from '@playwright/test';
import { launch, serve } from './browser';
import { verdictIn } from './opening';
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

/** Milliseconds from navigation until the demo's verdict is painted: what a rider waits who opens the app again. */
async function readableVerdict(browser: Browser, address: string): Promise<number> {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const seeding = await context.newPage();
  await seeding.goto(`${address}?logbook=demo`);
  await seeding.getByText(/^Saved \d/).waitFor();
  await seeding.getByRole('region', { name: 'Verdict' }).waitFor();
  await seeding.close();
  const ms = await verdictIn(context, address);
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
    1.25,
    `medians of ${RUNS}, caches off, one Chromium: ${median(verdicts).toFixed(0)} ms against ${median(paints).toFixed(0)} ms`,
  );
  ours.close();
  bare.close();
}

void main();
