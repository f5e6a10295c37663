import { chromium, type Page } from '@playwright/test';
import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import { ride } from '@/core/care/model/ride';
import { rodeOn, standOn } from '@/core/care/model/stand';
import { work } from '@/core/care/model/work';
import type { Factors } from '@/core/care/model/personal';
import { demoLogbook } from '@/core/demo/scenario';
import { GRAVEL } from '@/core/demo/island';
import { allEvents } from '@/core/logbook/chunks';
import { REGIME_NAMES } from '@/core/years/regimes';
import { worksWith } from '@/core/years/works';
import { YearsPlayer, type YearsAsked } from '@/core/years/years';
import { yearsQuestion } from '@/core/years/question';
import { launch, serve } from './browser';
import { median, report, timed } from './report';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const RUNS = 5;

function question(): YearsAsked {
  const demo = demoLogbook(NOW, 'Europe/London');
  const replay = new Replay(demo.garage, allEvents(demo.log));
  const about = reportOn(replay, GRAVEL, demo.settings, NOW)!;
  return yearsQuestion(
    { report: about, replay, settings: demo.settings, now: NOW },
    { years: 5, futures: 100, seed: 1, regimes: REGIME_NAMES, lubes: ['all-weather'] },
  ).asked;
}

/**
 * The same rides by the plain functions of the care model, a copy a step, each future with weather of its own: what one
 * would write first. Only riding, standing and a coat where the film is spent.
 */
function plainFuture(asked: YearsAsked, k: number): void {
  const works = worksWith(asked.lubes[0]!.lube, asked.between);
  const nature: Factors = { life: 1, grit: 1, wear: 1 };
  for (const name of REGIME_NAMES) {
    let state = asked.start!.state;
    let cogs = asked.start!.cogs;
    for (let year = 0; year < asked.years; year++) {
      const own = new YearsPlayer({ ...asked, seed: asked.seed + 31 * k + year, regimes: [] });
      for (const leg of own.legsOf(year)) {
        const at = asked.now + year * 31_536_000_000 + leg.at;
        state = { ...state };
        standOn(state, at, leg.air);
        if (name !== 'never' && state.film < 0.15) {
          const done = work(state, cogs, works.topUp.spec, { air: leg.air });
          state = done.state;
          cogs = done.cogs;
        }
        const ridden = ride(state, cogs, leg.x, nature);
        state = { ...ridden.state };
        cogs = ridden.cogs;
        rodeOn(state, leg.x, leg.air);
      }
    }
  }
}

const ALL = Array.from({ length: 100 }, (_, k) => k);

function againstPlain(): void {
  const asked = question();
  const ours = median(
    Array.from({ length: 3 }, () => timed(() => new YearsPlayer(asked).futures(ALL))),
  );
  const PLAIN = 3;
  const plain =
    (timed(() => {
      for (let k = 0; k < PLAIN; k++) plainFuture(asked, k);
    }) /
      PLAIN) *
    100;
  report(
    'Five years, six ways, 100 futures: share of a plain reference’s time',
    ours / plain,
    0.1,
    `${ours.toFixed(0)} ms on one core against ${(plain / 1000).toFixed(1)} s, worked out from ${PLAIN} futures`,
  );
}

/** Notes in the page when the first answer and all of it are there: our own runner is slowed by the workers. */
const WATCH = `
  window.silence = 0;
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries())
      if (window.asked) window.silence = Math.max(window.silence, duration);
  }).observe({ type: 'longtask' });
  addEventListener('click', () => { window.asked = performance.now(); }, true);
  new MutationObserver(() => {
    if (!window.asked || window.all) return;
    const known = document.body.textContent.includes('Side by side');
    if (known && !window.first) window.first = performance.now() - window.asked;
    const playing = document.querySelector('[role=progressbar]');
    if (known && !playing) window.all = performance.now() - window.asked;
  }).observe(document, { subtree: true, childList: true });`;

/** Milliseconds from asking for the years to a first answer, and to all of it; and the longest silence of the page. */
async function inBrowser(page: Page): Promise<{ first: number; all: number; silence: number }> {
  await page.getByRole('link', { name: /^Years/ }).click();
  await page.waitForFunction(() => (window as unknown as { all?: number }).all);
  const [first, all, silence] = (await page.evaluate(
    '[window.first, window.all, window.silence]',
  )) as [number, number, number];
  return { first, all, silence };
}

async function main(): Promise<void> {
  againstPlain();
  const ours = await serve('dist');
  const browser = await launch(chromium);
  const runs: { first: number; all: number; silence: number }[] = [];
  for (let n = 0; n < RUNS; n++) {
    const page = await browser.newPage({
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'block',
    });
    await page.addInitScript(WATCH);
    await page.goto(`${ours.address}book?logbook=demo`);
    await page.getByText(/^Saved \d/).waitFor();
    // What the app does after it opened (the plan, the backup) is not measured here.
    await page.waitForTimeout(6000);
    runs.push(await inBrowser(page));
    await page.close();
  }
  await browser.close();
  ours.close();
  const of = (key: 'first' | 'all' | 'silence') => runs.map((run) => run[key]);
  const said = (key: 'first' | 'all' | 'silence') =>
    `median of ${RUNS}: ${of(key)
      .map((ms) => ms.toFixed(0))
      .join(', ')} ms, in Chromium with its workers`;
  report('Years ahead: first answer, ms', median(of('first')), 500, said('first'));
  report('Years ahead: all of it, ms', median(of('all')), 3000, said('all'));
  report(
    'Years ahead: longest silence of the page meanwhile, ms',
    median(of('silence')),
    50,
    said('silence'),
  );
}

void main();
