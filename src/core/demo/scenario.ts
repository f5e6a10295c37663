import { unsafeUniformIntDistribution } from 'pure-rand/distribution/UnsafeUniformIntDistribution';
import { xoroshiro128plus } from 'pure-rand/generator/XoroShiro';
import {
  addEvents,
  type LogEvent,
  type Logbook,
  type PlainEvent,
  type WeatherWord,
} from '../logbook';
import type { LubeClass } from '../lube';
import { DEFAULT_SETTINGS } from '../settings';
import { MS_PER_DAY, MS_PER_HOUR } from '../units';
import {
  COMMUTER,
  COMMUTER_CHAIN,
  GRAVEL,
  GRAVEL_CHAIN,
  ISLAND_GARAGE,
  RACER,
  RACER_CHAINS,
  ROUTES,
} from './island';

const SEED = 1866;
const DAYS = 243;

/** Days before now: what happened in these eight months besides the weekly round. */
const HOLIDAY = { from: 150, to: 137 };
const NEGLECTED = { from: 118, to: 90 };
const STORM = { from: 41, to: 37 };

type Draft<T = PlainEvent> = T extends PlainEvent
  ? Omit<T, 'id' | 'at' | 'zone' | 'recordedAt'>
  : never;

/** Chance of a wet day after a wet and after a dry one: a maritime climate, invented. */
const WET_AFTER_WET = 0.6;
const WET_AFTER_DRY = 0.24;

/**
 * Eight months on the island, ending at `now` (ms): the same seed and moment give the same logbook.
 * One rider, a commuter, a gravel bike and a racer with two chains in rotation; a holiday, a neglected
 * month, a storm, a squeak, and work in between that is mostly in time.
 */
export function demoLogbook(now: number, zone: string): Logbook {
  const random = xoroshiro128plus(SEED);
  const chance = () => unsafeUniformIntDistribution(0, 999_999, random) / 1_000_000;
  const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
  const today = Math.floor(now / MS_PER_DAY) * MS_PER_DAY;
  const events: LogEvent[] = [];
  const write = (daysAgo: number, hour: number, draft: Draft) => {
    const at = new Date(today - daysAgo * MS_PER_DAY + hour * MS_PER_HOUR).toISOString();
    const id = `demo-${String(events.length).padStart(5, '0')}`;
    events.push({ ...draft, id, at, zone, recordedAt: at } as LogEvent);
  };

  const sinceLube: Record<string, number> = {};
  const rounds: Record<string, number> = {};
  const fit = (
    daysAgo: number,
    bikeId: string,
    chainId: string,
    lube: LubeClass,
    kmBefore: number,
  ) =>
    write(daysAgo, 7, {
      type: 'chainFitted',
      bikeId,
      chainId,
      start: {
        lube,
        kmSinceLube: 0,
        look: kmBefore ? 'used' : 'clean',
        kmBefore,
        wearPercent: null,
      },
    });
  const rideOut = (
    daysAgo: number,
    hour: number,
    bikeId: string,
    km: number,
    more: {
      weather: WeatherWord;
      surface: 'paved' | 'gravel' | 'trail';
      mud?: boolean;
      salted?: boolean;
      note: string;
    },
  ) => {
    const distanceKm = Math.round(km * 10) / 10;
    sinceLube[bikeId] = (sinceLube[bikeId] ?? 0) + distanceKm;
    write(daysAgo, hour, {
      type: 'rideLogged',
      bikeId,
      distanceKm,
      durationH: null,
      mud: false,
      salted: false,
      ...more,
    });
  };
  const doWork = (
    daysAgo: number,
    chainId: string,
    bikeId: string,
    method: 'solvent wipe' | 'dry wipe' | 'scrubber' | 'brush' | 'baths' | 'wax reset',
    lubeClass: LubeClass,
    minutes: number,
    note = '',
  ) => {
    sinceLube[bikeId] = 0;
    const deep = method !== 'solvent wipe' && method !== 'dry wipe';
    write(daysAgo, 19, {
      type: 'workDone',
      chainId,
      method,
      cogsCleaned: deep,
      baths: { count: 3, ml: 150 },
      drying: 'towel and air',
      lube: { lubeClass, coat: 1, wiped: true },
      minutes,
      note,
    });
  };

  fit(DAYS, COMMUTER, COMMUTER_CHAIN, 'wet', 1400);
  fit(DAYS, GRAVEL, GRAVEL_CHAIN, 'all-weather', 0);
  fit(DAYS, RACER, RACER_CHAINS[0], 'drip wax', 600);
  let racerChain: string = RACER_CHAINS[0];

  let wetDay = false;
  for (let ago = DAYS - 1; ago >= 1; ago--) {
    const weekday = new Date(today - ago * MS_PER_DAY).getUTCDay();
    const storm = ago <= STORM.from && ago >= STORM.to;
    wetDay = storm || chance() < (wetDay ? WET_AFTER_WET : WET_AFTER_DRY);
    const hard = chance();
    const weather: WeatherWord = storm
      ? 'downpour'
      : wetDay
        ? hard < 0.15
          ? 'downpour'
          : hard < 0.6
            ? 'wet'
            : 'damp'
        : hard < 0.12
          ? 'dusty'
          : 'dry';
    if (ago <= HOLIDAY.from && ago >= HOLIDAY.to) continue;
    const neglected = ago <= NEGLECTED.from && ago >= NEGLECTED.to;

    if (weekday >= 1 && weekday <= 5 && chance() < 0.78)
      rideOut(ago, 7.5, COMMUTER, 17 + chance() * 5, {
        weather,
        surface: 'paved',
        salted: storm || chance() < 0.05,
        note: pick(ROUTES.commute),
      });
    if (weekday === 6 && chance() < 0.85)
      rideOut(ago, 9.25, GRAVEL, 38 + chance() * 34, {
        weather,
        surface: chance() < 0.7 ? 'gravel' : 'trail',
        mud: wetDay && chance() < 0.3,
        note: pick(ROUTES.gravel),
      });
    if (weekday === 0 && weather !== 'downpour')
      rideOut(ago, 8.5, RACER, 62 + chance() * 48, {
        weather,
        surface: 'paved',
        note: pick(ROUTES.race.slice(0, 2)),
      });
    if (weekday === 3 && !wetDay && chance() < 0.7)
      rideOut(ago, 17.5, RACER, 34 + chance() * 14, {
        weather,
        surface: 'paved',
        note: pick(ROUTES.race.slice(2)),
      });

    if (neglected) continue;
    if (weekday === 0 && (sinceLube[COMMUTER] ?? 0) > 190) {
      const round = (rounds[COMMUTER] = (rounds[COMMUTER] ?? 0) + 1);
      if (round % 3 === 0) doWork(ago, COMMUTER_CHAIN, COMMUTER, 'scrubber', 'wet', 32);
      else doWork(ago, COMMUTER_CHAIN, COMMUTER, 'solvent wipe', 'wet', 12);
    }
    if (weekday === 6 && (sinceLube[GRAVEL] ?? 0) > 105) {
      const round = (rounds[GRAVEL] = (rounds[GRAVEL] ?? 0) + 1);
      if (round % 2 === 0) doWork(ago, GRAVEL_CHAIN, GRAVEL, 'baths', 'all-weather', 70);
      else doWork(ago, GRAVEL_CHAIN, GRAVEL, 'brush', 'all-weather', 28);
    }
    if (weekday === 1 && (sinceLube[RACER] ?? 0) > 180) {
      const round = (rounds[RACER] = (rounds[RACER] ?? 0) + 1);
      if (round % 3 === 0) {
        const next = racerChain === RACER_CHAINS[0] ? RACER_CHAINS[1] : RACER_CHAINS[0];
        doWork(ago, racerChain, RACER, 'wax reset', 'drip wax', 55, 'Into the drawer to rest');
        write(ago, 19.5, { type: 'chainRemoved', chainId: racerChain });
        const fresh = next === RACER_CHAINS[1] && round === 3;
        write(ago, 20, {
          type: 'chainFitted',
          bikeId: RACER,
          chainId: next,
          start: fresh
            ? { lube: 'drip wax', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0.03 }
            : null,
        });
        racerChain = next;
      } else doWork(ago, racerChain, RACER, 'dry wipe', 'drip wax', 10);
    }
    if (weekday === 0 && ago % 5 === 0)
      write(ago, 18.5, {
        type: 'ragChecked',
        chainId: COMMUTER_CHAIN,
        swatch: 2 + Math.floor(chance() * 3),
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
  write(STORM.to, 17, { type: 'gotWet', bikeId: COMMUTER, how: 'stood in rain' });
  write(30, 18, { type: 'wearRead', chainId: GRAVEL_CHAIN, tool: 'ruler', percent: 0.16 });

  return {
    garage: ISLAND_GARAGE,
    settings: { ...DEFAULT_SETTINGS, changedAt: '2026-01-01T00:00:00.000Z' },
    log: addEvents({}, events),
  };
}
