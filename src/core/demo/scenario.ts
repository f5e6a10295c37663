import { Chance } from '../chance';
import {
  addEvents,
  type CleanMethod,
  type LogEvent,
  type Logbook,
  type PlainEvent,
  type WeatherWord,
} from '../logbook';

import type { LubeClass } from '../lube';
import { USUAL_WORKSHOP } from '../records/workshop';
import { DEFAULT_SETTINGS } from '../settings';
import { MS_PER_DAY, MS_PER_HOUR } from '../units';
import { dayOf } from '../weather';
import { diaryRides, islandDays, ISLAND_SEED, type DiaryRide, type Draft } from './diary';
import {
  COMMUTER,
  COMMUTER_CHAIN,
  GRAVEL,
  GRAVEL_CHAIN,
  ISLAND_GARAGE,
  RACER,
  RACER_CHAINS,
} from './island';
import { plannedRides } from './planned';
import { climbOf, coarsePath } from './route';
import { usedFor } from './supplies';
import { weatherOf } from './weather';

const DAYS = 243;
/** The last days of riding are still in the recorder, for Sync to fetch. */
const NOT_SYNCED_DAYS = 3;

/** Days before now: what happened in these eight months besides the weekly round. */
const HOLIDAY = { from: 150, to: 137 };
const NEGLECTED = { from: 118, to: 90 };
/** Within these the wettest day counts as the storm. */
const STORM = { from: 60, to: 20 };

/** Now and then the rider said what the weather was: by the day's number modulo 23. */
const SAID: Readonly<Record<number, WeatherWord>> = { 4: 'damp', 11: 'wet', 17: 'dry' };

/**
 * Eight months on the island, ending a few days before `now` (ms): the same moment returns the same
 * logbook. One rider, a commuter, a gravel bike and a racer with two chains in rotation; a holiday, a
 * neglected month, a storm, a squeak, and work in between that is mostly in time.
 */
export function demoLogbook(now: number, zone: string): Logbook {
  const today = dayOf(now);
  const events: LogEvent[] = [];
  const writeAt = (at: number, draft: Draft) => {
    const instant = new Date(at).toISOString();
    const id = `demo-${String(events.length).padStart(5, '0')}`;
    events.push({ ...draft, id, at: instant, zone, recordedAt: instant } as LogEvent);
  };
  const write = (daysAgo: number, hour: number, draft: Draft<PlainEvent>) =>
    writeAt((today - daysAgo) * MS_PER_DAY + hour * MS_PER_HOUR, draft);

  const sinceLube: Record<string, number> = {};
  const rounds: Record<string, number> = {};
  const nextRound = (bikeId: string) => (rounds[bikeId] = (rounds[bikeId] ?? 0) + 1);
  const fit = (daysAgo: number, bikeId: string, chainId: string, lube: LubeClass, km: number) =>
    write(daysAgo, 7, {
      type: 'chainFitted',
      bikeId,
      chainId,
      start: {
        lube,
        kmSinceLube: 0,
        look: km ? 'used' : 'clean',
        kmBefore: km,
        wearPercent: null,
      },
    });
  const doWork = (
    daysAgo: number,
    chainId: string,
    bikeId: string,
    method: CleanMethod,
    lubeClass: LubeClass,
    minutes: number,
    note = '',
  ) => {
    sinceLube[bikeId] = 0;
    write(daysAgo, 19, {
      type: 'workDone',
      chainId,
      method,
      cogsCleaned: method !== 'solvent wipe' && method !== 'dry wipe',
      baths: { count: 3, ml: 150 },
      drying: 'towel and air',
      lube: { lubeClass, coat: 1, wiped: true },
      used: usedFor(method, lubeClass),
      depth: null,
      swatches: [],
      minutes,
      note,
    });
  };
  const rode = (ride: DiaryRide) => {
    const { startedAt, bikeId, loop, hours, surface, mud, name } = ride;
    sinceLube[bikeId] = (sinceLube[bikeId] ?? 0) + loop.km;
    writeAt(startedAt, {
      type: 'rideLogged',
      bikeId,
      distanceKm: loop.km,
      durationH: hours,
      weather: SAID[Number(ride.id.split('-')[0]) % 23] ?? 'unknown',
      surface,
      mud,
      salted: false,
      note: name,
      climbM: climbOf(loop),
      path: paths.get(ride.id) ?? null,
      recorderId: ride.id,
    });
  };

  fit(DAYS, COMMUTER, COMMUTER_CHAIN, 'wet', 1400);
  fit(DAYS, GRAVEL, GRAVEL_CHAIN, 'all-weather', 0);
  fit(DAYS, RACER, RACER_CHAINS[0], 'drip wax', 600);
  let racerChain: string = RACER_CHAINS[0];
  const rides = diaryRides(today - DAYS + 1, today - NOT_SYNCED_DAYS).filter(
    ({ startedAt }) => !within(HOLIDAY, today - dayOf(startedAt)),
  );
  const paths = new Map(rides.map((r) => [r.id, coarsePath(r.loop, r.hours * 60)]));
  for (let ago = DAYS - 1; ago >= NOT_SYNCED_DAYS; ago--) {
    const chance = new Chance(ISLAND_SEED, today - ago, 5);
    const weekday = new Date((today - ago) * MS_PER_DAY).getUTCDay();
    for (const ride of rides) if (dayOf(ride.startedAt) === today - ago) rode(ride);
    if (within(HOLIDAY, ago) || within(NEGLECTED, ago)) continue;
    if (weekday === 0 && (sinceLube[COMMUTER] ?? 0) > 75) {
      if (nextRound(COMMUTER) % 2 === 0)
        doWork(ago, COMMUTER_CHAIN, COMMUTER, 'scrubber', 'wet', 32);
      else doWork(ago, COMMUTER_CHAIN, COMMUTER, 'solvent wipe', 'wet', 12);
    }
    if (weekday === 6 && (sinceLube[GRAVEL] ?? 0) > 105) {
      const round = nextRound(GRAVEL);
      // A rider who listens before lubing: what the shelf has learnt of the bottle comes from this.
      const sound = (sinceLube[GRAVEL] ?? 0) > 170 ? 'squeak' : 'still quiet';
      write(ago, 9, { type: 'soundHeard', chainId: GRAVEL_CHAIN, sound });
      if (round % 2 === 0) doWork(ago, GRAVEL_CHAIN, GRAVEL, 'baths', 'all-weather', 70);
      else doWork(ago, GRAVEL_CHAIN, GRAVEL, 'brush', 'all-weather', 28);
    }
    if (weekday === 1 && (sinceLube[RACER] ?? 0) > 180) {
      const round = nextRound(RACER);
      if (round % 3 === 0) {
        const next = racerChain === RACER_CHAINS[0] ? RACER_CHAINS[1] : RACER_CHAINS[0];
        doWork(ago, racerChain, RACER, 'wax reset', 'drip wax', 55, 'Into the drawer to rest');
        write(ago, 19.5, { type: 'chainRemoved', chainId: racerChain });
        const start =
          round === 3
            ? { lube: 'drip wax', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0.03 }
            : null;
        write(ago, 20, {
          type: 'chainFitted',
          bikeId: RACER,
          chainId: next,
          start: start as Extract<PlainEvent, { type: 'chainFitted' }>['start'],
        });
        racerChain = next;
      } else doWork(ago, racerChain, RACER, 'dry wipe', 'drip wax', 10);
    }
    if (weekday === 0 && ago % 5 === 0)
      write(ago, 18.5, {
        type: 'ragChecked',
        chainId: COMMUTER_CHAIN,
        swatch: 2 + Math.floor(chance.uniform() * 3),
      });
  }
  write(NEGLECTED.to, 8, { type: 'soundHeard', chainId: COMMUTER_CHAIN, sound: 'squeak' });
  doWork(NEGLECTED.to - 0.5, COMMUTER_CHAIN, COMMUTER, 'baths', 'wet', 85, 'A month late');
  write(NEGLECTED.to - 1, 18, {
    type: 'wearRead',
    chainId: COMMUTER_CHAIN,
    tool: 'checker',
    percent: 0.4,
  });
  const storm = islandDays(today - STORM.from, today - STORM.to).reduce((a, b) =>
    b.rainMm > a.rainMm ? b : a,
  );
  write(today - storm.day, 17, { type: 'gotWet', bikeId: COMMUTER, how: 'stood in rain' });
  write(30, 18, { type: 'wearRead', chainId: GRAVEL_CHAIN, tool: 'ruler', percent: 0.16 });
  for (const draft of weatherOf(rides, paths, now)) writeAt(draft.day * MS_PER_DAY, draft.event);

  return {
    garage: {
      ...ISLAND_GARAGE,
      planned: plannedRides(new Date(now).toISOString().slice(0, 10)),
    },
    settings: {
      ...DEFAULT_SETTINGS,
      weatherSource: 'service',
      recorder: true,
      workshop: { ...USUAL_WORKSHOP, tools: ['stand', 'brushes', 'scrubber', 'air'] },
      changedAt: '2026-01-01T00:00:00.000Z',
    },
    log: addEvents({}, events),
  };
}

const within = (span: { from: number; to: number }, ago: number): boolean =>
  ago <= span.from && ago >= span.to;
