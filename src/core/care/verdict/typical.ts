import type { Bike } from '../../garage';
import { HOURS_PER_WEEK, MS_PER_DAY } from '../../units';
import type { ReplayStep } from '../replay/step';
import type { Exposure } from '../model/exposure';

/** What an average kilometre on a bike does, and how many come in a week. */
export interface TypicalRiding {
  /** The exposure of one kilometre. */
  perKm: Exposure;
  kmPerWeek: number;
  /** Rides it was taken from; 0: nothing known yet, dry tarmac assumed. */
  rides: number;
}

const LOOK_BACK_KM = 300;
const LOOK_BACK_DAYS = 56;

/** Before the first rides are logged. Own estimate. */
const NOTHING_KNOWN: TypicalRiding = {
  perKm: { km: 1, hours: 1 / 24, wetShare: 0, waterMm: 0, onChainMm: 0, dirtPerKm: 1, salted: false, load: 1 },
  kmPerWeek: 80,
  rides: 0,
};

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
  let rides = 0;
  let first = now;
  const sum = { hours: 0, wetShare: 0, waterMm: 0, dirt: 0, load: 1 };
  for (let i = steps.length - 1; i >= 0; i--) {
    const step = steps[i];
    if (!step?.exposure || step.bikeId !== bike.id) continue;
    const age = now - Date.parse(step.event.at);
    const recent = age <= LOOK_BACK_DAYS * MS_PER_DAY;
    if (!recent && km >= LOOK_BACK_KM) break;
    const x = step.exposure;
    if (recent) {
      recentKm += x.km;
      first = now - age;
    }
    if (km >= LOOK_BACK_KM) continue;
    km += x.km;
    rides += 1;
    sum.hours += x.hours;
    sum.wetShare += x.wetShare * x.km;
    sum.waterMm += x.waterMm;
    sum.dirt += x.dirtPerKm * x.km;
    sum.load = x.load;
  }
  if (km === 0) return NOTHING_KNOWN;
  const days = Math.max(7, (now - first) / MS_PER_DAY);
  return {
    perKm: {
      km: 1,
      hours: sum.hours / km,
      wetShare: sum.wetShare / km,
      waterMm: sum.waterMm / km,
      // Along a stretch nobody asks how wet the chain ends.
      onChainMm: 0,
      dirtPerKm: sum.dirt / km,
      salted: false,
      load: sum.load,
    },
    kmPerWeek: (recentKm / days) * 7,
    rides,
  };
}

/** A stretch of typical riding, km long. */
export const stretch = (typical: TypicalRiding, km: number): Exposure => ({
  ...typical.perKm,
  km,
  hours: typical.perKm.hours * km,
  waterMm: typical.perKm.waterMm * km,
});

/** Hours of calendar time a stretch takes; a bike hardly ridden still gets its turn within ten years. */
export const calendarHours = (typical: TypicalRiding, km: number): number =>
  (km / Math.max(1, typical.kmPerWeek)) * HOURS_PER_WEEK;
