import type { Chance } from '@/core/chance/chance';
import type { WeatherWord } from '@/core/records/kinds';

/** Rides of a year by their weather, each with its share. */
type Year = readonly (readonly [WeatherWord, number])[];

/** Kinds of year. A mixed one is common sense of a temperate climate; salted rain a commuter's winter on treated roads. */
export const YEARS = {
  mixed: [
    ['dry', 0.7],
    ['damp', 0.15],
    ['wet', 0.12],
    ['downpour', 0.03],
  ],
  'salted rain': [
    ['dry', 0.2],
    ['damp', 0.2],
    ['wet', 0.5],
    ['downpour', 0.1],
  ],
  dry: [['dry', 1]],
} as const satisfies Record<string, Year>;

/** Returns the weather of a ride in a year of such a kind. */
export function wordOfYear(year: keyof typeof YEARS, chance: Chance): WeatherWord {
  let left = chance.uniform();
  return YEARS[year].find(([, share]) => (left -= share) < 0)?.[0] ?? 'dry';
}
