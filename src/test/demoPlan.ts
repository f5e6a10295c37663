import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import { demoLogbook } from '@/core/demo/scenario';
import { COMMUTER, GRAVEL, RACER } from '@/core/demo/island';
import { allEvents } from '@/core/logbook/chunks';
import { planRequest } from '@/core/plan/ask';

/** The moment at which tests plan the demo. */
export const DEMO_NOW = Date.parse('2026-11-24T10:00:00Z');
const ALL = [COMMUTER, GRAVEL, RACER];

/** The demo's garage and its replay; the last one is kept, since tests plan it again and again. */
let last: { book: ReturnType<typeof demoLogbook>; replay: Replay; of: string } | null = null;
function replayed(now: number, zone: string) {
  const of = `${now} ${zone}`;
  if (last?.of === of) return last;
  const book = demoLogbook(now, zone);
  last = { book, replay: new Replay(book.garage, allEvents(book.log)), of };
  return last;
}

/** The demo's garage, and what the planner is asked of it, for all its bikes or some. */
export function demoPlan(bikes: readonly string[] = ALL, now = DEMO_NOW, zone = 'UTC') {
  const { book, replay } = replayed(now, zone);
  const reports = bikes.flatMap((id) => reportOn(replay, id, book.settings, now) ?? []);
  const basis = { ...book, replay, reports, forecasts: new Map(), now, zone };
  return { book, replay, request: planRequest({ ...basis, whatIf: 'forecast' }).request };
}
