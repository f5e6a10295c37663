import { eventLine } from '../words/event';
import type { Service } from '../wear';
import { toCsv } from './toCsv';

/** A chain's service history as a table (RFC 4180): a row an event, oldest first; distances in km, wear in %. */
export const writeServiceCsv = ({ rows }: Service, chain: string): string =>
  toCsv(
    [...rows].reverse().map(({ event, sky, km, wear }) => ({
      date: event.at,
      chain,
      what: event.type,
      in_words: eventLine(event, 'metric', sky),
      ride_km: event.type === 'rideLogged' ? event.distanceKm : '',
      minutes: event.type === 'workDone' ? (event.minutes ?? '') : '',
      note: 'note' in event ? event.note : '',
      chain_km: km.toFixed(1),
      wear_percent: wear.toFixed(3),
    })),
  );
