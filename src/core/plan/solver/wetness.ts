import { CARE } from '../../care/model/constants';
import { MS_PER_HOUR } from '../../units/convert';
import { dryingHours, type Air } from '../../weather/drying';
import type { BikeProblem } from './problem';

/** Less than this is as good as dry, hours. */
export const LEAST_WET_H = 1;

/** Hours a chain left to drip stays wet after so much water. */
export const dripFor = (waterMm: number, air: Air): number =>
  waterMm <= 0
    ? 0
    : dryingHours(CARE.dripHours.value * Math.min(1, waterMm / CARE.soakedMm.value), air);

/** Hours a chain stays wet inside that was only towelled. */
export const towelledFor = (air: Air): number => dryingHours(CARE.towelHours.value, air);

/** Hours a wet chain has still to dry at a bench if nobody dries it: mean over the futures it is wet in. */
export function wetHoursAt({ benches, before, state, natures }: BikeProblem, d: number): number {
  const bench = benches[d];
  const day = benches[d - 1];
  if (!bench) return 0;
  const last = (day?.rides ?? before).at(-1);
  const parked = day?.parked ?? null;
  if (!last && !parked) return d === 0 ? state.wetLeftH : 0;
  const leftOf = (mm: number, at: number) =>
    dripFor(mm, bench.air) - (bench.from - at) / MS_PER_HOUR;
  const left = natures
    .map((_, k) =>
      Math.max(
        last ? leftOf(last.exposure[k]?.onChainMm ?? 0, last.at) : 0,
        parked ? leftOf(parked.mm[k] ?? 0, parked.at) : 0,
      ),
    )
    .filter((hours) => hours > LEAST_WET_H);
  return left.length > 0 ? left.reduce((a, b) => a + b, 0) / left.length : 0;
}
