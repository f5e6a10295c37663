import { inFull, type ReplayStep } from '../care/replay/step';
import type { Garage } from '../records/garage';
import { dateFormat } from '../intl/dates';
import type { Units } from '../units/convert';
import { namedEventLine } from '../words/event';
import type { Findable } from './find';

const day = dateFormat({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

/** Rides, work, notes and readings of a log, newest first, by what they say, their day, their bike and their chain. */
export const thingsInLog = (
  steps: readonly ReplayStep[],
  garage: Garage,
  units: Units,
): Findable[] =>
  steps
    .map((step): Findable => {
      const { event, bikeId, chainId } = step;
      const isRide = event.type === 'rideLogged';
      const names = [garage.bikes[bikeId ?? '']?.name, garage.chains[chainId ?? '']?.name];
      const title = namedEventLine({ event, sky: inFull(step).sky }, garage, units);
      const note = 'note' in event && event.note ? event.note : '';
      return {
        id: event.id,
        kind: isRide ? 'ride' : 'entry',
        title,
        line: [day.format(Date.parse(event.at)), names[0] ?? names[1] ?? '', note]
          .filter(Boolean)
          .join(' · '),
        words: [...names, event.at.slice(0, 10)].join(' '),
        href: isRide ? `/rides/${event.id}` : `/book/history?from=${event.id}`,
      };
    })
    .reverse();
