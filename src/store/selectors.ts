import { createSelector } from '@reduxjs/toolkit';
import { reportOn, stepsOf, type ChainReport, type Step } from '@/core/care';
import type { Bike, Chain } from '@/core/garage';
import { allEvents, fittings, weatherFromFiles, type RideLogged } from '@/core/logbook';
import { shelfRows } from '@/core/shelf/rows';
import { rideEntries } from '@/core/rides/entries';
import { createReplayCache } from './replayCache';
import type { RootState } from './store';

const replayFor = createReplayCache();

export const selectLogbook = (state: RootState) => state.logbook;
export const selectGarage = (state: RootState) => state.logbook.garage;
export const selectSettings = (state: RootState) => state.logbook.settings;
export const selectUnits = (state: RootState) => state.logbook.settings.units;
export const selectNow = (state: RootState) => state.session.now;
export const selectSession = (state: RootState) => state.session;

/** The log played through the care model. */
export const selectReplay = (state: RootState) =>
  replayFor(state.logbook.garage, state.logbook.log);

const inUse = <T extends { retired: boolean }>(records: Record<string, T>): T[] =>
  Object.values(records).filter((r) => !r.retired);

export const selectBikes = createSelector([selectGarage], (garage): Bike[] => inUse(garage.bikes));
export const selectChains = createSelector([selectGarage], (garage): Chain[] =>
  inUse(garage.chains),
);

export const selectFittings = createSelector([selectReplay], ({ replay }) =>
  fittings(
    replay.steps.flatMap(({ event }) =>
      event.type === 'chainFitted' || event.type === 'chainRemoved' ? [event] : [],
    ),
  ),
);

/** A report on each bike with a chain, the one ridden last first. */
export const selectReports = createSelector(
  [selectReplay, selectBikes, selectSettings, selectNow],
  ({ replay }, bikes, settings, now): ChainReport[] => {
    const lastRide = new Map<string, string>();
    for (const { event } of replay.steps)
      if (event.type === 'rideLogged') lastRide.set(event.bikeId, event.at);
    return bikes
      .flatMap((bike) => reportOn(replay, bike.id, settings, now) ?? [])
      .sort((a, b) => (lastRide.get(b.bike.id) ?? '').localeCompare(lastRide.get(a.bike.id) ?? ''));
  },
);

/** The report Today speaks of: the bike chosen, else the one ridden last. */
export const selectMainReport = createSelector(
  [selectReports, (state: RootState) => state.session.bikeId],
  (reports, bikeId) => reports.find((r) => r.bike.id === bikeId) ?? reports[0] ?? null,
);

/** Rides as they read now, newest first. */
export const selectRides = createSelector([selectReplay], ({ replay }): Step[] =>
  replay.steps.filter((s) => s.event.type === 'rideLogged').reverse(),
);

/** The rides' events as they read now, newest first. */
export const selectRideEvents = createSelector([selectRides], (steps): RideLogged[] =>
  steps.flatMap(({ event }) => (event.type === 'rideLogged' ? [event] : [])),
);

/** The rides with the weather each met, newest first. */
export const selectRideEntries = createSelector([selectRides], rideEntries);

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
export const selectHistory = createSelector([selectReplay], ({ replay }): Step[] =>
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
