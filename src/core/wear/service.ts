import { METHODS, type ReplayStep, type Sky } from '../care';
import type { PlainEvent } from '../logbook';

/** An event of a chain's life: how far it had run by then, and how worn it was. */
export interface ServiceRow {
  event: PlainEvent;
  /** The weather a ride met; null of other events. */
  sky: Sky | null;
  km: number;
  wear: number;
}

/** What a stretch of a chain's life came to. */
export interface ServiceFigures {
  km: number;
  /** Of it on damp and wet roads. */
  wetKm: number;
  rides: number;
  coats: number;
  cleans: number;
  minutes: number;
}

export interface ServiceYear extends ServiceFigures {
  year: number;
  /** January first. */
  months: ServiceFigures[];
}

/** The whole life of a chain as the logbook has it. */
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
});

const WET = ['damp', 'wet', 'downpour'];

/** What one event adds. */
function figuresOf({ event, sky }: ReplayStep): ServiceFigures {
  const figures = nothing();
  if (event.type === 'rideLogged') {
    figures.rides = 1;
    figures.km = event.distanceKm;
    figures.wetKm = WET.includes(sky?.word ?? event.weather) ? event.distanceKm : 0;
  }
  if (event.type === 'workDone') {
    figures.coats = event.lube ? 1 : 0;
    figures.cleans = METHODS[event.method].deep ? 1 : 0;
    figures.minutes = event.minutes ?? 0;
  }
  return figures;
}

function add(to: ServiceFigures, by: ServiceFigures): void {
  for (const key of Object.keys(by) as (keyof ServiceFigures)[]) to[key] += by[key];
}

/** The service history of a chain, month by month in the rider's time zone; null: it was never fitted. */
export function serviceOf(steps: readonly ReplayStep[], chainId: string): Service | null {
  const own = steps.filter((s) => s.chainId === chainId && s.after);
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
    const figures = figuresOf(step);
    for (const to of [all, of, of.months[day.getMonth()]!]) add(to, figures);
  }
  return {
    rows: own
      .map(({ event, sky, after }) => ({ event, sky, km: after!.km, wear: after!.wear }))
      .reverse(),
    all,
    years: [...years.values()].reverse(),
    fittedAt: Date.parse(own[0]!.event.at),
  };
}
