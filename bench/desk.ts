import { chromium, type BrowserContext } from '@playwright/test';
import { launch, serve } from './browser';
import { report } from './report';
import { vitalsOf, watchVitals } from './vitals';

/** The moment of the demo, so that it is the same each time. */
const NOW = Date.parse('2026-11-24T10:00:00Z');
const VIEWS = [
  '',
  'rides',
  'plan',
  'bench',
  'bench/rounds',
  'shelf',
  'shelf/choose',
  'shelf/handbook',
  'book',
  'book/garage',
  'book/history',
  'book/money',
  'book/watts',
  'book/years',
  'book/trials',
  'book/files',
  'book/settings',
  'book/words',
  'find',
];
const SIZES = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
];
/** Late pieces of a page have come by then. */
const SETTLED_MS = 3500;

/** Checks of the kind a browser's own audit makes: it can be installed, works offline, and nothing jumps. */
async function main(): Promise<void> {
  const ours = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${ours.address}?logbook=demo`);
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  report('Faults that keep it from being installed', await faults(context), 0, 'Chromium’s own');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await context.setOffline(true);
  await page.reload();
  const offline = await page
    .getByRole('region', { name: 'Verdict' })
    .waitFor({ timeout: 15_000 })
    .then(
      () => 0,
      () => 1,
    );
  report('Verdicts missing without a network', offline, 0, 'reloaded with the network off');
  await context.close();
  for (const viewport of SIZES) {
    const shifts: [number, string][] = [];
    for (const view of VIEWS) {
      const looking = await browser.newContext({ viewport, serviceWorkers: 'block' });
      const shown = await looking.newPage();
      await watchVitals(shown);
      await shown.goto(`${ours.address}${view}?logbook=demo`);
      await shown.waitForTimeout(SETTLED_MS);
      shifts.push([(await vitalsOf(shown)).cls, view || 'Today']);
      await looking.close();
    }
    const [worst, where] = shifts.sort((a, b) => b[0] - a[0])[0] as [number, string];
    report(
      `Layout shift of the ${VIEWS.length} main views at ${viewport.width} px, the worst`,
      worst,
      0.02,
      `web-vitals’ CLS, cold, ${SETTLED_MS} ms: ${where}`,
    );
  }
  await browser.close();
  ours.close();
}

async function faults(context: BrowserContext): Promise<number> {
  const session = await context.newCDPSession(context.pages()[0]!);
  const { installabilityErrors } = await session.send('Page.getInstallabilityErrors');
  // A window of its own for private browsing cannot install anything: that is no fault of the app.
  return installabilityErrors.filter(({ errorId }) => errorId !== 'in-incognito').length;
}

void main();
