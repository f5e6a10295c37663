import { chromium, type Browser, type Page } from '@playwright/test';
import { launch, serve } from './browser';
import { median, report } from './report';
import { TASKS, type Hand, type Task } from './taskList';

/**
 * Twenty tasks with their taps and waits, so that no later screen makes them longer unnoticed; and how long the ten
 * commonest taps keep the page from its next paint on a processor four times slower.
 */
const NOW = new Date('2026-11-24T10:00:00Z');

async function opened(browser: Browser, address: string, at = '/'): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    locale: 'en-GB',
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.clock.install({ time: NOW });
  await page.goto(`${address}${at.slice(1)}?logbook=demo`);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await page.waitForTimeout(2500);
  return page;
}

async function doTask(page: Page, task: Task): Promise<{ taps: number; ms: number }> {
  let taps = 0;
  const hand: Hand = {
    page,
    tap: async (role, name) => {
      taps += 1;
      const exact = typeof name === 'string';
      await page.getByRole(role, { name, exact }).first().click();
    },
    type: async (label, text) => {
      taps += 1;
      await page.getByLabel(label).first().fill(text);
    },
  };
  const began = performance.now();
  await task.does(hand);
  await page.getByText(task.done).first().waitFor();
  return { taps, ms: performance.now() - began };
}

const TAPS = ['Show working', 'Hide working', 'Got wet', 'Heard a noise', 'Rag check'];
const PLACES = ['Rides', 'Bench', 'Shelf', 'Book', 'Today'];

/** Milliseconds from a tap to the next paint, by the browser’s own event timing, the slower half of three rounds. */
async function paints(browser: Browser, address: string): Promise<Record<string, number>> {
  const page = await opened(browser, address);
  const client = await page.context().newCDPSession(page);
  const took: Record<string, number[]> = {};
  await page.evaluate(() => {
    const seen: number[] = [];
    Object.assign(window, { seen });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries())
        if ((entry as PerformanceEntry & { interactionId: number }).interactionId > 0)
          seen.push(entry.duration);
    }).observe({ type: 'event', durationThreshold: 16, buffered: false } as never);
  });
  const tap = async (role: 'button' | 'link', name: string) => {
    await page.evaluate(() => ((window as unknown as { seen: number[] }).seen.length = 0));
    await page.getByRole(role, { name, exact: true }).first().click();
    await page.waitForTimeout(700);
    const seen = await page.evaluate(() => (window as unknown as { seen: number[] }).seen);
    (took[name] ??= []).push(Math.max(0, ...seen));
  };
  await client.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  for (let round = 0; round < 3; round++) {
    for (const name of TAPS) await tap('button', name);
    for (const name of PLACES) await tap('link', name);
  }
  await page.context().close();
  return Object.fromEntries(Object.entries(took).map(([name, list]) => [name, median(list)]));
}

async function main(): Promise<void> {
  const { address, close } = await serve('dist');
  const browser = await launch(chromium);
  console.log('task                                    taps  most     ms');
  for (const task of TASKS) {
    const page = await opened(browser, address, task.at);
    const { taps, ms } = await doTask(page, task);
    await page.context().close();
    if (taps > task.most) process.exitCode = 1;
    const mark = taps > task.most ? 'MISSED' : '';
    console.log(
      `${task.name.padEnd(40)}${String(taps).padStart(4)}${String(task.most).padStart(6)}${ms.toFixed(0).padStart(7)} ${mark}`,
    );
  }
  const slow = await paints(browser, address);
  await browser.close();
  close();
  for (const [name, ms] of Object.entries(slow))
    report(`Tap on ${name} to next paint, ms`, ms, 150, 'median of 3, processor 4 times slower');
}

void main();
