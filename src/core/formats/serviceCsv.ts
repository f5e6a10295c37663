import { METRIC } from '../units/convert';
import type { Garage } from '../records/garage';
import { eventLine } from '../words/event';
import type { ReplayStep } from '../care/replay/step';
import { costOfWork } from '../shelf/spent';
import { rowsOf, type Service, type ServiceRow } from '../wear/service';
import { toCsv } from './toCsv';

const nameOf = (records: Record<string, { name: string }>, id: string | null): string =>
  id === null ? '' : (records[id]?.name ?? id);

/** What a work took off the shelf: "House wet lube 4.6; Rag solvent 10". */
const usedText = ({ event }: ServiceRow, { products }: Garage): string =>
  event.type === 'workDone'
    ? event.used.map((u) => `${nameOf(products, u.productId)} ${u.amount}`).join('; ')
    : '';

/** The life of a chain, a bike, or of everything as a table (RFC 4180): a row an event, oldest first; distances in km, wear in %. */
export const writeServiceCsv = ({ rows }: Pick<Service, 'rows'>, garage: Garage): string =>
  toCsv(
    [...rows].reverse().map((row) => {
      const { event, sky, km, wear, chainId, bikeId } = row;
      return {
        date: event.at,
        zone: event.zone,
        bike: nameOf(garage.bikes, bikeId),
        chain: nameOf(garage.chains, chainId),
        part: 'partId' in event ? nameOf(garage.parts, event.partId) : '',
        what: event.type,
        in_words: eventLine(event, METRIC, sky),
        ride_km: event.type === 'rideLogged' ? event.distanceKm : '',
        minutes: event.type === 'workDone' ? (event.minutes ?? '') : '',
        used: usedText(row, garage),
        cost: row.cost > 0 ? row.cost.toFixed(2) : '',
        note: 'note' in event ? event.note : '',
        km: km.toFixed(1),
        wear_percent: wear === null ? '' : wear.toFixed(3),
      };
    }),
  );

/** All the log holds as a table: every bike, chain and part. */
export const writeEverythingCsv = (steps: readonly ReplayStep[], garage: Garage): string =>
  writeServiceCsv(
    { rows: rowsOf(steps, 'everything', (work) => costOfWork(garage.products, work)).reverse() },
    garage,
  );
