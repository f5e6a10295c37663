import type { Regional } from '../intl/device';
import { WEEK_STARTS, type WeekStart } from '../records/kinds';
import { METRIC, type Units } from '../units/convert';

/** How figures, clocks and weeks are written for a rider. */
export interface Written {
  units: Units;
  weekStart: WeekStart;
}

/** Regions whose roads are measured in miles, and those that read heat in °F. From Unicode's data of regions, from memory. */
const MILES = new Set(['US', 'LR']);
const FAHRENHEIT = new Set(['US', 'LR', 'BS', 'BZ', 'KY', 'PR', 'PW']);

/**
 * What a rider of a region starts with. `distance` as they chose it; in Britain, where roads are in miles and many riders
 * count kilometres, kilometres come first (own choice), and miles go with feet, °C and millimetres.
 */
export function writtenAt(
  { region, clock, firstDay }: Regional,
  distance: Units['distance'] = MILES.has(region) ? 'mi' : 'km',
): Written {
  const inches = distance === 'mi' && MILES.has(region);
  return {
    units: {
      ...METRIC,
      distance,
      height: distance === 'mi' ? 'ft' : 'm',
      temperature: FAHRENHEIT.has(region) ? 'F' : 'C',
      rain: inches ? 'in' : 'mm',
      clock,
    },
    weekStart: WEEK_STARTS.find((day) => day === firstDay) ?? 1,
  };
}
