import { chromium, type Page } from '@playwright/test';
import { launch, serve } from './browser';
import { median, report } from './report';
import { vitalsOf, watchVitals } from './vitals';

const NOW = Date.parse('2026-11-24T10:00:00Z');
/** A phone: this machine, so many times slower. */
const SLOWER = 4;
const RUNS = 3;
/** What a tap changes is drawn by then. */
const ANSWERED_MS = 1500;

/** The ten commonest taps: where, and on what. */
const TAPS: readonly (readonly [name: string, path: string, tap: (page: Page) => Promise<void>])[] =
  [
    ['Rode', '', (page) => page.getByRole('button', { name: 'Rode' }).click()],
    ['Got wet', '', (page) => page.getByRole('button', { name: 'Got wet' }).click()],
    ['Rag check', '', (page) => page.getByRole('button', { name: 'Rag check' }).click()],
    ['Show working', '', (page) => page.getByRole('button', { name: 'Show working' }).click()],
    ['Another bike', '', (page) => page.getByRole('button', { name: /racer/ }).first().click()],
    ['Rides', '', (page) => page.getByRole('link', { name: 'Rides' }).click()],
    ['Bench', '', (page) => page.getByRole('link', { name: 'Bench' }).click()],
    ['A ride', 'rides', (page) => page.locator('#main a[href^="/rides/"]').nth(3).click()],
    ['The plan', '', (page) => page.getByRole('button', { name: 'The plan' }).click()],
    ['Save a ride', 'rides/log', saveRide],
  ];

async function saveRide(page: Page): Promise<void> {
  await page.getByLabel('Distance').fill('31');
  await page.getByRole('button', { name: 'Save ride' }).click();
}

/** How long a tap waits for the paint that answers it, on a slow phone. */
async function main(): Promise<void> {
  const ours = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const waits: [number, string][] = [];
  for (const [name, path, tap] of TAPS) {
    const runs: number[] = [];
    for (let run = 0; run < RUNS; run++) {
      const context = await browser.newContext({
        viewport: { width: 390, height: 844 },
        serviceWorkers: 'block',
      });
      const page = await context.newPage();
      await watchVitals(page);
      await page.goto(`${ours.address}${path}?logbook=demo`);
      await page.getByRole('heading', { level: 1 }).first().waitFor();
      await page.waitForTimeout(3000);
      const session = await context.newCDPSession(page);
      await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
      await tap(page);
      await page.waitForTimeout(ANSWERED_MS);
      runs.push((await vitalsOf(page)).inp);
      await context.close();
    }
    waits.push([median(runs), name]);
  }
  await browser.close();
  ours.close();
  waits.sort((a, b) => b[0] - a[0]);
  report(
    `Longest wait of the ${TAPS.length} commonest taps, ms`,
    waits[0]![0],
    200,
    `web-vitals’ INP, CPU ${SLOWER} times slower, medians of ${RUNS}: ${waits.map(([ms, name]) => `${name} ${ms.toFixed(0)}`).join(', ')}`,
  );
}

void main();
