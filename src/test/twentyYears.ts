import { demoLogbook } from '@/core/demo/scenario';
import type { Garage } from '@/core/records/garage';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import { MS_PER_DAY } from '@/core/units/convert';

export const NOW = Date.parse('2026-11-24T10:00:00Z');

/** A round of the demo's eight months begins so many days before the next: the rider has two homes, in a way. */
const DAYS_APART = 166;
/** One ride in four was not noted. */
const NOT_NOTED = 4;
/** Bikes of each kind that take turns: ten together; and rounds until each has new chains. */
const BIKES = { commuter: 2, gravel: 3, racer: 5 } as const;
const ROUNDS_A_CHAIN = 11;

const OWN_ID = /demo-(?:bike|chain|part)-(commuter|gravel|racer)[a-z-]*/g;

/** A record or an event as it is in an earlier round: of its own bike, with chains and parts of its own. */
function inRound<T>(thing: T, round: number): T {
  if (round === 0) return thing;
  const text = JSON.stringify(thing).replace(OWN_ID, (id, kind: keyof typeof BIKES) => {
    const bike = round % BIKES[kind];
    const epoch = Math.floor(round / ROUNDS_A_CHAIN);
    const own = id.startsWith('demo-bike') ? `${bike}` : `${bike}-${epoch}`;
    return own === '0' || own === '0-0' ? id : `${id}-${own}`;
  });
  return JSON.parse(text) as T;
}

function roundOf(events: readonly LogEvent[], round: number): LogEvent[] {
  const back = round * DAYS_APART * MS_PER_DAY;
  let rides = 0;
  return events.flatMap((event) => {
    if (event.type === 'rideLogged' && ++rides % NOT_NOTED === 0) return [];
    const at = new Date(Date.parse(event.at) - back).toISOString();
    return [{ ...inRound(event, round), id: `${event.id}-${round}`, at, recordedAt: at }];
  });
}

/**
 * A logbook as a keen rider brings it: with 50,000 events it is twenty years long and has some 6,000 rides with
 * their hourly weather, ten bikes and sixty chains. The demo's rides and work, again and again backwards in time.
 * `bikes`: so many of them, for the growth of a measure with bikes.
 */
export function twentyYears(many = 50_000): Logbook {
  const demo = demoLogbook(NOW, 'Europe/London');
  const base = allEvents(demo.log);
  const events: LogEvent[] = [];
  const garage: Garage = structuredClone(demo.garage);
  for (let round = 0; events.length < many; round++) {
    events.push(...roundOf(base, round).slice(-(many - events.length)));
    for (const kind of ['bikes', 'chains', 'parts'] as const)
      for (const record of Object.values(demo.garage[kind])) {
        const own = inRound(record, round);
        Object.assign(garage[kind], { [own.id]: own });
      }
  }
  return {
    garage,
    settings: { ...demo.settings, weatherSource: 'none' },
    log: addEvents({}, events),
  };
}
