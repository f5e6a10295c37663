import { meanMinutes } from '../../care/verdict/proposal';
import { rinsesOff } from '../../choice/rules';
import { isWax, LUBE_CLASSES, type LubeClass } from '../../lube/classes';
import { MS_PER_DAY, MS_PER_MINUTE } from '../../units/convert';
import type { DateText } from '../../time/dates';
import type { RideAhead } from '../rides/occurrences';
import type { BikeProblem } from '../solver/problem';
import { WETTING_MM, type AgendaItem } from './agenda';
import type { BikeNow, PlanRequest } from './request';

/** A thin coat in the morning, before a ride on which the lube would run out or that waited for it too long. */
export interface MorningCoat {
  bikeId: string;
  bikeName: string;
  chainId: string;
  date: DateText;
  /** When to begin, ms, and the ride it is for. */
  from: number;
  rideAt: number;
  minutes: number;
  /** The bottle; null: the shelf has none of what is on. */
  bottleId: string | null;
  lubeName: string;
  why: 'runs dry' | 'a week old';
}

/** What there is to know of the next ride of a bike, the evening before. */
export interface NextRide {
  at: number;
  date: DateText;
  /** Share of the futures in which it gets wet. */
  wet: number;
  /** What is on the chain then: of a job before it, else what is on now. */
  lube: LubeClass | null;
}

/** A thin coat is on so long before the ride. Common practice: half an hour. */
const BEFORE_MIN = 30;
/** A quick-drying lube that has stood so long wants a thin coat before the ride. Common practice: a week. */
const OLD_MS = 7 * MS_PER_DAY;
/** Nobody is told of a ride further off the evening before, ms. */
const SOON_MS = 1.5 * MS_PER_DAY;
const isLubing = (job: AgendaItem): boolean => job.lubeName !== null;

/** Whether a lube dries quickly and is no wax: its carrier goes, and with time what it left. */
const driesQuickly = (lube: LubeClass): boolean =>
  !isWax(lube) && LUBE_CLASSES[lube].carrier === 'solvent';

/**
 * The first ride of a bike that no lube job comes before and that runs into the chain's reserve, or for which a
 * quick-drying lube is a week old: a thin coat half an hour before it. Null: there is none, or wax or nothing is on.
 */
export function morningCoat(
  { products, left, rides, now }: Pick<PlanRequest, 'products' | 'left' | 'rides' | 'now'>,
  bike: BikeNow,
  jobs: readonly AgendaItem[],
): MorningCoat | null {
  const { lube, bottle, lubedAt } = bike.state;
  if (lube === null || isWax(lube)) return null;
  const firstJob = Math.min(...jobs.filter(isLubing).map((j) => j.from));
  const own = rides.filter((r) => r.bikeId === bike.bike.id && r.at > now && r.at < firstJob);
  let km = 0;
  for (const ride of own) {
    km += ride.km;
    const dry = bike.due.lube !== null && km > bike.due.lube;
    const old = driesQuickly(lube) && ride.at - lubedAt >= OLD_MS && ride.at - now < SOON_MS;
    if (!dry && !old) continue;
    const known = products[bottle ?? ''];
    const onShelf =
      known && !known.retired && (left[known.id] ?? 0) > 0
        ? known
        : Object.values(products).find(
            (p) => !p.retired && p.lubeClass === lube && (left[p.id] ?? 0) > 0,
          );
    return {
      ...{ bikeId: bike.bike.id, bikeName: bike.bike.name, chainId: bike.chain.id },
      date: ride.date,
      from: startOf(ride),
      rideAt: ride.at,
      minutes: meanMinutes('thin coat'),
      bottleId: onShelf?.id ?? null,
      lubeName: onShelf?.name ?? `${lube} lube`,
      why: dry ? 'runs dry' : 'a week old',
    };
  }
  return null;
}

/** To five minutes, the earlier: nobody starts at 06:37. */
const STEP_MS = 5 * MS_PER_MINUTE;
const startOf = (ride: RideAhead): number => {
  const latest = ride.at - (BEFORE_MIN + meanMinutes('thin coat')) * MS_PER_MINUTE;
  return Math.floor(latest / STEP_MS) * STEP_MS;
};

/** The next ride of a bike within a day and a half, and how likely it gets wet. Null: there is none. */
export function nextRide(
  { rides, now, products }: Pick<PlanRequest, 'rides' | 'now' | 'products'>,
  problem: BikeProblem,
  { bike, jobs }: { bike: BikeNow; jobs: readonly AgendaItem[] },
): NextRide | null {
  const next = rides.find((r) => r.bikeId === problem.bikeId && r.at > now);
  if (!next || next.at - now > SOON_MS) return null;
  const exposed = [...problem.before, ...problem.benches.flatMap((b) => b.rides)].find(
    (r) => r.at === next.at,
  );
  const wet = exposed?.exposure.filter((x) => x.waterMm > WETTING_MM).length ?? 0;
  const job = jobs.findLast((j) => isLubing(j) && j.from < next.at);
  return {
    at: next.at,
    date: next.date,
    wet: wet / Math.max(1, exposed?.exposure.length ?? 0),
    lube: (job && products[job.bottleId ?? '']?.lubeClass) ?? bike.state.lube,
  };
}

/** Chance of rain from which a bottle for it goes along. Own choice. */
const RAIN_LIKELY = 0.3;

export const rainIsLikely = ({ wet }: Pick<NextRide, 'wet'>): boolean => wet >= RAIN_LIKELY;

/**
 * The small bottle for a ride: wet lube where rain is likely and takes off what is on. Where the chain goes `unlubed`, wet
 * lube too for wax, which is not put on by the road, else what is on. Null: none need go along. Common practice.
 */
export function bottleToCarry(
  { wet, lube }: Pick<NextRide, 'wet' | 'lube'>,
  unlubed: boolean,
): LubeClass | null {
  const waxed = lube === null || isWax(lube);
  const rinses = waxed || rinsesOff(lube);
  if (rainIsLikely({ wet }) && rinses) return 'wet';
  return unlubed ? (waxed ? 'wet' : lube) : null;
}
