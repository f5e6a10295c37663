import { createSelector, lruMemoize } from '@reduxjs/toolkit';
import { chainOn, reportOn, stepsOf, type ChainReport } from '@/core/care/verdict/report';
import type { ReplayStep } from '@/core/care/replay/step';
import type { Bike, Chain } from '@/core/records/garage';
import { allEvents } from '@/core/logbook/chunks';
import { fittings } from '@/core/logbook/fittings';
import { weatherFromFiles } from '@/core/logbook/weatherSeen';
import type { PlainEvent, RideLogged } from '@/core/records/event';
import { shelfRows } from '@/core/shelf/rows';
import { rideEntries, type RideEntry } from '@/core/rides/entries';
import { createReplayCache } from './replayCache';
import type { RootState } from './store';

const replays = createReplayCache();

/** For what depends on the clock: the latest alone is kept, or a page left open would gather an answer for each minute. */
export const LATEST = { memoize: lruMemoize } as const;

/** Has selectors read a replay that was made elsewhere, as soon as its logbook is in the store. */
export const holdReplay = replays.hold;

export const selectLogbook = (state: RootState) => state.logbook;
export const selectGarage = (state: RootState) => state.logbook.garage;
export const selectSettings = (state: RootState) => state.logbook.settings;
export const selectUnits = (state: RootState) => state.logbook.settings.units;
export const selectNow = (state: RootState) => state.session.now;
export const selectSession = (state: RootState) => state.session;

/** The log played through the care model. */
export const selectReplay = (state: RootState) =>
  replays.replayOf(state.logbook.garage, state.logbook.log);

/** The log's events as they read now, in order of time. */
export const selectEvents = createSelector([selectReplay], ({ replay }): PlainEvent[] =>
  replay.steps.map((step) => step.event),
);

const inUse = <T extends { retired: boolean }>(records: Record<string, T>): T[] =>
  Object.values(records).filter((r) => !r.retired);

export const selectBikes = createSelector([selectGarage], (garage): Bike[] => inUse(garage.bikes));
export const selectChains = createSelector([selectGarage], (garage): Chain[] =>
  inUse(garage.chains),
);

export const selectFittings = createSelector([selectReplay], ({ replay }) =>
  fittings(
    replay.steps.filter((s) => isOfFitting(s.event)).map((s) => s.event),
    replay.fittedBefore,
  ),
);
const isOfFitting = ({ type }: PlainEvent): boolean =>
  type === 'chainFitted' || type === 'chainRemoved';

/** The last ride of each bike in use that has one, the latest first. */
const selectLastRides = createSelector([selectReplay, selectBikes], ({ replay }, bikes) => {
  const wanted = new Set(bikes.map((b) => b.id));
  const last = new Map<string, RideLogged>();
  // From the end: nearly always it is found within a few steps.
  for (let i = replay.steps.length - 1; i >= 0 && wanted.size > 0; i--) {
    const { event } = replay.steps[i]!;
    if (event.type === 'rideLogged' && wanted.delete(event.bikeId)) last.set(event.bikeId, event);
  }
  return last;
});

/** The last ride of one bike, if it has one. */
export const selectLastRide = (state: RootState, bikeId: string): RideLogged | null =>
  selectLastRides(state).get(bikeId) ?? null;

/** The bikes in use, the one ridden last first. */
const selectBikesByLastRide = createSelector(
  [selectLastRides, selectBikes],
  (last, bikes): Bike[] => {
    const ridden = [...last.keys()].map((id) => bikes.find((b) => b.id === id)!);
    return [...ridden, ...bikes.filter((b) => !last.has(b.id))];
  },
);

/** The bike a new ride is most likely of: the one chosen on Today, else the one ridden last. */
export const selectBikeRiddenLast = createSelector(
  [selectBikesByLastRide, (state: RootState) => state.session.bikeId],
  (bikes, bikeId): Bike | null => bikes.find((b) => b.id === bikeId) ?? bikes[0] ?? null,
);

/** The bikes with a chain, the one ridden last first. */
export const selectBikesOnChain = createSelector(
  [selectReplay, selectBikesByLastRide],
  ({ replay }, bikes): Bike[] => bikes.filter((bike) => chainOn(replay, bike.id)),
);

/** The report on a bike with a chain, each made when it is asked for. */
export const selectReportOf = createSelector(
  [selectReplay, selectSettings, selectNow],
  ({ replay }, settings, now) => {
    const made = new Map<string, ChainReport | null>();
    return (bikeId: string): ChainReport | null => {
      const known = made.get(bikeId);
      const report = known === undefined ? reportOn(replay, bikeId, settings, now) : known;
      made.set(bikeId, report);
      return report;
    };
  },
  LATEST,
);

/** A report on each bike with a chain, the one ridden last first. */
export const selectReports = createSelector(
  [selectReportOf, selectBikesOnChain],
  (reportOf, bikes): ChainReport[] => bikes.flatMap((bike) => reportOf(bike.id) ?? []),
);

/** The report Today speaks of: the bike chosen, else the one ridden last. */
export const selectMainReport = createSelector(
  [selectReportOf, selectBikesOnChain, (state: RootState) => state.session.bikeId],
  (reportOf, bikes, bikeId): ChainReport | null => {
    const main = bikes.find(({ id }) => id === bikeId) ?? bikes[0];
    return main ? reportOf(main.id) : null;
  },
);

/** Rides as they read now, newest first. */
export const selectRides = createSelector([selectReplay], ({ replay }): ReplayStep[] =>
  replay.steps.filter((s) => s.event.type === 'rideLogged').reverse(),
);

/** The rides' events as they read now, newest first. */
export const selectRideEvents = createSelector([selectRides], (steps): RideLogged[] =>
  steps.flatMap(({ event }) => (event.type === 'rideLogged' ? [event] : [])),
);

/** One ride with the weather it met, if it is there. */
export const selectRideEntry = createSelector(
  [selectReplay, (_: RootState, id: string) => id],
  ({ replay }, id): RideEntry | null =>
    rideEntries(replay.steps.filter((s) => s.event.id === id))[0] ?? null,
);

/** Whether some of the weather known came from a file. */
export const selectHasFileWeather = createSelector(
  [(state: RootState) => state.logbook.log],
  (log) => weatherFromFiles(allEvents(log)).length > 0,
);

/** What stands on the shelf, with what is left of it and how many coats that makes. */
export const selectShelf = createSelector(
  [selectReplay, selectGarage, selectSettings],
  ({ replay }, { products, chains }, settings) =>
    shelfRows(products, Object.values(chains), settings, replay.steps),
);

/** Everything that is not a ride, newest first. */
export const selectHistory = createSelector([selectReplay], ({ replay }): ReplayStep[] =>
  replay.steps.filter((s) => s.event.type !== 'rideLogged').reverse(),
);

/** Steps of one chain. */
export const selectChainSteps = createSelector(
  [selectReplay, (_: RootState, chainId: string) => chainId],
  ({ replay }, chainId) => stepsOf(replay, chainId),
);

export const selectIsEmpty = createSelector(
  [selectReplay, selectBikes],
  ({ replay }, bikes) => bikes.length === 0 && replay.steps.length === 0,
);
