import { numberFormat } from '../intl/numbers';
import {
  distanceUnit,
  KM_PER_MILE,
  M_PER_FOOT,
  MM_PER_INCH,
  toShownDistance,
  toShownTemperature,
  type Units,
} from './convert';

/** A quantity with the range a person can plan with: half of all cases fall between low and high. */
export interface Spread {
  low: number;
  mid: number;
  high: number;
}

const plain = numberFormat({ maximumFractionDigits: 0 });
const oneDecimal = numberFormat({ maximumFractionDigits: 1 });

/** Rounds to what a rider can use: tenths under 10, whole numbers under 100, fives under 500, then tens. */
export function roundForUse(x: number): number {
  const size = Math.abs(x);
  if (size < 10) return Math.round(x * 10) / 10;
  if (size < 100) return Math.round(x);
  return size < 500 ? Math.round(x / 5) * 5 : Math.round(x / 10) * 10;
}

export const formatNumber = (x: number): string =>
  Math.abs(x) < 10 ? oneDecimal.format(x) : plain.format(x);

/** "62 km", "39 mi": rounded for use. */
export function formatDistance(km: number, units: Units): string {
  return `${formatNumber(roundForUse(toShownDistance(km, units)))} ${distanceUnit(units)}`;
}

/** The distance as logged, not rounded for planning: "42.3 km". */
export function formatExactDistance(km: number, units: Units): string {
  return `${oneDecimal.format(toShownDistance(km, units))} ${distanceUnit(units)}`;
}

/** "55 to 75 km"; one figure when both ends round to the same. */
export function formatDistanceRange(spread: Spread, units: Units): string {
  const ends = [spread.low, spread.high].map((km) =>
    formatNumber(roundForUse(toShownDistance(km, units))),
  );
  const range = ends[0] === ends[1] ? ends[0] : `${ends[0]} to ${ends[1]}`;
  return `${range} ${distanceUnit(units)}`;
}

/** "8 °C", "46 °F". */
export const formatTemperature = (celsius: number, units: Units): string =>
  `${plain.format(Math.round(toShownTemperature(celsius, units)) + 0)} °${units.temperature}`;

/** Depth of rain or water: "1.8 mm", "0.07 in". */
export const formatRain = (mm: number, units: Units): string =>
  units.rain === 'mm' ? `${oneDecimal.format(mm)} mm` : `${(mm / MM_PER_INCH).toFixed(2)} in`;

/** Wind from m/s, in what goes with their distances: "18 km/h", "11 mph". */
export const formatWind = (metresPerSecond: number, units: Units): string => {
  const kmPerH = metresPerSecond * 3.6;
  return units.distance === 'km'
    ? `${plain.format(kmPerH)} km/h`
    : `${plain.format(kmPerH / KM_PER_MILE)} mph`;
};

/** Height climbed: "310 m", "1,017 ft". */
export const formatClimb = (metres: number, units: Units): string =>
  units.height === 'm' ? `${plain.format(metres)} m` : `${plain.format(metres / M_PER_FOOT)} ft`;

/** "38 %" from 0.38, never "-0 %". */
export const formatShare = (share: number): string =>
  `${plain.format(Math.round(share * 100) + 0)} %`;

/** "0.4 %" from 0.004: a share too small for whole numbers. */
export const formatSmallShare = (share: number): string =>
  `${oneDecimal.format(Math.round(share * 1000) / 10 + 0)} %`;

/** "0.42 %" of elongation, from percent. */
export const formatElongation = (percent: number): string => `${percent.toFixed(2)} %`;

/** Hours as people say them: "20 min", "2 h", "about a night", "3 days". */
export function formatHours(hours: number): string {
  if (hours < 0.95) return `${Math.max(1, Math.round(hours * 12) * 5)} min`;
  if (hours < 6) return `${formatNumber(Math.round(hours * 2) / 2)} h`;
  if (hours <= 14) return 'about a night';
  if (hours < 36) return 'about a day';
  return `${Math.round(hours / 24)} days`;
}

/** A length of time to the minute: "31 min", "2 h 31 min", "52 h". */
export function formatSpell(hours: number): string {
  const all = Math.round(hours * 60);
  const [h, min] = [Math.floor(all / 60), all % 60];
  if (h === 0) return `${min} min`;
  return min === 0 ? `${formatNumber(h)} h` : `${formatNumber(h)} h ${min} min`;
}
