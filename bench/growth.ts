import { mkdirSync, writeFileSync } from 'node:fs';
import { chromium, type Browser } from '@playwright/test';
import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import { writeBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import { planRequest } from '@/core/plan/ask';
import { makePlan } from '@/core/plan/planner';
import { NOW, twentyYears } from '@/test/twentyYears';
import { launch, restore, serve } from './browser';
import { pagesMb } from './memory';
import { verdictIn } from './opening';
import { median, timed } from './report';

/**
 * How the times grow with the logbook: measures each size of it and writes `.bench/growth.json`, from which
 * scripts/growth.mjs draws docs/performance.svg. Not a check: the bounds are in the other measures.
 */
const EVENTS = [1000, 10_000, 50_000];
const BIKES = [1, 3, 10];
const RUNS = 5;

interface Curve {
  name: string;
  unit: string;
  /** What it grows with, and what was measured at each. */
  by: 'events' | 'bikes';
  at: number[];
  values: number[];
}

const often = (job: () => unknown): number =>
  median(Array.from({ length: RUNS }, () => timed(job)));

function inNode(logbook: Logbook): Record<string, number> {
  const log = allEvents(logbook.log);
  const text = JSON.stringify(log);
  const replay = new Replay(logbook.garage, log);
  const last = log.findLast((e) => e.type === 'rideLogged') as LogEvent;
  const adds = Array.from({ length: 20 }, (_, n) => {
    const at = new Date(Date.parse(last.at) + (n + 1) * 3_600_000).toISOString();
    return timed(() => replay.add([{ ...last, id: `added-${n}`, at, recordedAt: at } as LogEvent]));
  });
  return {
    'JSON.parse of the log': often(() => JSON.parse(text)),
    'Full replay': often(() => new Replay(logbook.garage, log)),
    'Adding a ride': median(adds),
  };
}

async function inBrowser(browser: Browser, address: string, logbook: Logbook) {
  const context = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const page = await context.newPage();
  await restore(page, address, writeBackup(logbook, new Date(NOW).toISOString()));
  await page.waitForTimeout(25_000);
  await page.close();
  const opens: number[] = [];
  for (let n = 0; n < RUNS; n++) opens.push(await verdictIn(context, address));
  const open = await context.newPage();
  await open.goto(address);
  await open.getByRole('region', { name: 'Verdict' }).waitFor();
  await open.waitForTimeout(8000);
  const session = await context.newCDPSession(open);
  await session.send('HeapProfiler.collectGarbage');
  const mb = await pagesMb(browser);
  await context.close();
  return { 'Opening to a verdict': median(opens), 'Memory of the page': mb };
}

/** A plan for so many bikes of a long logbook, ms. */
async function planning(logbook: Logbook, many: number): Promise<number> {
  const replay = new Replay(logbook.garage, allEvents(logbook.log));
  const reports = Object.keys(logbook.garage.bikes)
    .slice(0, many)
    .flatMap((id) => reportOn(replay, id, logbook.settings, NOW) ?? []);
  const asked = { ...logbook, replay, reports, forecasts: new Map(), now: NOW };
  const { request } = planRequest({ ...asked, zone: 'Europe/London', whatIf: 'forecast' });
  const start = performance.now();
  await makePlan(request, () => undefined);
  return performance.now() - start;
}

async function main(): Promise<void> {
  const { address, close } = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const curves = new Map<string, Curve>();
  const note = (name: string, by: Curve['by'], at: number, value: number) => {
    const unit = name.startsWith('Memory') ? 'MB' : 'ms';
    const curve = curves.get(name) ?? { name, unit, by, at: [], values: [] };
    curve.at.push(at);
    curve.values.push(Number(value.toPrecision(3)));
    curves.set(name, curve);
  };
  for (const many of EVENTS) {
    const logbook = twentyYears(many);
    const figures = { ...inNode(logbook), ...(await inBrowser(browser, address, logbook)) };
    for (const [name, value] of Object.entries(figures)) note(name, 'events', many, value);
  }
  await browser.close();
  close();
  const all = twentyYears();
  await planning(all, 1);
  for (const many of BIKES) note('A plan of 28 days', 'bikes', many, await planning(all, many));
  mkdirSync('.bench', { recursive: true });
  writeFileSync('.bench/growth.json', JSON.stringify([...curves.values()], null, 2));
  for (const { name, unit, at, values } of curves.values())
    console.log(`${name}, ${unit}: ${at.map((x, n) => `${x}: ${values[n]}`).join(' · ')}`);
}

void main();
