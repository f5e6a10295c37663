import { chromium, type Browser, type Page } from '@playwright/test';
import { launch, restore, serve } from './browser';
import { firstRows } from './firstRows';
import { longestFrame } from './frames';
import { manyEvents } from './manyEvents';
import { median, report } from './report';

const RIDES = [5000, 20_000];
const RUNS = 7;

/** The longest frame, ms, while the list is scrolled by the wheel for a while. */
const scrolling = (page: Page): Promise<number> =>
  longestFrame(page, async () => {
    await page.mouse.move(200, 500);
    for (let n = 0; n < 80; n++) {
      await page.mouse.wheel(0, 400);
      await page.waitForTimeout(16);
    }
  });

/** A list of plain rows as high as ours, to show what the machine itself makes of such a scroll. */
async function plainList(browser: Browser): Promise<Page> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const row = (n: number) => `<p style="height:56px;border:1px solid #888">Row ${n}</p>`;
  const rows = Array.from({ length: 600 }, (_, n) => row(n)).join('');
  await page.setContent(`<div id="list" style="height:844px;overflow:auto">${rows}</div>`);
  return page;
}

async function measure(many: number): Promise<void> {
  const ours = await serve('dist');
  const browser = await launch(chromium);
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await restore(page, ours.address, manyEvents(many, 'rideLogged'));
  const plain = await plainList(browser);
  const opens: number[] = [];
  const longest: number[] = [];
  const ofPlain: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    // Cold: the page and its script are new each time.
    await page.goto(ours.address);
    opens.push(await firstRows(page));
    longest.push(await scrolling(page));
    await plain.bringToFront();
    await plain.evaluate(() => document.getElementById('list')?.scrollTo(0, 0));
    ofPlain.push(await scrolling(plain));
    await page.bringToFront();
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
    `median of ${RUNS} scrolls of 32,000 px each: ${list(longest)} ms; of plain rows ${list(ofPlain)} ms`,
  );
}

async function main(): Promise<void> {
  for (const many of RIDES) await measure(many);
}

void main();
