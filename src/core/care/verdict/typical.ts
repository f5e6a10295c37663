import type { Bike } from '../../records/garage';
import { HOURS_PER_WEEK, MS_PER_DAY } from '../../units/convert';
import type { ReplayStep } from '../replay/step';
import { letThrough, type Exposure } from '../model/exposure';

/** What an average kilometre on a bike does, and how many come in a week. */
export interface TypicalRiding {
  /** The exposure of one kilometre. */
  perKm: Exposure;
  kmPerWeek: number;
  /** Length of a ride. */
  rideKm: number;
  /** The rides it was taken from: the weather a rider meets. */
  met: readonly Exposure[];
  /** Share of water that passes the bike's mudguards, and of those rides that were ridden indoors. */
  guard: number;
  indoors: number;
  /** Rides it was taken from; 0: nothing known yet, dry tarmac assumed. */
  rides: number;
}

const LOOK_BACK_KM = 300;
const LOOK_BACK_DAYS = 56;

/** Before the first rides are logged. Own estimate. */
const NOTHING_KNOWN: TypicalRiding = {
  perKm: {
    km: 1,
    hours: 1 / 24,
    wetShare: 0,
    waterMm: 0,
    onChainMm: 0,
    dirtPerKm: 1,
    wetDirtPerKm: 0,
    salted: false,
    load: 1,
  },
  kmPerWeek: 80,
  rideKm: 30,
  met: [],
  guard: 1,
  indoors: 0,
  rides: 0,
};

/** Rides of the time looked at: the first and the last (ms), and whether there were any before that time. */
interface RidesLookedAt {
  first: number;
  last: number;
  rides: number;
  older: boolean;
}

/**
 * Days that rides from `first` to `last` (ms) speak for, up to `now` and no more than were looked at: the pause before
 * the first counts too, taken to be as long as those between them, else two rides a week apart made one week.
 */
export function daysRidden(
  { first, last, rides, older }: RidesLookedAt,
  now: number,
  most: number,
): number {
  if (older) return most;
  const pause = rides > 1 ? (last - first) / (rides - 1) : 7 * MS_PER_DAY;
  return Math.min(most, Math.max(7, (now - first + pause) / MS_PER_DAY));
}

/**
 * The usual riding of one bike: conditions from its last 300 km, distance a week from its last eight
 * weeks. `steps` are in order of time; later steps than `now` (ms) do not occur.
 */
export function typicalRiding(
  steps: readonly ReplayStep[],
  bike: Bike,
  now: number,
): TypicalRiding {
  let km = 0;
  let recentKm = 0;
  let first = now;
  let last = 0;
  let recentRides = 0;
  let older = false;
  let indoors = 0;
  const met: Exposure[] = [];
  for (let i = steps.length - 1; i >= 0; i--) {
    const step = steps[i];
    if (!step?.exposure || step.bikeId !== bike.id) continue;
    const age = now - Date.parse(step.event.at);
    const recent = age <= LOOK_BACK_DAYS * MS_PER_DAY;
    older ||= !recent;
    if (!recent && km >= LOOK_BACK_KM) break;
    const x = step.exposure;
    if (recent) {
      recentKm += x.km;
      recentRides += 1;
      last = Math.max(last, now - age);
      first = now - age;
    }
    if (km >= LOOK_BACK_KM) continue;
    km += x.km;
    met.push(x);
    if (step.event.type === 'rideLogged' && step.event.surface === 'indoor') indoors += 1;
  }
  const guard = letThrough(bike).water;
  if (km === 0) return { ...NOTHING_KNOWN, guard };
  const days = daysRidden({ first, last, rides: recentRides, older }, now, LOOK_BACK_DAYS);
  return {
    perKm: meanKm(met, km),
    kmPerWeek: (recentKm / days) * 7,
    rideKm: km / met.length,
    met,
    guard,
    indoors: indoors / met.length,
    rides: met.length,
  };
}

/** Whether the last steps of a log hold all rides of a bike that `typicalRiding` looks at, and one before them. */
export function isTypicalKnown(steps: readonly ReplayStep[], bikeId: string, now: number): boolean {
  let km = 0;
  for (let i = steps.length - 1; i >= 0; i--) {
    const step = steps[i];
    if (!step?.exposure || step.bikeId !== bikeId) continue;
    const isRecent = now - Date.parse(step.event.at) <= LOOK_BACK_DAYS * MS_PER_DAY;
    if (!isRecent && km >= LOOK_BACK_KM) return true;
    km += step.exposure.km;
  }
  return false;
}

/** The mean kilometre of some rides, `km` long together. */
function meanKm(met: readonly Exposure[], km: number): Exposure {
  const sum = { hours: 0, wetShare: 0, waterMm: 0, dirt: 0, wetDirt: 0 };
  for (const x of met) {
    sum.hours += x.hours;
    sum.wetShare += x.wetShare * x.km;
    sum.waterMm += x.waterMm;
    sum.dirt += x.dirtPerKm * x.km;
    sum.wetDirt += x.wetDirtPerKm * x.km;
  }
  return {
    km: 1,
    hours: sum.hours / km,
    wetShare: sum.wetShare / km,
    waterMm: sum.waterMm / km,
    // Along a stretch nobody asks how wet the chain ends.
    onChainMm: 0,
    dirtPerKm: sum.dirt / km,
    wetDirtPerKm: sum.wetDirt / km,
    salted: false,
    // As the bike and its chain are now.
    load: met[0]?.load ?? 1,
  };
}

/** A stretch of so many kilometres like another. */
export const stretch = (like: Exposure, km: number): Exposure => ({
  ...like,
  km,
  hours: (like.hours * km) / like.km,
  waterMm: (like.waterMm * km) / like.km,
});

/** Hours of calendar time a stretch takes; a bike hardly ridden still gets its turn within ten years. */
export const calendarHours = (typical: TypicalRiding, km: number): number =>
  (km / Math.max(1, typical.kmPerWeek)) * HOURS_PER_WEEK;
