import { addEvents } from '../logbook/chunks';
import type { CleanMethod, WeatherWord } from '../records/kinds';
import type { LogEvent, PlainEvent, WorkDone } from '../records/event';
import type { Logbook } from '../logbook/logbook';
import type { LubeClass } from '../lube/classes';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import type { DiaryRide, Draft } from './diary';
import { gearsOf } from './gears';
import { ISLAND_GARAGE, RACER } from './island';
import { climbOf, type coarsePath } from './route';
import { usedFor } from './supplies';

/** Now and then the rider said what the weather was: by the day's number modulo 23. */
const SAID: Readonly<Record<number, WeatherWord>> = { 4: 'damp', 11: 'wet', 17: 'dry' };

/** A chain on the bike it is on. */
export interface ChainOn {
  bikeId: string;
  chainId: string;
}

/** What is written down of a piece of work. */
interface Work {
  method: CleanMethod;
  lubeClass: LubeClass;
  minutes: number;
  note?: string;
  trial?: WorkDone['trial'];
}

/** Writes the logbook of the demo: what happened so many days before `today` (a day's number), at an hour. */
export class DemoWriter {
  private readonly events: LogEvent[] = [];
  private readonly kmSinceLube: Record<string, number> = {};

  constructor(
    private readonly today: number,
    private readonly zone: string,
  ) {}

  writeAt(at: number, draft: Draft): void {
    const instant = new Date(at).toISOString();
    const id = `demo-${String(this.events.length).padStart(5, '0')}`;
    const { zone } = this;
    this.events.push({ ...draft, id, at: instant, zone, recordedAt: instant } as LogEvent);
  }

  write(daysAgo: number, hour: number, draft: Draft<PlainEvent>): void {
    this.writeAt((this.today - daysAgo) * MS_PER_DAY + hour * MS_PER_HOUR, draft);
  }

  /** Km ridden on a bike since its chain was lubed last. */
  sinceLube(bikeId: string): number {
    return this.kmSinceLube[bikeId] ?? 0;
  }

  fit(daysAgo: number, { bikeId, chainId }: ChainOn, lube: LubeClass, kmBefore: number): void {
    const look = kmBefore ? 'used' : 'clean';
    this.write(daysAgo, 7, {
      type: 'chainFitted',
      bikeId,
      chainId,
      start: { lube, kmSinceLube: 0, look, kmBefore, wearPercent: null },
    });
  }

  work(daysAgo: number, { bikeId, chainId }: ChainOn, done: Work): void {
    const { method, lubeClass, minutes, note = '', trial } = done;
    this.kmSinceLube[bikeId] = 0;
    this.write(daysAgo, 19, {
      type: 'workDone',
      chainId,
      method,
      cogsCleaned: method !== 'solvent wipe' && method !== 'dry wipe',
      baths: { count: 3, ml: 150 },
      drying: 'towel and air',
      lube: { lubeClass, coat: 1, wiped: true },
      used: usedFor(method, lubeClass),
      depth: null,
      swatches: [],
      minutes,
      note,
      ...(trial ? { trial } : {}),
    });
  }

  ride(
    { id, startedAt, bikeId, loop, hours, surface, mud, name }: DiaryRide,
    path: ReturnType<typeof coarsePath> | null,
  ): void {
    this.kmSinceLube[bikeId] = this.sinceLube(bikeId) + loop.km;
    const racer = ISLAND_GARAGE.bikes[RACER];
    this.writeAt(startedAt, {
      type: 'rideLogged',
      bikeId,
      distanceKm: loop.km,
      durationH: hours,
      weather: SAID[Number(id.split('-')[0]) % 23] ?? 'unknown',
      surface,
      mud,
      salted: false,
      note: name,
      climbM: climbOf(loop),
      path,
      recorderId: id,
      // The racer's gears are electronic, and its recorder counts them.
      ...(racer && bikeId === RACER ? { gears: gearsOf(racer, hours, startedAt / 1000) } : {}),
    });
  }

  log(): Logbook['log'] {
    return addEvents({}, this.events);
  }
}
