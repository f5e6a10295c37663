import { Chance } from '../chance/chance';
import type { Logbook } from '../logbook/logbook';
import type { PlainEvent } from '../records/event';

import { USUAL_WORKSHOP } from '../records/workshop';
import { DEFAULT_SETTINGS } from '../settings/defaults';
import type { Settings } from '../records/settings';
import { MS_PER_DAY } from '../units/convert';
import { dayOf } from '../weather/hours';
import { diaryRides, islandDays, ISLAND_SEED } from './diary';
import {
  COMMUTER,
  COMMUTER_CHAIN,
  GRAVEL,
  GRAVEL_CHAIN,
  ISLAND_GARAGE,
  PARTS,
  RACER,
  RACER_CHAINS,
} from './island';
import { plannedRides } from './planned';
import { coarsePath } from './route';
import { weatherOf } from './weather';
import { writeRounds } from './rounds';
import { DemoTrials, islandTrials } from './trials';
import { DemoWriter, type ChainOn } from './writer';

const DAYS = 243;
/** The last days of riding are still in the recorder, for Sync to fetch. */
const NOT_SYNCED_DAYS = 3;

/** Days before now: what happened in these eight months besides the weekly round. */
const HOLIDAY = { from: 150, to: 137 };
const NEGLECTED = { from: 118, to: 90 };
/** Within these the wettest day counts as the storm. */
const STORM = { from: 60, to: 20 };

const ON_COMMUTER: ChainOn = { bikeId: COMMUTER, chainId: COMMUTER_CHAIN };
const ON_GRAVEL: ChainOn = { bikeId: GRAVEL, chainId: GRAVEL_CHAIN };

/** What the rider does at home on a day, if it is due: each bike has its weekday. */
class HomeDays {
  private readonly rounds: Record<string, number> = {};
  private racerChain: string = RACER_CHAINS[0];

  constructor(
    private readonly book: DemoWriter,
    private readonly trials: DemoTrials,
  ) {}

  private nextRound(bikeId: string): number {
    return (this.rounds[bikeId] = (this.rounds[bikeId] ?? 0) + 1);
  }

  commuter(ago: number): void {
    if (this.book.sinceLube(COMMUTER) <= 75) return;
    const isDeep = this.nextRound(COMMUTER) % 2 === 0;
    this.book.work(ago, ON_COMMUTER, {
      method: isDeep ? 'scrubber' : 'solvent wipe',
      lubeClass: 'wet',
      minutes: isDeep ? 32 : 12,
      trial: this.trials.commuter(ago, isDeep),
    });
  }

  gravel(ago: number): void {
    const km = this.book.sinceLube(GRAVEL);
    if (km <= 105) return;
    const isDeep = this.nextRound(GRAVEL) % 2 === 0;
    // A rider who listens before lubing: what the shelf has learnt of the bottle comes from this.
    const sound = km > 170 ? 'squeak' : 'still quiet';
    this.book.write(ago, 9, { type: 'soundHeard', chainId: GRAVEL_CHAIN, sound });
    this.book.work(ago, ON_GRAVEL, {
      method: isDeep ? 'baths' : 'brush',
      lubeClass: 'all-weather',
      minutes: isDeep ? 70 : 28,
      trial: this.trials.gravel(ago),
    });
  }

  racer(ago: number): void {
    if (this.book.sinceLube(RACER) <= 180) return;
    const round = this.nextRound(RACER);
    const on = { bikeId: RACER, chainId: this.racerChain };
    if (round % 3 !== 0)
      return this.book.work(ago, on, { method: 'dry wipe', lubeClass: 'drip wax', minutes: 10 });
    this.book.work(ago, on, {
      method: 'wax reset',
      lubeClass: 'drip wax',
      minutes: 55,
      note: 'Into the drawer to rest',
    });
    this.book.write(ago, 19.5, { type: 'chainRemoved', chainId: this.racerChain });
    this.racerChain = this.racerChain === RACER_CHAINS[0] ? RACER_CHAINS[1] : RACER_CHAINS[0];
    this.book.write(ago, 20, {
      type: 'chainFitted',
      bikeId: RACER,
      chainId: this.racerChain,
      start: round === 3 ? SECOND_CHAIN : null,
    });
  }
}

const SECOND_CHAIN: Extract<PlainEvent, { type: 'chainFitted' }>['start'] = {
  lube: 'drip wax',
  kmSinceLube: 0,
  look: 'clean',
  kmBefore: 0,
  wearPercent: 0.03,
};

/**
 * Eight months on the island, ending a few days before `now` (ms): the same moment returns the same
 * logbook. One rider, a commuter, a gravel bike and a racer with two chains in rotation; a holiday, a
 * neglected month, a storm, a squeak, and work in between that is mostly in time.
 */
export function demoLogbook(now: number, zone: string): Logbook {
  const today = dayOf(now);
  const book = new DemoWriter(today, zone);
  const trials = new DemoTrials(book);
  const home = new HomeDays(book, trials);
  book.fit(DAYS, ON_COMMUTER, 'wet', 1400);
  book.fit(DAYS, ON_GRAVEL, 'all-weather', 0);
  book.fit(DAYS, { bikeId: RACER, chainId: RACER_CHAINS[0] }, 'drip wax', 600);
  fitParts(book);
  const rides = diaryRides(today - DAYS + 1, today - NOT_SYNCED_DAYS).filter(
    ({ startedAt }) => !within(HOLIDAY, today - dayOf(startedAt)),
  );
  const paths = new Map(rides.map((r) => [r.id, coarsePath(r.loop, r.hours * 60)]));
  for (let ago = DAYS - 1; ago >= NOT_SYNCED_DAYS; ago--) {
    for (const ride of rides)
      if (dayOf(ride.startedAt) === today - ago) book.ride(ride, paths.get(ride.id) ?? null);
    if (within(HOLIDAY, ago) || within(NEGLECTED, ago)) continue;
    const weekday = new Date((today - ago) * MS_PER_DAY).getUTCDay();
    if (weekday === 0) home.commuter(ago);
    if (weekday === 6) home.gravel(ago);
    if (weekday === 1) home.racer(ago);
    const swatch = 2 + Math.floor(new Chance(ISLAND_SEED, today - ago, 5).uniform() * 3);
    if (weekday === 0 && ago % 5 === 0)
      book.write(ago, 18.5, { type: 'ragChecked', chainId: COMMUTER_CHAIN, swatch });
  }
  writeIncidents(book, today);
  for (const draft of weatherOf(rides, paths, now))
    book.writeAt(draft.day * MS_PER_DAY, draft.event);
  writeRounds(book);
  trials.writeRags();
  return {
    garage: {
      ...ISLAND_GARAGE,
      planned: plannedRides(new Date(now).toISOString().slice(0, 10)),
      trials: islandTrials(today),
    },
    settings: ISLAND_SETTINGS,
    log: book.log(),
  };
}

/** Cassettes and jockey wheels as the log met them, and one that came off for the winter. */
function fitParts(book: DemoWriter): void {
  const fit = (partId: string, bikeId: string, kmBefore: number, chainsBefore: number | null) =>
    book.write(DAYS, 7.2, {
      type: 'partFitted',
      partId,
      bikeId,
      start: { kmBefore, chainsBefore },
    });
  fit(PARTS.commuter.id, COMMUTER, 5900, 1);
  fit(PARTS.gravel.id, GRAVEL, 0, null);
  fit(PARTS.jockeys.id, GRAVEL, 0, null);
  fit(PARTS.spare.id, RACER, 1200, null);
  const swapped = { partId: PARTS.racer.id, bikeId: RACER };
  book.write(70, 9, { type: 'partFitted', ...swapped, start: { kmBefore: 0, chainsBefore: 0 } });
}

/** What happened once: a month late, wear read, a storm. */
function writeIncidents(book: DemoWriter, today: number): void {
  const chainId = COMMUTER_CHAIN;
  book.write(NEGLECTED.to, 8, { type: 'soundHeard', chainId, sound: 'squeak' });
  const late = { method: 'baths', lubeClass: 'wet', minutes: 85, note: 'A month late' } as const;
  book.work(NEGLECTED.to - 0.5, ON_COMMUTER, late);
  const read = { type: 'wearRead', tool: 'checker', percent: 0.4 } as const;
  book.write(NEGLECTED.to - 1, 18, { ...read, chainId });
  const storm = islandDays(today - STORM.from, today - STORM.to).reduce((a, b) =>
    b.rainMm > a.rainMm ? b : a,
  );
  book.write(today - storm.day, 17, { type: 'gotWet', bikeId: COMMUTER, how: 'stood in rain' });
  const ruler = { type: 'wearRead', tool: 'ruler', percent: 0.16 } as const;
  book.write(30, 18, { ...ruler, chainId: GRAVEL_CHAIN });
}

const ISLAND_SETTINGS: Settings = {
  ...DEFAULT_SETTINGS,
  weatherSource: 'service',
  recorder: true,
  money: { currency: 'EUR', watts: 200 },
  workshop: { ...USUAL_WORKSHOP, tools: ['stand', 'brushes', 'scrubber', 'air'] },
  changedAt: '2026-01-01T00:00:00.000Z',
};

const within = (span: { from: number; to: number }, ago: number): boolean =>
  ago <= span.from && ago >= span.to;
