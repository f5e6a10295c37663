import { GRAVEL } from '@/core/demo/island';
import { demoLogbook } from '@/core/demo/scenario';
import type { Garage } from '@/core/records/garage';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import type { LogEvent, RideLogged } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import { MS_PER_DAY } from '@/core/units/convert';

export const NOW = Date.parse('2026-11-24T10:00:00Z');

/** A round of the demo's eight months begins so many days before the next: the rider has two homes, in a way. */
const DAYS_APART = 166;
/** One ride in four was not noted. */
const NOT_NOTED = 4;
/** Bikes of each kind that take turns, by how many there are together. */
const BIKES = {
  1: { commuter: 0, gravel: 1, racer: 0 },
  3: { commuter: 1, gravel: 1, racer: 1 },
  10: { commuter: 2, gravel: 3, racer: 5 },
} as const;
type Kinds = Record<keyof (typeof BIKES)[10], number>;
/** Rounds until each bike has new chains. */
const ROUNDS_A_CHAIN = 11;

const OWN_ID = /demo-(?:bike|chain|part)-(commuter|gravel|racer)[a-z-]*/g;

/** Whether a record or an event is of no bike that is left out. */
const isOf = (kinds: Kinds) => (thing: unknown) =>
  [...JSON.stringify(thing).matchAll(OWN_ID)].every(([, kind]) => kinds[kind as keyof Kinds] > 0);

/** A ride of a bike that is left out goes on the gravel bike. */
const onOneOf = (kinds: Kinds, ride: RideLogged): RideLogged =>
  isOf(kinds)(ride) ? ride : { ...ride, bikeId: GRAVEL };

/** A record or an event as it is in an earlier round: of its own bike, with chains and parts of its own. */
function inRound<T>(thing: T, round: number, kinds: Kinds): T {
  if (round === 0) return thing;
  const text = JSON.stringify(thing).replace(OWN_ID, (id, kind: keyof Kinds) => {
    const bike = round % kinds[kind];
    const epoch = Math.floor(round / ROUNDS_A_CHAIN);
    const own = id.startsWith('demo-bike') ? `${bike}` : `${bike}-${epoch}`;
    return own === '0' || own === '0-0' ? id : `${id}-${own}`;
  });
  return JSON.parse(text) as T;
}

function roundOf(events: readonly LogEvent[], round: number, kinds: Kinds): LogEvent[] {
  const back = round * DAYS_APART * MS_PER_DAY;
  let rides = 0;
  return events.flatMap((event) => {
    if (event.type === 'rideLogged' && ++rides % NOT_NOTED === 0) return [];
    const at = new Date(Date.parse(event.at) - back).toISOString();
    return [{ ...inRound(event, round, kinds), id: `${event.id}-${round}`, at, recordedAt: at }];
  });
}

/**
 * A logbook as a keen rider brings it: with 50,000 events it is twenty years long and has some 6,000 rides with
 * their hourly weather, ten bikes and sixty chains. The demo's rides and work, again and again backwards in time.
 * `bikes`: so many of them in place of ten, each ridden the more, for the growth of a measure with bikes.
 */
export function twentyYears(many = 50_000, bikes: keyof typeof BIKES = 10): Logbook {
  const demo = demoLogbook(NOW, 'Europe/London');
  const kinds = BIKES[bikes];
  const base = allEvents(demo.log)
    .map((event) => (event.type === 'rideLogged' ? onOneOf(kinds, event) : event))
    .filter(isOf(kinds));
  const events: LogEvent[] = [];
  const garage: Garage = structuredClone({ ...demo.garage, bikes: {}, chains: {}, parts: {} });
  for (let round = 0; events.length < many; round++) {
    events.push(...roundOf(base, round, kinds).slice(-(many - events.length)));
    for (const kind of ['bikes', 'chains', 'parts'] as const)
      for (const record of Object.values(demo.garage[kind]).filter(isOf(kinds))) {
        const own = inRound(record, round, kinds);
        Object.assign(garage[kind], { [own.id]: own });
      }
  }
  return {
    garage,
    settings: { ...demo.settings, weatherSource: 'none' },
    log: addEvents({}, events),
  };
}
