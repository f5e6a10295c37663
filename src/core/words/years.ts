import type { LubeClass } from '../lube/classes';
import { formatDistance, formatNumber, roundForUse } from '../units/format';
import type { Units } from '../units/convert';
import { formatMoney } from '../intl/money';
import { lubeOf, regimeOf, type WayKey } from '../years/figures';
import type { CarePrices } from '../years/outcome';
import type { Middle, Quantity } from '../years/compare';
import type { YearOfRiding } from '../years/riding';
import { roundMoney } from './amounts';
import { REGIME_LABEL } from './money';
import { listed } from './counted';
import { formatWatts } from './watts';

export const QUANTITY_LABEL: Record<Quantity, string> = {
  money: 'Money',
  hours: 'Hours of work',
  chains: 'Chains',
  cassettes: 'Cassettes',
  dryKm: 'Ridden dry',
  watts: 'Watts lost',
  wetNights: 'Nights wet',
};

/** What is shown in: the rider's currency and units. */
export interface ShownIn {
  currency: string | null;
  units: Units;
}

/** A quantity with its unit: "€640", "42 h", "3.1 chains". */
export function quantitySaid(value: number, quantity: Quantity, shown: ShownIn): string {
  const rounded = roundForUse(value);
  switch (quantity) {
    case 'money':
      return formatMoney(roundMoney(value), shown.currency, true);
    case 'hours':
      return `${formatNumber(rounded)} h`;
    case 'watts':
      return formatWatts(value);
    case 'dryKm':
      return formatDistance(value, shown.units);
    case 'chains':
    case 'cassettes':
      return formatNumber(Math.round(value * 10) / 10);
    case 'wetNights':
      return formatNumber(rounded);
  }
}

/** "€560 to €720", half of the futures; one figure where both round to the same. */
export function halfSaid({ half }: Middle, quantity: Quantity, shown: ShownIn): string {
  const [a, b] = half.map((value) => quantitySaid(value, quantity, shown));
  return a === b ? (a ?? '') : `${a} to ${b}`;
}

const LESS: Record<Quantity, [less: string, more: string]> = {
  money: ['costs', 'less'],
  hours: ['takes', 'less'],
  chains: ['uses', 'fewer chains'],
  cassettes: ['uses', 'fewer cassettes'],
  dryKm: ['rides', 'less without lube'],
  watts: ['loses', 'less'],
  wetNights: ['stands wet', 'fewer nights'],
};

const NOUN: Record<Quantity, string> = {
  money: 'money',
  hours: 'hours of work',
  chains: 'chains',
  cassettes: 'cassettes',
  dryKm: 'distance ridden dry',
  watts: 'watts',
  wetNights: 'wet nights',
};

export const lubeName = (lube: LubeClass): string => lube.charAt(0).toUpperCase() + lube.slice(1);

/** What a way is called among others of its question: by how it is kept, or by its lube. */
export const wayLabel = (key: WayKey, by: 'regime' | 'lube'): string =>
  by === 'regime' ? REGIME_LABEL[regimeOf(key)] : lubeName(lubeOf(key));

/** What one way has over another, quantity by quantity; where it may go either way, that is said. */
export function differenceSentence(
  [a, b]: readonly [string, string],
  quantity: Quantity,
  { half, mid }: Middle,
  shown: ShownIn,
): string {
  const size = Math.abs(mid);
  const [low, high] = half;
  const none = quantitySaid(size, quantity, shown) === quantitySaid(0, quantity, shown);
  if (none) return `There is hardly a difference in ${NOUN[quantity]}.`;
  const [first, second] = mid < 0 ? [a, b] : [b, a];
  const [verb, less] = LESS[quantity];
  const sure = low < 0 !== high < 0 ? ', but it may go either way' : '';
  return `“${first}” ${verb} ${quantitySaid(size, quantity, shown)} ${less} than “${second}”${sure}.`;
}

/** What riding the years are made of. */
export function ridingSentence({ basis, from, rides }: YearOfRiding, units: Units): string {
  const km = rides.reduce((sum, ride) => sum + ride.km, 0);
  const year = `${formatDistance(km, units)} a year`;
  if (basis === 'log') return `Your rides of the last year, ridden every year again, make ${year}.`;
  if (basis === 'part')
    return `Your ${from.rides} rides of ${from.days} days, if they go on like that, make ${year}.`;
  return `Too few rides are logged, so we assume three rides of 30 km a week, which make ${year}. Log rides to make it yours.`;
}

/** "Your 8 months so far", "Your five years so far". */
export function soFarTitle(days: number): string {
  const months = Math.max(1, Math.round(days / 30.4375));
  if (months < 24) return `Your ${months} ${months === 1 ? 'month' : 'months'} so far`;
  return `Your ${formatNumber(Math.round(months / 6) / 2)} years so far`;
}

const PRICED: readonly (readonly [keyof CarePrices, string])[] = [
  ['coat', 'a coat of lube'],
  ['clean', 'the degreaser of a clean'],
  ['ring', 'rings'],
  ['jockeys', 'jockey wheels'],
];

/** What has no price and is left out of the money; null: everything has one. */
export function unpricedSentence(prices: CarePrices): string | null {
  const names = PRICED.flatMap(([key, name]) => (prices[key] === null ? [name] : []));
  return names.length === 0
    ? null
    : `We know no price of ${listed(names)}, so the money leaves them out.`;
}
