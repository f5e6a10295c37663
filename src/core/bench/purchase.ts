import type { Depth } from '../records/kinds';
import { TOOLS, type Tool } from '../records/workshop';
import { offers, type AtTheBench, type Wanted } from './offer';

/** A tool that would save time, and how many minutes a year. */
export interface Purchase {
  tool: Tool;
  minutes: number;
}

/** Jobs of a plan, as so many a year of each depth. */
export function jobsAYear(depths: readonly Depth[], planDays: number): Map<Depth, number> {
  const counts = new Map<Depth, number>();
  for (const depth of depths) counts.set(depth, (counts.get(depth) ?? 0) + 365 / planDays);
  return counts;
}

/** Hands-on minutes a year with some tools; null where a job cannot be done with them. */
function minutesWith(
  at: AtTheBench,
  wanted: Wanted,
  jobs: ReadonlyMap<Depth, number>,
  tools: readonly Tool[],
): number | null {
  const { settings } = at;
  const workshop = { ...settings.workshop, tools: [...tools] };
  const clean = tools.includes('scrubber') ? 'scrubber' : 'brush';
  const list = offers({ ...at, settings: { ...settings, workshop } }, { ...wanted, clean });
  let sum = 0;
  for (const [depth, times] of jobs) {
    const time = list.find((o) => o.depth === depth)?.time;
    if (!time) return null;
    // A rider waits for what dries or melts: waiting beyond the hands counts a tenth.
    sum += times * (time.handsOn + (time.elapsed - time.handsOn) / 10);
  }
  return sum;
}

/** Returns the one tool that would save most minutes a year on the jobs there are; null: none saves five. */
export function bestPurchase(
  at: AtTheBench,
  wanted: Wanted,
  jobs: ReadonlyMap<Depth, number>,
): Purchase | null {
  const { tools } = at.settings.workshop;
  const now = minutesWith(at, wanted, jobs, tools);
  if (now === null) return null;
  const saved = TOOLS.filter((tool) => !tools.includes(tool)).map((tool): Purchase => {
    const then = minutesWith(at, wanted, jobs, [...tools, tool]);
    return { tool, minutes: then === null ? 0 : now - then };
  });
  const best = saved.reduce<Purchase | null>(
    (a, b) => (b.minutes > (a?.minutes ?? 0) ? b : a),
    null,
  );
  return best && best.minutes >= LEAST_WORTH_SAYING ? best : null;
}

/** Less than this a year is not worth a word, minutes. Own choice. */
const LEAST_WORTH_SAYING = 5;
