import { Replay } from '@/core/care';
import { demoLogbook } from '@/core/demo';
import { allEvents, byTime, isPlain, type LogEvent } from '@/core/logbook';
import { MS_PER_DAY } from '@/core/units';
import { median, report, timed } from './report';

/** A log of 10,000 events: the demo's eight months, again and again backwards in time. */
const EVENTS = 10_000;
const RUNS = 31;
const demo = demoLogbook(Date.parse('2026-11-24T10:00:00Z'), 'Europe/London');
const base = allEvents(demo.log);

/** So many rounds of the demo that they hold 10,000 events of rides, work and notes. */
function logOf(events: readonly LogEvent[]): LogEvent[] {
  const log: LogEvent[] = [];
  let plain = 0;
  for (let round = 0; plain < EVENTS; round++)
    for (const event of events) {
      if (plain === EVENTS) break;
      if (isPlain(event)) plain += 1;
      const at = new Date(Date.parse(event.at) - round * 243 * MS_PER_DAY).toISOString();
      log.push({ ...event, id: `${event.id}-${round}`, at, recordedAt: at } as LogEvent);
    }
  return log.sort(byTime);
}

function measure(what: string, log: readonly LogEvent[]): void {
  const text = JSON.stringify(log);
  const last = log.findLast((e) => e.type === 'rideLogged') as LogEvent;
  const parse: number[] = [];
  const full: number[] = [];
  const add: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    parse.push(timed(() => JSON.parse(text)));
    full.push(timed(() => new Replay(demo.garage, log)));
    const replay = new Replay(demo.garage, log);
    const at = new Date(Date.parse(last.at) + 3_600_000).toISOString();
    add.push(
      timed(() => replay.add([{ ...last, id: `added-${n}`, at, recordedAt: at } as LogEvent])),
    );
  }
  const ms = (x: number) => `${x.toFixed(2)} ms`;
  report(
    `Full replay of 10,000 events${what}, times JSON.parse of the same log`,
    median(full) / median(parse),
    1,
    `medians of ${RUNS}: replay ${ms(median(full))}, JSON.parse of ${(text.length / 1e6).toFixed(1)} MB ${ms(median(parse))}`,
  );
  report(
    `Adding one ride to it${what}, % of the full replay`,
    (100 * median(add)) / median(full),
    0.05,
    `median of ${RUNS}: ${ms(median(add))}`,
  );
}

measure('', logOf(base.filter(isPlain)));
measure(' with their hourly weather', logOf(base));
