import { METHODS } from '../care/model/work';
import type { ChainState } from '../care/model/state';
import type { ReplayStep } from '../care/replay/step';
import type { Sky } from '../care/model/sky';
import type { PlainEvent, WorkDone } from '../records/event';

/** A chain, a bike with all that ran on it, or all there is. */
export type Life = { chainId: string } | { bikeId: string } | 'everything';

/** An event of a life: how far chain or bike had run by then in the log, and how worn the chain was; null: none was on. */
export interface ServiceRow {
  event: PlainEvent;
  bikeId: string | null;
  chainId: string | null;
  /** The weather a ride met; null of other events. */
  sky: Sky | null;
  km: number;
  wear: number | null;
  /** What was used for it, as far as prices are known. */
  cost: number;
}

/** What a stretch of a life came to. */
export interface ServiceFigures {
  km: number;
  /** Of it on damp and wet roads. */
  wetKm: number;
  rides: number;
  coats: number;
  cleans: number;
  minutes: number;
  /** Lube and cleaners, as far as their prices are known; and the jobs of which they are not. */
  cost: number;
  unpriced: number;
}

export interface ServiceYear extends ServiceFigures {
  year: number;
  /** January first. */
  months: ServiceFigures[];
}

/** The whole life of a chain or bike as the logbook has it. */
export interface Service {
  /** Newest first. */
  rows: ServiceRow[];
  all: ServiceFigures;
  /** Newest first. */
  years: ServiceYear[];
  fittedAt: number;
}

const nothing = (): ServiceFigures => ({
  km: 0,
  wetKm: 0,
  rides: 0,
  coats: 0,
  cleans: 0,
  minutes: 0,
  cost: 0,
  unpriced: 0,
});

const WET = ['damp', 'wet', 'downpour'];

/** Whether a ride was on damp or wet roads. */
export const isWetRide = ({ event, sky }: Pick<ReplayStep, 'event' | 'sky'>): boolean =>
  event.type === 'rideLogged' && WET.includes(sky?.word ?? event.weather);

/** What was used for a work cost, as far as prices are known, and whether all are. */
export type CostOf = (work: WorkDone) => { cost: number; isWhole: boolean };

/** What one event adds. */
function figuresOf(step: ReplayStep, costOf: CostOf): ServiceFigures {
  const { event } = step;
  const figures = nothing();
  if (event.type === 'rideLogged') {
    figures.rides = 1;
    figures.km = event.distanceKm;
    figures.wetKm = isWetRide(step) ? event.distanceKm : 0;
  }
  if (event.type === 'workDone') {
    figures.coats = event.lube ? 1 : 0;
    figures.cleans = METHODS[event.method].deep ? 1 : 0;
    figures.minutes = event.minutes ?? 0;
    const { cost, isWhole } = costOf(event);
    figures.cost = cost;
    figures.unpriced = isWhole ? 0 : 1;
  }
  return figures;
}

function add(to: ServiceFigures, by: ServiceFigures): void {
  for (const key of Object.keys(by) as (keyof ServiceFigures)[]) to[key] += by[key];
}

const isBike = (life: Life): life is { bikeId: string } =>
  typeof life === 'object' && 'bikeId' in life;

/** What is found or noted moves nothing: the chain is as it was. */
const isOfFault = ({ type }: PlainEvent): boolean =>
  type === 'faultFound' || type === 'faultFollowed' || type === 'partNoted' || type === 'roundDone';

/** The rows of a life, oldest first. A bike's distance is that of its rides in the log, else it is the chain's. */
export function rowsOf(own: readonly ReplayStep[], life: Life, costOf: CostOf): ServiceRow[] {
  let ridden = 0;
  let last: ChainState | null = null;
  return own.map(({ event, sky, after, bikeId, chainId }) => {
    if (event.type === 'rideLogged') ridden += event.distanceKm;
    last = after ?? (life !== 'everything' && isOfFault(event) ? last : null);
    const km = isBike(life) ? ridden : (last?.km ?? 0);
    const cost = event.type === 'workDone' ? costOf(event).cost : 0;
    return { event, bikeId, chainId, sky, km, wear: last?.wear ?? null, cost };
  });
}

const isOf = (step: ReplayStep, life: Life): boolean =>
  life === 'everything' ||
  (isBike(life)
    ? step.bikeId === life.bikeId
    : (step.chainId === life.chainId && step.after !== null) ||
      (step.event.type === 'faultFound' && step.event.chainId === life.chainId));

/** The service history of a chain or bike, month by month in the rider's time zone; null: the log knows nothing of it. */
export function serviceOf(
  steps: readonly ReplayStep[],
  life: Life,
  costOf: CostOf,
): Service | null {
  const own = steps.filter((step) => isOf(step, life));
  if (own.length === 0) return null;
  const years = new Map<number, ServiceYear>();
  const all = nothing();
  for (const step of own) {
    const day = new Date(step.event.at);
    const year = day.getFullYear();
    const of = years.get(year) ?? {
      year,
      ...nothing(),
      months: Array.from({ length: 12 }, nothing),
    };
    years.set(year, of);
    const figures = figuresOf(step, costOf);
    for (const to of [all, of, of.months[day.getMonth()]!]) add(to, figures);
  }
  return {
    rows: rowsOf(own, life, costOf).reverse(),
    all,
    years: [...years.values()].reverse(),
    fittedAt: Date.parse(own[0]!.event.at),
  };
}
