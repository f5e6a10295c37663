import { chromium, type Page } from '@playwright/test';
import { launch, restore, serve } from './browser';
import { longestFrame } from './frames';
import { manyEvents } from './manyEvents';
import { median, report } from './report';

const RIDES = [5000, 20_000];
const RUNS = 7;

/** Milliseconds from a tap on Rides to its first row on screen. */
async function opening(page: Page): Promise<number> {
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  const start = performance.now();
  await page.getByRole('link', { name: 'Rides' }).click();
  await page
    .getByRole('link', { name: /lube [−+]/ })
    .first()
    .waitFor();
  return performance.now() - start;
}

/** The longest frame, ms, while the list is scrolled by the wheel for a while. */
const scrolling = (page: Page): Promise<number> =>
  longestFrame(page, async () => {
    await page.mouse.move(200, 500);
    for (let n = 0; n < 80; n++) {
      await page.mouse.wheel(0, 400);
      await page.waitForTimeout(16);
    }
  });

async function measure(many: number): Promise<void> {
  const ours = await serve('dist');
  const browser = await launch(chromium);
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await restore(page, ours.address, manyEvents(many, 'rideLogged'));
  const opens: number[] = [];
  const longest: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    // Cold: the page and its script are new each time.
    await page.goto(ours.address);
    opens.push(await opening(page));
    longest.push(await scrolling(page));
  }
  await browser.close();
  ours.close();
  const list = (values: number[]) => values.map((v) => v.toFixed(0)).join(', ');
  const rides = many.toLocaleString('en');
  const how = `of ${RUNS} openings, each in a new page: ${list(opens)} ms`;
  report(
    `First rows of ${rides} rides after opening Rides, ms`,
    median(opens),
    300,
    `median ${how}`,
  );
  report(`First rows of ${rides} rides, the worst, ms`, Math.max(...opens), 600, `worst ${how}`);
  report(
    `Longest frame while scrolling ${rides} rides, ms`,
    median(longest),
    50,
    `median of ${RUNS} scrolls of 32,000 px each: ${list(longest)} ms`,
  );
}

async function main(): Promise<void> {
  for (const many of RIDES) await measure(many);
}

void main();
