import { generateDays } from '@/core/climate/generator';
import type { Region } from '@/core/climate/climates';
import type { Garage } from '@/core/records/garage';
import type { LogEvent } from '@/core/records/event';
import { cellName, cellOf } from '@/core/weather/cells';
import type { AuditRider } from './riders';

/** A Monday. */
export const START = Date.parse('2024-01-01T00:00:00.000Z');
export const HOUR = 3_600_000;
export const DAY = 24 * HOUR;
const WEATHER_SEED = 4;

/** Where each region's rides are set; the demo's island lies there, the temperate coast beside it. */
export const PLACES: Record<Region, readonly [number, number]> = {
  'windward coast': [58.2, -11.8],
  'lee shore': [58.2, -11.2],
  'peat moor': [58.6, -11.5],
  'temperate coast': [57, -11.5],
};

const MOST_CHAINS = 40;
export const chainId = (n: number) => `c${n}`;
const CHAIN = {
  links: 114,
  closure: 'reusable link',
  openingsAllowed: null,
  directional: false,
  price: null,
} as const;

export const garageOf = (rider: AuditRider): Garage => {
  const common = { retired: false, changedAt: new Date(START).toISOString() };
  return {
    bikes: { b: { ...rider.bike, ...common, id: 'b', name: rider.name } },
    chains: Object.fromEntries(
      Array.from({ length: MOST_CHAINS }, (_, n) => chainId(n)).map((id) => [
        id,
        { ...common, ...CHAIN, id, name: id, speeds: rider.bike.speeds },
      ]),
    ),
    products: {},
    planned: {},
    parts: {},
    planMarks: {},
    trials: {},
  };
};

/** Written out by hand, not by the app's import: days of the stand-in's weather as the log keeps them. */
export function weatherOf(region: Region, days: number): LogEvent[] {
  const [lat, lon] = PLACES[region];
  const first = START / DAY;
  return generateDays(WEATHER_SEED, region, first - 3, first + days + 5).map(({ day, hours }) => {
    const at = new Date(day * DAY).toISOString();
    return {
      type: 'weatherSeen',
      id: `w${day}`,
      at,
      zone: 'UTC',
      recordedAt: at,
      source: 'service',
      cell: cellName(cellOf(lat, lon)),
      rainMm: hours.map((h) => h.rainMm),
      temperatureC: hours.map((h) => h.temperatureC),
      humidity: hours.map((h) => h.humidity),
      windMs: hours.map((h) => h.windMs),
      sunMj: hours.map((h) => h.sunMj ?? null),
    };
  });
}
