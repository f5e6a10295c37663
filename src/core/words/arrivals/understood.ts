import { countedRides } from '../counted';
import type { Understood, UnderstoodChain } from '../../arrivals/understood';
import { dateFormat } from '../../intl/dates';
import { formatDistance, formatElongation } from '../../units/format';
import type { Units } from '../../units/convert';

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const on = (at: string | number): string =>
  day.format(typeof at === 'string' ? Date.parse(at) : at);

/** A bike's rides: "812 rides, 24,310 km, from 3 May 2016 to 20 November 2026. 300 of them, 9,100 km, on chains the log does not know." */
export function ridesLine({ rides, km, from, to, before }: Understood, units: Units): string {
  const all = `${countedRides(rides)}, ${formatDistance(km, units)}, from ${on(from)} to ${on(to)}.`;
  return before.rides === 0
    ? all
    : `${all} ${before.rides} of them, ${formatDistance(before.km, units)}, on chains the log does not know.`;
}

/** What is believed of a chain, a line each, and where it is changed. */
export function chainLines(
  { chain, since, state, cleanedAt }: UnderstoodChain,
  units: Units,
): { text: string; change: 'history' | 'chain' | 'wear' }[] {
  return [
    {
      text: `On since ${on(since)}, ${formatDistance(state.km, units)} so far.`,
      change: 'history',
    },
    {
      text:
        state.lube === null
          ? 'Without lube.'
          : `Lubed last on ${on(state.lubedAt)} with ${/wax|oil/.test(state.lube) ? state.lube : `${state.lube} lube`}.`,
      change: 'history',
    },
    {
      text:
        cleanedAt === null
          ? 'No clean that went inside is in the log.'
          : `Cleaned inside last on ${on(cleanedAt)}.`,
      change: 'history',
    },
    {
      text: `Worn about ${formatElongation(state.wear)}, give or take ${formatElongation(state.wearSd)}.`,
      change: 'wear',
    },
    {
      text: `${chain.links} links, ${chain.speeds} speeds, ${chain.closure === 'not known' ? 'closure not known' : `closed by a ${chain.closure}`}.`,
      change: 'chain',
    },
  ];
}
