import { createSelector } from '@reduxjs/toolkit';
import type { Outlook } from '@/core/care/verdict/outlook';
import type { ChainReport } from '@/core/care/verdict/report';
import { comingRides, dayReached, lastDaySaid } from '@/core/plan/rides/coming';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import { dateOf } from '@/core/time/zones';
import { MS_PER_MINUTE } from '@/core/units/convert';
import type { LikelyDays } from '@/core/words/verdict';
import { LATEST, selectGarage, selectNow, selectReplay } from './selectors';
import type { RootState } from './store';

/** A minute more changes no day. */
const FRESH_MS = 15 * MS_PER_MINUTE;
const selectQuarter = (state: RootState) => Math.floor(selectNow(state) / FRESH_MS) * FRESH_MS;
const zoneGiven = (_: RootState, zone: string) => zone;

const selectBasis = createSelector(
  [selectReplay, selectGarage, selectQuarter, zoneGiven],
  ({ replay }, { planned }, now, zone) => ({ replay, planned, now, zone }),
  LATEST,
);

/** Rides to come of some bikes, planned and by habit, as far ahead as a likely day is said. */
function ridesToCome(
  { replay, planned, now, zone }: ReturnType<typeof selectBasis>,
  bikeIds: readonly string[],
): RideAhead[] {
  const own = Object.values(planned).filter((p) => !p.retired && bikeIds.includes(p.bikeId));
  const to = lastDaySaid(now, zone);
  return comingRides({ replay, planned: own, bikeIds, now, to, zone }).rides;
}

const selectBikeIds = createSelector([selectGarage], ({ bikes }) =>
  Object.values(bikes).flatMap(({ id, retired }) => (retired ? [] : id)),
);

/** Rides to come of all bikes. */
export const selectComing = createSelector([selectBasis, selectBikeIds], ridesToCome, LATEST);

const reportGiven = (_: RootState, _zone: string, report: ChainReport) => report;

/** Those of the bike of a report: the first screen needs no others. */
const selectComingOf = createSelector(
  [selectBasis, (_: RootState, _zone: string, { bike }: ChainReport) => bike.id],
  (basis, bikeId) => ridesToCome(basis, [bikeId]),
  LATEST,
);

/** The days on which lube and dirt of a bike will likely fall due. */
export const selectLikelyDays = createSelector(
  [selectComingOf, selectNow, zoneGiven, reportGiven],
  (rides, now, zone, { bike, verdict: { lube, dirt } }): LikelyDays => {
    const day = ({ km }: Outlook) => km && dayReached(rides, bike.id, km.mid);
    return { lube: day(lube), dirt: day(dirt), today: dateOf(now, zone) };
  },
  LATEST,
);
