import { chromium, type Page } from '@playwright/test';
import { launch, restore, serve } from './browser';
import { manyEvents } from './manyEvents';
import { median, report } from './report';

const EVENTS = 20_000;
const RUNS = 7;

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

async function main(): Promise<void> {
  const { address, close } = await serve('dist');
  const browser = await launch(chromium);
  const context = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const page = await context.newPage();
  await restore(page, address, manyEvents(EVENTS));
  await page.goto(address);
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  const runs: Awaited<ReturnType<typeof logRide>>[] = [];
  for (let n = 0; n < RUNS; n++) runs.push(await logRide(page, 10 + n));
  await browser.close();
  close();
  const how = `median of ${RUNS} rides logged in a logbook of ${EVENTS} events`;
  report('Logging a ride: answer on screen, ms', median(runs.map((r) => r.answer)), 100, how);
  report('Logging a ride: on disk, ms', median(runs.map((r) => r.disk)), 1000, how);
}

void main();
