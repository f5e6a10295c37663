import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { zipSync } from 'fflate';
import { gpx } from '@/test/rideFiles';
import { launch, serve } from './browser';
import { pagesMb } from './memory';
import { median, report } from './report';

const RUNS = 3;

/** An archive of rides of so many points, a second apart, on days of their own, the last yesterday. */
function archive(rides: number, points: number, level: 0 | 6): Uint8Array {
  const text = new TextEncoder();
  const first = '2026-04-10';
  const ride = gpx(points, 'Ride', Date.parse(`${first}T13:00:00Z`));
  const files: Record<string, Uint8Array> = {};
  for (let n = 0; n < rides; n++) {
    const day = new Date(Date.parse('2026-11-23') - n * 86_400_000).toISOString().slice(0, 10);
    files[`ride-${n}.gpx`] = text.encode(ride.replaceAll(first, day));
  }
  return zipSync(files, { level });
}

/** Some 50 MB hardly packed; and eight years of daily rides as a training log hands them out. */
const ARCHIVES = [
  { name: 'a 50 MB ZIP of 200 files', make: () => archive(200, 2150, 0) },
  { name: 'a ZIP of 3,000 rides', make: () => archive(3000, 600, 6) },
];

interface Told {
  longest: number;
  last: number;
}
declare const window: { told: Told };

/** A page of the demo logbook ready to read files, with a timer that tells its longest wait. */
async function importPage(browser: Browser, address: string): Promise<Page> {
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await page.clock.setSystemTime(new Date('2026-11-24T10:00:00Z'));
  await page.goto(`${address}rides/import?logbook=demo`);
  await page.getByLabel('Ride files').waitFor({ state: 'attached' });
  await page.evaluate(() => {
    const told = { longest: 0, last: performance.now() };
    window.told = told;
    // As long as this ticks, a tap would have been answered.
    setInterval(() => {
      const now = performance.now();
      told.longest = Math.max(told.longest, now - told.last);
      told.last = now;
    }, 4);
  });
  // The opening of the logbook and its first replay are measured elsewhere.
  for (let longest = Infinity; longest > 50;) {
    await page.evaluate(() => (window.told.longest = 0));
    await page.waitForTimeout(1000);
    longest = await page.evaluate(() => window.told.longest);
  }
  return page;
}

/** Has the page read the file, and gives what it then says; `meanwhile` runs until it is done. */
async function readFile(
  page: Page,
  file: string,
  meanwhile: () => Promise<void>,
): Promise<string | null> {
  await page.getByLabel('Ride files').setInputFiles(file);
  // Handing the file over is the browser's work, not the page's.
  await page.evaluate(() => {
    window.told.longest = 0;
    window.told.last = performance.now();
  });
  const found = page.getByText(/\d+ rides? to add/);
  let over = false;
  const done = found.waitFor().finally(() => (over = true));
  while (!over) {
    await meanwhile();
    await new Promise((next) => setTimeout(next, 30));
  }
  await done;
  return await found.textContent();
}

async function weigh(browser: Browser, address: string, name: string, bytes: Uint8Array) {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'spoke-')), 'all.zip');
  writeFileSync(file, bytes);
  const weighed = await importPage(browser, address);
  const idle = await pagesMb(browser);
  let most = idle;
  const found = await readFile(weighed, file, async () => {
    most = Math.max(most, await pagesMb(browser));
  });
  await weighed.close();
  report(
    `Memory of the page while ${name} is read, MB`,
    most,
    250,
    `most PSS of Chromium’s page processes, every 30 ms; ${idle.toFixed(0)} MB before; archive ${(bytes.length / 1e6).toFixed(0)} MB; ${found}`,
  );
  // Apart from the weighing, which locks a page's memory while it counts; three times, for a wait of
  // the page's own making comes each time, one of the machine's making does not.
  const waits: number[] = [];
  const seconds: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    const timed = await importPage(browser, address);
    const began = performance.now();
    await readFile(timed, file, async () => {});
    seconds.push((performance.now() - began) / 1000);
    waits.push(await timed.evaluate(() => window.told.longest));
    await timed.close();
  }
  report(
    `Longest wait of the page for anything while ${name} is read, ms`,
    median(waits),
    50,
    `longest gap of a 4 ms timer in the page, up to its result; median of ${waits.map((w) => w.toFixed(0)).join(', ')}; read in ${median(seconds).toFixed(1)} s`,
  );
}

async function main(): Promise<void> {
  const ours = await serve('dist');
  const browser = await launch(chromium);
  for (const { name, make } of ARCHIVES) await weigh(browser, ours.address, name, make());
  await browser.close();
  ours.close();
}

void main();
