import type { BenchSlot, BikeProblem, Work } from '@/core/plan/solver/problem';

/**
 * Rules and prices of a plan, written once more and plainly from docs/planning.md and docs/model.md: tests hold the planner's own
 * against them. No constant is read from the code.
 */

/** What is so when a work is asked for. */
export interface PlainCase {
  work: Work;
  bench: BenchSlot;
  /** What is on the chain: its family, its coat's number, whether it is wet. */
  family: 'oil' | 'wax' | 'bare';
  coat: number;
  wet: boolean;
  minutes: number;
  /** Another bike is on the stand. */
  shared: boolean;
}

/** The reasons why a work may not be done, in words. */
export function whyNot(c: PlainCase): string[] {
  const { work, bench } = c;
  const lubes = work.coat !== null;
  const minutes = c.shared ? Math.max(2, work.handsOn - 3) : work.handsOn;
  const { temperatureC: warmth, humidity } = bench.air;
  // Set times are for 20 °C and 50 %. Solvent leaves half as fast for each 10 °C less, water by the thirst
  // of the air (Magnus), which is never less than a small floor.
  const thirst = (t: number, h: number) =>
    Math.max(0.05, 0.61094 * Math.exp((17.625 * t) / (t + 243.04)) * (1 - h));
  const stretch = {
    none: 1,
    solvent: 2 ** ((20 - warmth) / 10),
    water: thirst(20, 0.5) / thirst(warmth, humidity),
  }[work.carrier];
  const ready = work.elapsed / 60 + (lubes ? work.setHours * stretch : 0);
  const waits = bench.nextRideAt === null ? Infinity : (bench.nextRideAt - bench.from) / 3_600_000;
  const reasons: [string, boolean][] = [
    ['the rider said to leave it', bench.mark === 'leave'],
    ['it does not go over what is on', !work.over.includes(c.family)],
    ['too few minutes', minutes > c.minutes],
    ['nothing new on the eve of a race', bench.raceEve && lubes && !c.wet],
    ['no other lube within a week of a race', bench.sameLube && lubes && work.coat !== c.coat],
    ['too cold for its label', work.leastC !== null && warmth < work.leastC],
    ['the bottle is empty', work.coatsLeft !== null && work.coatsLeft < 1],
    ['it would not be set in time', ready > waits + 1 / 60],
  ];
  return reasons.filter(([, is]) => is).map(([name]) => name);
}

const within = (x: number): number => Math.min(1, Math.max(0, x));

/** How much dirtier than the standard a chain is: each kind of grit from its limit on, in full 0.2 beyond it. */
export const plainGrubbiness = (o: number, i: number, limits: BikeProblem['limits']): number =>
  within((o - limits.outside) / 0.2) + within((i - limits.inside) / 0.2);

/** What a work costs: its minutes at the rider's hour, and what it takes off the shelf. */
export const plainPrice = (work: Work, hour: number): number =>
  (work.handsOn / 60) * hour + work.money;

/** How many times a watt, and a dry kilometre, counts by what hangs on the ride. */
export const PLAIN_WEIGHT = {
  ordinary: { watt: 1, dry: 1 },
  'long day': { watt: 1, dry: 5 },
  race: { watt: 20, dry: 5 },
} as const;

/** What it takes to make a chain new again at the end of a plan, by the cheapest coat, wipe and clean there is. */
export function plainEnd(p: BikeProblem, s: { film: number; o: number; i: number; c: number }) {
  const prices = (which: (w: Work) => boolean) =>
    p.works.filter(which).map((w) => plainPrice(w, p.prices.hour));
  const least = (list: number[]) => list.reduce((a, b) => Math.min(a, b), 20);
  const coat = least(prices((w) => w.coat !== null && !w.deep));
  const wipe = least(prices((w) => w.coat === null));
  const clean = Math.max(1, least(prices((w) => w.deep)) - coat);
  const most = (x: number) => Math.min(1.5, Math.max(0, x));
  return (
    coat * (1 - s.film) +
    wipe * most(s.o / p.limits.outside) +
    clean * (most(s.i / p.limits.inside) + 0.3 * s.c)
  );
}
