import type { Chance } from '@/core/chance/chance';
import type { Region } from '@/core/climate/climates';
import { PRESETS, type BikeSpecs } from '@/core/garage/presets';
import type { RideLogged } from '@/core/records/event';
import type { WeatherWord } from '@/core/records/kinds';
import type { Settings } from '@/core/records/settings';

/** A ride a rider of the audit takes: `startH` is the hour of the day it begins. */
export type AuditRide = Pick<RideLogged, 'distanceKm'> &
  Partial<Pick<RideLogged, 'surface' | 'salted' | 'weather' | 'durationH'>> & { startH: number };

/** A made-up rider who does what the verdict says, with the weather where they ride. */
export interface AuditRider {
  name: string;
  bike: BikeSpecs;
  standard: Settings['standard'];
  /** Weather of the stand-in in this region, hour by hour; null: each ride's own word. */
  region: Region | null;
  /** Days of riding, at most: the life of a chain that is not worn by then is reckoned on from there. */
  days: number;
  /** Rides of a day, counted from the first; 0 is a Monday in January. */
  rides: (day: number, chance: Chance) => AuditRide[];
}

const isWeekday = (day: number) => day % 7 < 5;
const isWeekend = (day: number) => !isWeekday(day);
/** Roads are treated from November to March. */
const isWinter = (day: number) => day % 365 < 90 || day % 365 > 305;
const between = (low: number, high: number, chance: Chance) =>
  low + (high - low) * chance.uniform();

const YEARS = 365;
const { road, gravel, town, 'e-bike': ebike } = PRESETS;
const shed = <T extends BikeSpecs>(specs: T): T => ({ ...specs, storage: 'shed' });

/** A word of a place where it rains on most days. */
const rainyWord = (chance: Chance): WeatherWord =>
  chance.pick([
    'dry',
    'dry',
    'damp',
    'damp',
    'wet',
    'wet',
    'wet',
    'wet',
    'wet',
    'downpour',
  ] as const);

/** A word of a wet tour: seven days of ten rain all day, the others pour. */
const tourWord = (chance: Chance): WeatherWord => (chance.uniform() < 0.7 ? 'wet' : 'downpour');

const everyOtherDay = (ride: Partial<AuditRide>) => (day: number) =>
  [0, 2, 4].includes(day % 7) ? [{ startH: 18, distanceKm: 30, durationH: 1, ...ride }] : [];

/** The eight riders of the audit, and the same riders under one other condition where the bands compare them. */
export const RIDERS = {
  'rain commuter': {
    name: 'Rain commuter, 5 km a day',
    bike: town.specs,
    standard: 'tidy',
    region: null,
    days: 4 * YEARS,
    rides: (day, chance) =>
      isWeekday(day)
        ? [8, 17].map((startH) => ({
            startH,
            distanceKm: between(2, 3, chance),
            salted: isWinter(day),
            weather: rainyWord(chance),
          }))
        : [],
  },
  'gravel in dust': {
    name: 'Gravel in dust at weekends',
    bike: gravel.specs,
    standard: 'tidy',
    region: null,
    days: 3 * YEARS,
    rides: (day, chance) =>
      isWeekend(day)
        ? [
            {
              startH: 9,
              distanceKm: between(40, 70, chance),
              surface: 'gravel',
              weather: chance.uniform() < 0.9 ? 'dusty' : 'wet',
            },
          ]
        : [],
  },
  racer: {
    name: 'Racer, 500 km a week',
    bike: shed(road.specs),
    standard: 'tidy',
    region: 'temperate coast',
    days: YEARS,
    rides: (day, chance) =>
      day % 7 === 0 ? [] : [{ startH: 9, distanceKm: between(60, 106, chance), durationH: null }],
  },
  trainer: {
    name: 'Trainer only',
    bike: road.specs,
    standard: 'tidy',
    region: null,
    days: 3 * YEARS,
    rides: everyOtherDay({ surface: 'indoor', weather: 'unknown' }),
  },
  'trainer outdoors': {
    name: 'The same rider outdoors',
    bike: road.specs,
    standard: 'tidy',
    region: 'temperate coast',
    days: 3 * YEARS,
    rides: everyOtherDay({}),
  },
  'shed rider': {
    name: 'Three rides of 30 km a week, shed',
    bike: shed(road.specs),
    standard: 'tidy',
    region: 'temperate coast',
    days: 2 * YEARS,
    rides: everyOtherDay({}),
  },
  'e-bike': {
    name: 'E-bike, 30 km a day',
    bike: ebike.specs,
    standard: 'tidy',
    region: 'temperate coast',
    days: 2 * YEARS,
    rides: () => [8, 17].map((startH) => ({ startH, distanceKm: 15 })),
  },
  'e-bike unpowered': {
    name: 'The same rider without motor',
    bike: { ...ebike.specs, ebike: false },
    standard: 'tidy',
    region: 'temperate coast',
    days: 2 * YEARS,
    rides: () => [8, 17].map((startH) => ({ startH, distanceKm: 15 })),
  },
  child: {
    name: 'Child, 10 km a month',
    bike: { ...shed(town.specs), rings: [32], speeds: 1, gear: 'single' },
    standard: 'tidy',
    region: 'temperate coast',
    days: 4 * YEARS,
    rides: (day) => (day % 7 === 5 ? [{ startH: 14, distanceKm: 2.4 }] : []),
  },
  'by the sea': {
    name: 'Kept outdoors by the sea',
    bike: { ...town.specs, storage: 'outdoors' },
    standard: 'tidy',
    region: 'windward coast',
    days: 4 * YEARS,
    rides: (day) => (isWeekday(day) ? [{ startH: 8, distanceKm: 10, salted: true }] : []),
  },
  'rain tour': {
    name: 'Tour of 150 km days in rain',
    bike: { ...road.specs, mudguards: true, storage: 'outdoors' },
    standard: 'tidy',
    region: null,
    days: 28,
    rides: (_, chance) => [
      { startH: 8, distanceKm: 150, durationH: 7.5, weather: tourWord(chance) },
    ],
  },
} as const satisfies Record<string, AuditRider>;

export type RiderName = keyof typeof RIDERS;
