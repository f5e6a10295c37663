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

/** Rides to come, planned and by habit, as far ahead as a likely day is said. */
export const selectComing = createSelector(
  [selectReplay, selectGarage, selectQuarter, zoneGiven],
  ({ replay }, garage, now, zone): RideAhead[] => {
    const bikeIds = Object.values(garage.bikes).flatMap(({ id, retired }) => (retired ? [] : id));
    const planned = Object.values(garage.planned).filter(
      (p) => !p.retired && bikeIds.includes(p.bikeId),
    );
    return comingRides({ replay, planned, bikeIds, now, to: lastDaySaid(now, zone), zone }).rides;
  },
  LATEST,
);

/** The days on which lube and dirt of a bike will likely fall due. */
export const selectLikelyDays = createSelector(
  [
    selectComing,
    selectNow,
    zoneGiven,
    (_: RootState, _zone: string, report: ChainReport) => report,
  ],
  (rides, now, zone, { bike, verdict: { lube, dirt } }): LikelyDays => {
    const day = ({ km }: Outlook) => km && dayReached(rides, bike.id, km.mid);
    return { lube: day(lube), dirt: day(dirt), today: dateOf(now, zone) };
  },
  LATEST,
);
