import type { BookState } from '../../care/replay/bookState';
import type { ReplayStep } from '../../care/replay/step';
import { meanMinutes } from '../../care/verdict/proposal';
import type { Bike, Chain } from '../../records/garage';
import type { Depth } from '../../records/kinds';
import { daysAfter, type DateText } from '../../time/dates';
import { rotationOf, SWAP_FROM, type Rotation } from '../../wear/rotation';
import { wearRateOf } from '../../wear/rate';
import { dayReached } from '../rides/coming';
import type { RideAhead } from '../rides/occurrences';

/** Chains of a bike to be swapped, on a day of the plan. */
export interface SwapAhead {
  bike: Bike;
  /** The chain that is on, and the one that goes on instead. */
  rotation: Rotation;
  date: DateText;
  minutes: number;
  /** The job of that day for which the chain comes off anyway; null: none. */
  beside: Depth | null;
}

/** Depths for which the chain comes off: then the other one goes on. Common practice. */
const CHAIN_OFF: readonly Depth[] = ['off-bike clean', 'soak', 'wax reset'];
/** So many days a due swap waits for such a job. Own choice. */
const WAITS_DAYS = 7;

export const SWAP_MINUTES = Math.round(meanMinutes('swap'));

/** What the days of the plan hold. */
export interface PlanAround {
  days: readonly { date: DateText; minutes: number; taken: number }[];
  rides: readonly RideAhead[];
  jobs: readonly { chainId: string; date: DateText; depth: Depth }[];
}

/** Km until the chain that is on is worn so much more than the other that they swap; 0: it is. */
function kmToSwap({ on, next }: Rotation, steps: readonly ReplayStep[]): number {
  const state = steps.findLast((s) => s.chainId === on.chain.id && s.after)?.after;
  const perKm = wearRateOf(steps, on.chain.id).perKm * (state?.wearFactor ?? 1);
  return Math.max(0, (SWAP_FROM - (on.wear - next.wear)) / perKm);
}

/** The day of a swap: with a job for which the chain is off anyway, else the first with the minutes from when it is due on. */
function dayOf(
  bikeId: string,
  chainId: string,
  dueKm: number,
  { days, rides, jobs }: PlanAround,
): Pick<SwapAhead, 'date' | 'beside'> | null {
  const due = dueKm === 0 ? days[0]?.date : dayReached(rides, bikeId, dueKm);
  if (!due) return null;
  const off = jobs.find((j) => j.chainId === chainId && CHAIN_OFF.includes(j.depth));
  if (off && off.date <= daysAfter(due, WAITS_DAYS)) return { date: off.date, beside: off.depth };
  const free = days.find((d) => d.date >= due && d.minutes - d.taken >= SWAP_MINUTES);
  return free ? { date: free.date, beside: null } : null;
}

/** The swaps that fall within the plan, of all bikes whose chains take turns. */
export function swapsAhead(
  { steps, book }: { steps: readonly ReplayStep[]; book: Pick<BookState, 'fitted'> },
  bikes: readonly Bike[],
  chains: Readonly<Record<string, Chain>>,
  around: PlanAround,
): SwapAhead[] {
  return bikes.flatMap((bike) => {
    const rotation = rotationOf(steps, chains, book.fitted, bike);
    if (!rotation) return [];
    const day = dayOf(bike.id, rotation.on.chain.id, kmToSwap(rotation, steps), around);
    return day ? [{ bike, rotation, minutes: SWAP_MINUTES, ...day }] : [];
  });
}
