import { METHODS } from '../care/model/work';
import { personalKey, type Personal } from '../care/model/personal';
import type { ReplayStep } from '../care/replay/step';
import type { Garage } from '../records/garage';
import { per1000Km, spendingOf } from '../money/sums';
import type { Entry } from '../money/ledger';
import { wattMonths, type WattMonth } from '../watts/months';
import { rideEntries } from './entries';
import { yearOf, YEAR_SKIES, type YearMonth, type YearSky } from './year';

/** Something learnt of a lube on a bike. */
export interface Learnt {
  bike: string;
  lube: string;
  personal: Personal;
}

/** A year on one page. */
export interface OnePage {
  /** First moment of the year and its end, ms. */
  from: number;
  to: number;
  months: YearMonth[];
  km: number;
  bySky: Record<YearSky, number>;
  rides: number;
  hours: number;
  coats: number;
  cleans: number;
  wipes: number;
  /** At the bench. */
  minutes: number;
  /** Smallest units of the rider's money; and for 1,000 km, null where too little was ridden. */
  minor: number;
  minorPer1000Km: number | null;
  /** The month ridden most; null: nothing was ridden. */
  most: { start: number; km: number } | null;
  /** The months in which the chains took least and most power, where there are two. */
  best: WattMonth | null;
  worst: WattMonth | null;
  learnt: Learnt[];
}

const kmOf = (month: YearMonth): number => YEAR_SKIES.reduce((sum, sky) => sum + month[sky], 0);

/** The work of a span: what was put on, cleaned and wiped, and how long it took. */
function workOf(steps: readonly ReplayStep[], from: number, to: number) {
  const sum = { coats: 0, cleans: 0, wipes: 0, minutes: 0 };
  for (const { event } of steps) {
    const at = Date.parse(event.at);
    if (event.type !== 'workDone' || at < from || at > to) continue;
    if (event.lube) sum.coats += 1;
    if (METHODS[event.method].deep) sum.cleans += 1;
    else if (!event.lube && event.method !== 'none') sum.wipes += 1;
    sum.minutes += event.minutes ?? 0;
  }
  return sum;
}

/** What the page is made of. */
export interface OnePageOf {
  steps: readonly ReplayStep[];
  entries: readonly Entry[];
  learnt: ReadonlyMap<string, Personal>;
  garage: Garage;
  power: number;
  now: number;
}

/** The last twelve months up to `now`, from the first of a month on. */
export function onePage({ steps, entries, learnt, garage, power, now }: OnePageOf): OnePage {
  const rides = rideEntries(steps).reverse();
  const months = yearOf(rides, now);
  const from = months[0]?.start ?? now;
  const own = rides.filter(({ ride }) => Date.parse(ride.at) >= from && Date.parse(ride.at) <= now);
  const bySky = Object.fromEntries(
    YEAR_SKIES.map((sky) => [sky, months.reduce((sum, m) => sum + m[sky], 0)]),
  ) as Record<YearSky, number>;
  const km = months.reduce((sum, m) => sum + kmOf(m), 0);
  const { all } = spendingOf(entries, steps, [from, now + 1]);
  const ridden = months.filter((m) => kmOf(m) > 0).sort((a, b) => kmOf(b) - kmOf(a));
  const watts = wattMonths(steps, null, { crossing: null, power, from }).sort(
    (a, b) => a.watts - b.watts,
  );
  return {
    from,
    to: now,
    months,
    km,
    bySky,
    rides: own.length,
    hours: steps.reduce(
      (sum, { event, exposure }) =>
        event.type === 'rideLogged' && Date.parse(event.at) >= from && Date.parse(event.at) <= now
          ? sum + (exposure?.hours ?? 0)
          : sum,
      0,
    ),
    ...workOf(steps, from, now),
    minor: all.total,
    minorPer1000Km: per1000Km(all.total, all.km),
    most: ridden[0] ? { start: ridden[0].start, km: kmOf(ridden[0]) } : null,
    best: watts.length > 1 ? (watts[0] ?? null) : null,
    worst: watts.length > 1 ? (watts.at(-1) ?? null) : null,
    learnt: learntOf(learnt, garage),
  };
}

/** What was learnt of lubes on bikes that are ridden, the surest first. */
function learntOf(learnt: ReadonlyMap<string, Personal>, { bikes, products }: Garage): Learnt[] {
  const found: Learnt[] = [];
  for (const bike of Object.values(bikes))
    for (const [key, personal] of learnt) {
      const lube = key.startsWith(`${bike.id} `) ? key.slice(bike.id.length + 1) : null;
      if (lube === null || key !== personalKey(bike.id, lube) || personal.life.seen === 0) continue;
      found.push({ bike: bike.name, lube: products[lube]?.name ?? `${lube} lube`, personal });
    }
  return found.sort((a, b) => b.personal.life.seen - a.personal.life.seen);
}
