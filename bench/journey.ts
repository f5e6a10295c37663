import { chromium, type Page } from '@playwright/test';
import { writeBackup } from '@/core/formats/backup';
import { NOW, twentyYears } from '@/test/twentyYears';
import { launch, restore, serve } from './browser';
import { logRide } from './logRide';
import { report } from './report';
import { vitalsOf, watchVitals } from './vitals';

const EVENTS = 50_000;
/** A phone: this machine, so many times slower. */
const SLOWER = 4;
const PHONE = { width: 390, height: 844 };

/** A step of the walk: a tap, and what shows that the place it leads to stands. */
interface Step {
  name: string;
  tap: (page: Page) => Promise<void>;
  stands: (page: Page) => Promise<void>;
}

const link = (name: string) => (page: Page) =>
  page.getByRole('link', { name, exact: true }).click();
const button = (name: string) => (page: Page) => page.getByRole('button', { name }).first().click();
const title = (name: string) => (page: Page) =>
  page.getByRole('heading', { name, level: 1 }).first().waitFor();

/** As a rider goes through it of an evening. */
const WALK: readonly Step[] = [
  {
    name: 'Rides',
    tap: link('Rides'),
    stands: (page) => page.locator('[data-index] a[href^="/rides/"]').first().waitFor(),
  },
  {
    name: 'a ride',
    tap: (page) => page.locator('[data-index] a[href^="/rides/"]').nth(3).click(),
    stands: (page) => page.getByLabel('Distance').waitFor(),
  },
  { name: 'Bench', tap: link('Bench'), stands: title('Bench') },
  { name: 'Shelf', tap: link('Shelf'), stands: title('Shelf') },
  { name: 'Book', tap: link('Book'), stands: title('Book') },
  {
    name: 'the history',
    tap: (page) => page.getByRole('link', { name: /^History/ }).click(),
    stands: (page) => page.getByRole('button', { name: 'Delete' }).first().waitFor(),
  },
  {
    name: 'Today',
    tap: link('Today'),
    stands: (page) => page.getByRole('region', { name: 'Verdict' }).waitFor(),
  },
  {
    name: 'the working',
    tap: button('Show working'),
    stands: (page) => page.getByRole('heading', { name: 'Working' }).waitFor(),
  },
  {
    name: 'the plan',
    tap: button('The plan'),
    stands: (page) => page.getByRole('list', { name: 'Agenda' }).waitFor(),
  },
];

/** A walk through twenty years on a slow phone: how long each tap waits for an answer, and each place until it stands. */
async function main(): Promise<void> {
  const { address, close } = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const context = await browser.newContext({ viewport: PHONE, serviceWorkers: 'block' });
  const first = await context.newPage();
  await restore(first, address, writeBackup(twentyYears(EVENTS), new Date(NOW).toISOString()));
  // The look is made once the page has rested.
  await first.waitForTimeout(25_000);
  await first.close();
  const page = await context.newPage();
  await watchVitals(page);
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const opened = performance.now();
  await page.goto(address);
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  const took = [`the verdict ${(performance.now() - opened).toFixed(0)}`];
  for (const { name, tap, stands } of WALK) {
    const start = performance.now();
    await tap(page);
    await stands(page);
    took.push(`${name} ${(performance.now() - start).toFixed(0)}`);
    await page.waitForTimeout(700);
  }
  const { answer, disk } = await logRide(page, 21);
  const { inp } = await vitalsOf(page);
  await browser.close();
  close();
  const where = `a walk through ${EVENTS} events at ${PHONE.width} px, CPU ${SLOWER} times slower`;
  report(`Longest wait for the answer to a tap in ${where}, ms`, inp, 300, `web-vitals’ INP`);
  report(
    `Logging a ride in it: answer, ms`,
    answer,
    300,
    `places stood after ${took.join(', ')} ms`,
  );
  report(`Logging a ride in it: on disk, ms`, disk, 3000, `from the tap on “Save ride”`);
}

void main();
