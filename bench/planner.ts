import { chromium, type Page } from '@playwright/test';
import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import { writeBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import type { Logbook } from '@/core/logbook/logbook';
import { planRequest } from '@/core/plan/ask';
import { solve } from '@/core/plan/solver/backward';
import { problemOf } from '@/core/plan/agenda/problemOf';
import { makePlan } from '@/core/plan/planner';
import type { BikeProblem } from '@/core/plan/solver/problem';
import { plainly } from '@/test/plainPlanner';
import { launch, restore, serve } from './browser';
import { eightLubes } from './eightLubes';
import { median, report, timed } from './report';
import { longestWait } from './waits';

const NOW = Date.now();
const WHAT_IFS = ['What if dry?', 'What if a storm?', 'Forecast'];
const ROUNDS = 3;

/** Plans made one after the other for weathers that differ: ms of each as the page waited for it. */
async function planned(page: Page): Promise<number[]> {
  for (const name of WHAT_IFS) {
    const before = await page.evaluate(() => performance.getEntriesByName('plan').length);
    await page.getByRole('radio', { name }).click();
    await page.waitForFunction((n) => performance.getEntriesByName('plan').length > n, before, {
      timeout: 60_000,
    });
  }
  return page.evaluate(() => performance.getEntriesByName('plan').map((e) => e.duration));
}

const list = (ms: readonly number[]) => ms.map((t) => t.toFixed(0)).join(', ');

async function inTheBrowser(logbook: Logbook): Promise<void> {
  const ours = await serve('dist');
  const browser = await launch(chromium);
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await restore(page, ours.address, writeBackup(logbook, new Date(NOW).toISOString()));
  // In a new page each time: a plan that was made before is kept.
  const [times, again]: [number[], number[]] = [[], []];
  const waits: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    await page.goto(`${ours.address}plan`);
    await page.getByRole('list', { name: 'Agenda' }).waitFor();
    waits.push(
      await longestWait(page, async () => {
        const news = await planned(page);
        times.push(...news);
        again.push(...(await planned(page)).slice(news.length));
      }),
    );
  }
  await browser.close();
  ours.close();
  report(
    'A plan of 28 days, three bikes, eight lubes, 20 futures, s in Chromium',
    median(times) / 1000,
    0.5,
    `median of ${times.length} plans, four in a new page: ${list(times)} ms; asked for again ${list(again)} ms`,
  );
  report(
    'Longest the page does not answer meanwhile, ms',
    Math.max(...waits),
    50,
    `a timer of 10 ms, over all those plans, in ${ROUNDS} pages: ${list(waits)} ms`,
  );
}

/** The first days of a problem with two of its lubes: as much as the plain planner gets done in time. */
function cut(problem: BikeProblem): BikeProblem {
  const coats = problem.coats.slice(0, 2);
  return {
    ...problem,
    coats,
    coatNow: 0,
    works: problem.works.filter((w) => w.coat === null || w.coat < coats.length),
    benches: problem.benches.slice(0, 4),
    natures: problem.natures.slice(0, 5),
  };
}

async function main(): Promise<void> {
  const logbook = eightLubes(NOW);
  const replay = new Replay(logbook.garage, allEvents(logbook.log));
  const reports = Object.keys(logbook.garage.bikes).flatMap(
    (id) => reportOn(replay, id, logbook.settings, NOW) ?? [],
  );
  const { request } = planRequest({
    ...logbook,
    replay,
    reports,
    forecasts: new Map(),
    now: NOW,
    zone: 'Europe/London',
    whatIf: 'forecast',
  });
  const first = request.bikes[0];
  if (!first) throw new Error('The demo has bikes.');
  const problem = cut(problemOf(request, first));
  const minutes = problem.benches.map((b) => b.minutes);
  const shared = minutes.map(() => false);
  solve(problem, minutes, shared);
  const fast = median([1, 2, 3].map(() => timed(() => solve(problem, minutes, shared))));
  const plain = timed(() => plainly(problem));
  report(
    'The values of a plan, times a plain planner on the same problem',
    fast / plain,
    0.1,
    `${fast.toFixed(0)} ms against ${plain.toFixed(0)} ms: one bike, 4 days, two lubes, 5 futures`,
  );
  const makes = async (bikes: typeof request.bikes) => {
    const start = performance.now();
    await makePlan({ ...request, bikes }, () => undefined);
    return performance.now() - start;
  };
  await makes(request.bikes);
  const thrice = async (bikes: typeof request.bikes) =>
    median([await makes(bikes), await makes(bikes), await makes(bikes)]);
  const one = [];
  for (const bike of request.bikes) one.push(await thrice([bike]));
  const all = await thrice(request.bikes);
  const sum = one.reduce((a, b) => a + b, 0);
  report(
    'A plan of three bikes, times the three planned alone',
    all / sum,
    1.5,
    `${all.toFixed(0)} ms against ${one.map((t) => t.toFixed(0)).join(' + ')} ms: linear in bikes, medians of 3`,
  );
  await inTheBrowser(logbook);
}

void main();
