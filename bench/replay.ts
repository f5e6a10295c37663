import { Replay } from '@/core/care/replay/replay';
import { demoLogbook } from '@/core/demo/scenario';
import { allEvents } from '@/core/logbook/chunks';
import { byTime } from '@/core/logbook/resolve';
import { isPlain } from '@/core/logbook/events';
import type { LogEvent } from '@/core/records/event';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/units/convert';
import { median, report, timed } from './report';

/** Rides, work and notes of the demo's eight months, again and again backwards in time. */
const EVENTS = [10_000, 50_000];
const RUNS = 31;
/** The long one takes seconds to play. */
const LONG_RUNS = 7;
/** So many rides are added one after the other, an hour apart. */
const ADDED = 20;
const demo = demoLogbook(Date.parse('2026-11-24T10:00:00Z'), 'Europe/London');
const base = allEvents(demo.log);

/** So many rounds of the demo that they hold so many events of rides, work and notes. */
function logOf(events: readonly LogEvent[], many: number): LogEvent[] {
  const log: LogEvent[] = [];
  let plain = 0;
  for (let round = 0; plain < many; round++)
    for (const event of events) {
      if (plain === many) break;
      if (isPlain(event)) plain += 1;
      const at = new Date(Date.parse(event.at) - round * 243 * MS_PER_DAY).toISOString();
      log.push({ ...event, id: `${event.id}-${round}`, at, recordedAt: at } as LogEvent);
    }
  return log.sort(byTime);
}

/** Adds rides of today to a replay one by one; returns how long each took, ms. */
function adding(replay: Replay, log: readonly LogEvent[]): number[] {
  const last = log.findLast((e) => e.type === 'rideLogged') as LogEvent;
  return Array.from({ length: ADDED }, (_, n) => {
    const at = new Date(Date.parse(last.at) + (n + 1) * MS_PER_HOUR).toISOString();
    const ride = { ...last, id: `added-${n}`, at, recordedAt: at } as LogEvent;
    return timed(() => replay.add([ride]));
  });
}

const ms = (x: number) => `${x.toFixed(2)} ms`;

function measure(what: string, events: readonly LogEvent[]): void {
  const [log, longer] = EVENTS.map((many) => logOf(events, many)) as [LogEvent[], LogEvent[]];
  const text = JSON.stringify(log);
  const parse: number[] = [];
  const full: number[] = [];
  const add: number[] = [];
  const addToLong: number[] = [];
  const addBeside: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    parse.push(timed(() => JSON.parse(text)));
    full.push(timed(() => new Replay(demo.garage, log)));
    const toShort = adding(new Replay(demo.garage, log), log);
    add.push(...toShort);
    if (n >= LONG_RUNS) continue;
    // Both were only just made: that is what a rider adds the first ride to.
    addBeside.push(...toShort);
    addToLong.push(...adding(new Replay(demo.garage, longer), longer));
  }
  report(
    `Full replay of 10,000 events${what}, times JSON.parse of the same log`,
    median(full) / median(parse),
    1,
    `medians of ${RUNS}, in turns: replay ${ms(median(full))}, JSON.parse of ${(text.length / 1e6).toFixed(1)} MB ${ms(median(parse))}`,
  );
  report(
    `Adding one ride to it${what}, % of the full replay`,
    (100 * median(add)) / median(full),
    0.05,
    `median of ${RUNS} × ${ADDED} rides: ${ms(median(add))}`,
  );
  report(
    `Adding one ride to 50,000 events${what}, times adding it to 10,000`,
    median(addToLong) / median(addBeside),
    1.2,
    `medians of ${LONG_RUNS} × ${ADDED}, in turns: ${ms(median(addToLong))} against ${ms(median(addBeside))}`,
  );
}

measure('', base.filter(isPlain));
measure(' with their hourly weather', base);
