import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { writeBackup } from '@/core/formats/backup';
import { launch, restore, serve } from './browser';
import { logRide, type Logged } from './logRide';
import { pagesMb } from './memory';
import { verdictIn } from './opening';
import { planIn } from './planIn';
import { median, report } from './report';
import { NOW, twentyYears } from '@/test/twentyYears';

const EVENTS = 50_000;
const RUNS = 7;
const PLANS = 5;
/** After that all is read and the planner stands by; after that it has left too. */
const BUSY_MS = 5000;
const REST_MS = 75_000;
/** A phone: this machine, so many times slower. */
const SLOWER = 4;

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
  const runs: Logged[] = [];
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

/** A plan of its ten bikes. */
async function planning(context: BrowserContext, address: string): Promise<void> {
  const runs: number[] = [];
  for (let n = 0; n < PLANS; n++) runs.push(await planIn(context, address));
  report(
    'A plan of 28 days for the ten bikes of that logbook, s in Chromium',
    median(runs),
    2.5,
    `median of ${PLANS}, each in a new page: ${runs.map((s) => s.toFixed(2)).join(', ')} s`,
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
  await page.close();
  await planning(long, address);
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
