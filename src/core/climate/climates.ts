/**
 * Climates of the weather stand-in, in the form of Richardson 1981, Water Resour. Res. 17:182: a chain
 * of wet and dry days, gamma amounts, a seasonal temperature with a memory. A pair is the yearly mean
 * and the seasonal swing, largest on the day of the year given third.
 */
export type Season = readonly [mean: number, swing: number, peakDay: number];

export interface Climate {
  /** Chance of a wet day after a dry one and after a wet one. */
  wetAfterDry: Season;
  wetAfterWet: Season;
  /** Rain of a wet day, mm, and the shape of its gamma distribution. */
  rainMm: Season;
  rainShape: number;
  /** Daily mean temperature, C; its departures last from day to day by `memory` and have `spread`. */
  temperatureC: Season;
  memory: number;
  spread: number;
  /** Half the way from night to day, C, on dry and on wet days. */
  halfRangeDry: Season;
  halfRangeWet: Season;
  /** Mean wind, m/s, on dry and on wet days. */
  windDry: number;
  windWet: number;
  /** How far the dew point lies below the night's low on dry days, C: 0 by the sea, more inland. */
  dewBelowLow: number;
}

/**
 * Fitted to the open daily Seattle record of 2012 to 2015 (NOAA, `vega-datasets` seattle-weather.csv):
 * first harmonics by least squares, gamma shape between the likelihood's and the moments'. The record
 * has no humidity: the dew point is an own estimate.
 */
const TEMPERATE_COAST: Climate = {
  wetAfterDry: [0.275, 0.151, 24],
  wetAfterWet: [0.624, 0.175, 5],
  rainMm: [6.76, 1.54, 342],
  rainShape: 0.73,
  temperatureC: [12.3, 7.46, 204],
  memory: 0.77,
  spread: 2.85,
  halfRangeDry: [4.74, 1.43, 183],
  halfRangeWet: [3.07, 0.78, 187],
  windDry: 2.87,
  windWet: 3.74,
  dewBelowLow: 0.5,
};

/** The regions of the demo's island, and everywhere else. All but the last are invented. */
export const CLIMATES = {
  'windward coast': {
    ...TEMPERATE_COAST,
    wetAfterDry: [0.34, 0.12, 10],
    wetAfterWet: [0.66, 0.12, 5],
    temperatureC: [9.6, 4.2, 215],
    halfRangeDry: [2.8, 0.6, 183],
    halfRangeWet: [1.8, 0.4, 187],
    windDry: 6.2,
    windWet: 9.1,
    dewBelowLow: 0,
  },
  'lee shore': {
    ...TEMPERATE_COAST,
    wetAfterDry: [0.26, 0.11, 10],
    wetAfterWet: [0.58, 0.12, 5],
    rainMm: [5.2, 1.1, 342],
    temperatureC: [10.1, 4.8, 212],
    halfRangeDry: [3.4, 0.9, 183],
    windDry: 4.4,
    windWet: 6.3,
    dewBelowLow: 0.3,
  },
  'peat moor': {
    ...TEMPERATE_COAST,
    wetAfterDry: [0.38, 0.12, 10],
    wetAfterWet: [0.7, 0.1, 5],
    rainMm: [8.4, 1.8, 342],
    temperatureC: [8.1, 5.2, 212],
    windDry: 5.4,
    windWet: 7.6,
    dewBelowLow: 0.2,
  },
  'temperate coast': TEMPERATE_COAST,
} as const satisfies Record<string, Climate>;

export type Region = keyof typeof CLIMATES;

/** The island's bounds, in open sea: the lee shore east of the ridge, the moor in the north. */
const ISLAND = { south: 58, north: 58.75, west: -12, east: -11, ridge: -11.5, moor: 58.5 };

/** The climate of a position. */
export function regionAt(lat: number, lon: number): Region {
  const { south, north, west, east, ridge, moor } = ISLAND;
  if (lat < south || lat > north || lon < west || lon > east) return 'temperate coast';
  if (lat >= moor) return 'peat moor';
  return lon < ridge ? 'windward coast' : 'lee shore';
}
