import { countedRides } from '../counted';
import type { OlderRides } from '../../arrivals/older';
import { dateFormat } from '../../intl/dates';
import { formatDistance } from '../../units/format';
import type { Units } from '../../units/convert';

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const on = (iso: string): string => day.format(Date.parse(iso));

/** Rides older than the chain's first note: "214 rides, 5,310 km since 3 May 2016, are older than what the log knows of Racer chain A." */
export function olderSentence(older: OlderRides, chain: string, units: Units): string {
  const { rides, km, from, notedAt } = older;
  return `${countedRides(rides)}, ${formatDistance(km, units)} since ${on(from)}, ${rides === 1 ? 'is' : 'are'} older than ${on(notedAt)}, when ${chain} was noted.`;
}

/** What the choices come to: how far back the chain is taken. */
export function byDistanceHint({ kmBefore, byDistance }: OlderRides, units: Units): string {
  if (byDistance === null)
    return kmBefore === 0
      ? 'It was noted as new: the older rides were on chains before it.'
      : `It was noted with ${formatDistance(kmBefore, units)}: less than the last of these rides.`;
  return `It was noted with ${formatDistance(kmBefore, units)}: by these rides it was on since ${on(byDistance)}. Older ones were on chains before it.`;
}
