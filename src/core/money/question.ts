import { inFull, type ChainReport, type Replay } from '../care';
import { wearLimitPercent } from '../chain';
import type { Garage } from '../garage';
import type { Settings } from '../settings';
import { CHAINS_A_LIFE } from '../wear';
import { courseOfLog, keptOf, natureOf, type CarePrices, type Outcome } from '../years';
import type { Again } from './against';
import type { Spending } from './sums';

/** What is asked of one bike's rides between two moments (ms). */
export interface AboutRides {
  report: ChainReport;
  replay: Replay;
  garage: Garage;
  settings: Settings;
  span: readonly [number, number];
  /** What its care came to in that time, and how many coats and cleans it was. */
  spent: Spending;
  perUnit: number;
}

/** Coats and deep cleans of a bike in a span, from how far apart they were. */
function countsOf({ replay, report, span, spent }: AboutRides): Pick<Outcome, 'coats' | 'cleans'> {
  const { kmPerCoat, kmPerClean } = keptOf(replay.steps, report.bike.id, span);
  const count = (every: number | null) => (every === null ? 0 : Math.round(spent.km / every));
  return { coats: count(kmPerCoat), cleans: count(kmPerClean) };
}

/** What parts and works of a bike cost: its own prices, else the plan's usual ones; of works what they came to lately. */
export function carePrices(about: AboutRides): CarePrices {
  const { report, garage, settings, replay, spent, perUnit } = about;
  const { chainPrice, cassettePrice, hourPrice } = settings.plan;
  const last = new Map<string, string>();
  for (const { event } of replay.steps)
    if (event.type === 'partFitted' && event.bikeId === report.bike.id) {
      const part = garage.parts[event.partId];
      if (part) last.set(part.kind, part.id);
    }
  const priceOf = (kind: string) => garage.parts[last.get(kind) ?? '']?.price ?? null;
  const { coats, cleans } = countsOf(about);
  const each = (minor: number, count: number) =>
    count > 0 && minor > 0 ? minor / perUnit / count : null;
  return {
    chain: report.chain.price ?? chainPrice,
    cassette: priceOf('cassette') ?? cassettePrice * CHAINS_A_LIFE.cassette.chains,
    ring: priceOf('ring'),
    jockeys: priceOf('jockey wheels'),
    coat: each(spent.byItem.lube, coats),
    clean: each(spent.byItem.cleaning, cleans),
    hour: hourPrice,
  };
}

/** The rides of a span, to be played again with other care; null where there was none. */
export function againQuestion(about: AboutRides, seed: number): Again | null {
  const { report, replay, settings, span } = about;
  const { bike } = report;
  const course = courseOfLog(replay.steps, bike.id, span);
  const first = replay.steps.find(
    ({ event }) =>
      event.type === 'rideLogged' &&
      event.bikeId === bike.id &&
      Date.parse(event.at) === course[0]?.at,
  );
  const before = first && inFull(first).before;
  if (!first || !before) return null;
  return {
    course,
    start: { state: before, cogs: first.cogsBefore },
    limit: wearLimitPercent(bike.speeds, bike.gear),
    lube: before.lube ?? report.state.lube ?? 'all-weather',
    standard: settings.standard,
    between: settings.schools.between,
    kept: keptOf(replay.steps, bike.id, span),
    prices: carePrices(about),
    ...natureOf(report),
    seed,
  };
}
