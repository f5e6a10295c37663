import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { writeBackup } from '@/core/formats/backup';
import { launch, restore, serve } from './browser';
import { pagesMb } from './memory';
import { verdictIn } from './opening';
import { median, report } from './report';
import { NOW, twentyYears } from '@/test/twentyYears';

const EVENTS = 50_000;
const RUNS = 7;
/** After that all is read and the planner stands by; after that it has left too. */
const BUSY_MS = 5000;
const REST_MS = 75_000;
/** A phone: this machine, so many times slower. */
const SLOWER = 4;

/** Milliseconds from the tap on “Save ride” until the page has answered, and until the ride is on disk. */
async function logRide(page: Page, km: number): Promise<{ answer: number; disk: number }> {
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Distance').fill(String(km));
  // Seen from within the page: no trip to the test runner is measured.
  await page.evaluate(() => {
    const seen = { from: 0, answer: 0, disk: 0 };
    (window as unknown as { seen: typeof seen }).seen = seen;
    document.addEventListener('click', () => (seen.from ||= performance.now()), {
      capture: true,
      once: true,
    });
    let wasSaving = false;
    new MutationObserver((_, observer) => {
      // Only the lines that tell: the text of the whole page would be read for longer than it is written.
      const text = Array.from(
        document.querySelectorAll('[role=status]'),
        (e) => e.textContent,
      ).join();
      if (!seen.answer && text.includes('Ride logged'))
        requestAnimationFrame(() => (seen.answer = performance.now()));
      if (text.includes('Saving')) wasSaving = true;
      else if (wasSaving && /Saved \d/.test(text)) {
        seen.disk = performance.now();
        observer.disconnect();
      }
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await page.getByRole('button', { name: 'Save ride' }).click();
  const handle = await page.waitForFunction(() => {
    const { seen } = window as unknown as {
      seen: { from: number; answer: number; disk: number };
    };
    return seen.disk && seen.answer
      ? { answer: seen.answer - seen.from, disk: seen.disk - seen.from }
      : null;
  });
  const took = (await handle.jsonValue()) ?? { answer: NaN, disk: NaN };
  await page.getByRole('button', { name: 'Close this line' }).click();
  return took;
}

/** A browser that holds the twenty years, and one that holds the demo. */
async function both(browser: Browser, address: string): Promise<[BrowserContext, BrowserContext]> {
  const long = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const page = await long.newPage();
  await restore(page, address, writeBackup(twentyYears(EVENTS), new Date(NOW).toISOString()));
  // The look is made once the page has rested.
  await page.waitForTimeout(25_000);
  await page.close();
  const short = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const demo = await short.newPage();
  await demo.goto(`${address}?logbook=demo`);
  await demo.getByText(/^Saved \d/).waitFor();
  await demo.close();
  return [long, short];
}

async function opening(long: BrowserContext, short: BrowserContext, address: string) {
  const runs: { long: number; short: number }[] = [];
  for (let n = 0; n < RUNS; n++)
    runs.push({ long: await verdictIn(long, address), short: await verdictIn(short, address) });
  const ms = { long: median(runs.map((r) => r.long)), short: median(runs.map((r) => r.short)) };
  report(
    'Opening a logbook of 50,000 events to a readable verdict, times the demo’s',
    ms.long / ms.short,
    1.5,
    `medians of ${RUNS} each, in turns, caches off: ${ms.long.toFixed(0)} ms against ${ms.short.toFixed(0)} ms; ratios of the pairs ${runs.map((r) => (r.long / r.short).toFixed(2)).join(', ')}`,
  );
}

async function logging(page: Page, slower: number, on = ''): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slower });
  const runs: Awaited<ReturnType<typeof logRide>>[] = [];
  for (let n = 0; n < RUNS; n++) runs.push(await logRide(page, 10 + n));
  await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  const how = (values: number[]) =>
    `median of ${RUNS} rides logged in a logbook of ${EVENTS} events: ${values.map((v) => v.toFixed(0)).join(', ')}`;
  const [answers, disks] = [runs.map((r) => r.answer), runs.map((r) => r.disk)];
  const where = (slower === 1 ? '' : `, CPU ${slower} times slower`) + on;
  report(
    `Logging a ride: answer on screen${where}, ms`,
    median(answers),
    slower === 1 ? 100 : 300,
    how(answers),
  );
  report(
    `Logging a ride: on disk${where}, ms`,
    median(disks),
    slower === 1 ? 1000 : 3000,
    how(disks),
  );
}

/** Memory of a page of a browser of its own, MB, so long after it stands. */
async function memory(page: Page, browser: Browser, afterMs: number): Promise<number> {
  await page.waitForTimeout(afterMs);
  const session = await page.context().newCDPSession(page);
  await session.send('HeapProfiler.collectGarbage');
  return pagesMb(browser);
}

async function bareMemory(): Promise<number> {
  const { address, close } = await serve('.bench/bare');
  const browser = await launch(chromium);
  const page = await browser.newPage({ serviceWorkers: 'block' });
  await page.goto(address);
  await page.getByText('Ready').waitFor();
  const mb = await memory(page, browser, BUSY_MS);
  await browser.close();
  close();
  return mb;
}

async function main(): Promise<void> {
  const { address, close } = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const [long, short] = await both(browser, address);
  await opening(long, short, address);
  await short.close();
  const page = await long.newPage();
  await page.goto(address);
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  const busy = await memory(page, browser, BUSY_MS);
  const ours = await memory(page, browser, REST_MS);
  await logging(page, 1);
  await logging(page, SLOWER);
  await page.setViewportSize({ width: 390, height: 844 });
  await logging(page, SLOWER, ' on a phone’s screen');
  await browser.close();
  close();
  const bare = await bareMemory();
  const of = (mb: number, when: string) =>
    report(
      `Memory of the page with 50,000 events above a bare app’s ${when}, MB`,
      mb - bare,
      120,
      `PSS of Chromium’s page processes, after a collection: ${mb.toFixed(0)} MB against ${bare.toFixed(0)} MB`,
    );
  of(busy, 'five seconds after its verdict');
  of(ours, 'once the planner has left too');
}

void main();
