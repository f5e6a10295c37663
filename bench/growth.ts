import { mkdirSync, writeFileSync } from 'node:fs';
import { chromium, type Browser } from '@playwright/test';
import { Replay } from '@/core/care/replay/replay';
import { writeBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import { NOW, twentyYears } from '@/test/twentyYears';
import { launch, restore, serve } from './browser';
import { chooseForAll } from './chooseForAll';
import { firstRows } from './firstRows';
import { logRide, type Logged } from './logRide';
import { pagesMb } from './memory';
import { verdictIn } from './opening';
import { planIn } from './planIn';
import { median, timed } from './report';

/**
 * How the times grow with the logbook, and with its bikes: measures each size of it and writes `.bench/growth.json`, from which
 * scripts/growth.mjs draws docs/performance.svg. Not a check: the bounds are in the other measures.
 */
const EVENTS = [1000, 10_000, 50_000];
const BIKES = [1, 3, 10] as const;
const RUNS = 5;

interface Curve {
  name: string;
  /** What it grows with, and what was measured at each. */
  by: 'events' | 'bikes';
  at: number[];
  values: number[];
}

const often = (job: () => unknown): number =>
  median(Array.from({ length: RUNS }, () => timed(job)));

async function inTurn<T>(job: (n: number) => Promise<T>): Promise<T[]> {
  const found: T[] = [];
  for (let n = 0; n < RUNS; n++) found.push(await job(n));
  return found;
}

function inNode({ garage, log: chunks }: Logbook): Record<string, number> {
  const log = allEvents(chunks);
  const text = JSON.stringify(log);
  const replay = new Replay(garage, log);
  const last = log.findLast((e) => e.type === 'rideLogged') as LogEvent;
  const adds = Array.from({ length: 20 }, (_, n) => {
    const at = new Date(Date.parse(last.at) + (n + 1) * 3_600_000).toISOString();
    return timed(() => replay.add([{ ...last, id: `added-${n}`, at, recordedAt: at } as LogEvent]));
  });
  return {
    'JSON.parse of the log, ms': often(() => JSON.parse(text)),
    'Full replay, ms': often(() => new Replay(garage, log)),
    'Adding a ride, ms': median(adds),
    'Choice of a lube for all, ms': often(() => chooseForAll(garage, replay.steps, NOW)),
  };
}

async function inBrowser(browser: Browser, address: string, logbook: Logbook) {
  const context = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const first = await context.newPage();
  await restore(first, address, writeBackup(logbook, new Date(NOW).toISOString()));
  // The look is made once the page has rested.
  await first.waitForTimeout(25_000);
  await first.close();
  const opens = await inTurn(() => verdictIn(context, address));
  const rows = await inTurn(async () => {
    const page = await context.newPage();
    await page.goto(address);
    const ms = await firstRows(page);
    await page.close();
    return ms;
  });
  const plans = await inTurn(() => planIn(context, address));
  const page = await context.newPage();
  await page.goto(address);
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  await page.waitForTimeout(8000);
  const session = await context.newCDPSession(page);
  await session.send('HeapProfiler.collectGarbage');
  const mb = await pagesMb(browser);
  const logged = await inTurn((n): Promise<Logged> => logRide(page, 10 + n));
  await context.close();
  return {
    'Opening to a verdict, ms': median(opens),
    'First rows of the rides, ms': median(rows),
    'Ride logged: answer, ms': median(logged.map(({ answer }) => answer)),
    'Ride logged: on disk, ms': median(logged.map(({ disk }) => disk)),
    'A plan of 28 days, s': median(plans),
    'Memory of the page, MB': mb,
  };
}

async function main(): Promise<void> {
  const { address, close } = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const curves = new Map<string, Curve>();
  const note = (by: Curve['by'], at: number, figures: Record<string, number>) => {
    for (const [name, value] of Object.entries(figures)) {
      const curve = curves.get(`${by} ${name}`) ?? { name, by, at: [], values: [] };
      curve.at.push(at);
      curve.values.push(Number(value.toPrecision(3)));
      curves.set(`${by} ${name}`, curve);
    }
  };
  const measured = async (logbook: Logbook) => ({
    ...inNode(logbook),
    ...(await inBrowser(browser, address, logbook)),
  });
  for (const many of EVENTS) note('events', many, await measured(twentyYears(many)));
  for (const many of BIKES) note('bikes', many, await measured(twentyYears(undefined, many)));
  await browser.close();
  close();
  mkdirSync('.bench', { recursive: true });
  writeFileSync('.bench/growth.json', JSON.stringify([...curves.values()], null, 2));
  for (const { name, by, at, values } of curves.values())
    console.log(`${name}: ${at.map((x, n) => `${x} ${by}: ${values[n]}`).join(' · ')}`);
}

void main();
