import FakeTimers, { type Clock } from '@sinonjs/fake-timers';
import equal from 'fast-deep-equal';
import { writeBackup } from '@/core/formats/backup';
import type { Logbook } from '@/core/logbook/logbook';
import { META, isPart } from '@/store/keys';
import { EMPTY_LOGBOOK, partText } from '@/store/logbookFile';
import { Browser } from './browser';
import { chanceOf, type Chance } from './chance';
import { Disk, type Fault } from './disk';
import { eventIds, FIRST_BIKE, SimulatedTab, type FieldWrite, type Ledger } from './tab';

/** What a played schedule ended with; all must be zero. */
export interface Outcome {
  lostEvents: number;
  lostFields: number;
  doubled: number;
  apart: number;
  stuck: number;
  threw: number;
  /** Where it went wrong, for a person. */
  notes: string[];
}

const FAULTS: readonly Fault[] = ['fails', 'fails', 'hangs', 'late', 'torn'];
/** Longer than all tries at opening may take. */
const OPENS_WITHIN_MS = 150_000;
const YEAR_MS = 365 * 86_400_000;
const START = Date.parse('2026-05-01T08:00:00.000Z');

/** Plays one random schedule: tabs that write, die and come back, over storage and clocks that fail. */
export async function playSchedule(seed: number): Promise<Outcome> {
  const clock = FakeTimers.withGlobal(globalThis).install({
    now: START,
    toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date', 'performance'],
  });
  try {
    return await play(seed, clock);
  } finally {
    clock.uninstall();
  }
}

async function play(seed: number, clock: Clock): Promise<Outcome> {
  const chance = chanceOf(seed);
  const slowest = chance.pick([0, 5, 40]);
  const disk = new Disk(chance, slowest);
  const reach = { locks: !chance.oneIn(4), channel: !chance.oneIn(4) };
  const browser = new Browser(chance, reach, chance.pick([0, 10, 3000]));
  const ledger: Ledger = { rides: [], writes: [] };
  let ids = 0;
  const world = {
    disk,
    browser,
    ledger,
    now: () => clock.now,
    newId: () => `id${String(++ids).padStart(6, '0')}`,
  };
  begin(disk, chance);
  const outcome: Outcome = {
    lostEvents: 0,
    lostFields: 0,
    doubled: 0,
    apart: 0,
    stuck: 0,
    threw: 0,
    notes: [],
  };
  const skew = () => chance.pick([0, 0, 1, -7000, 60_000, -YEAR_MS]);
  const tabs: SimulatedTab[] = [];
  const opens = async () => {
    const tab = new SimulatedTab(world, skew());
    const isOpen = tab.opens();
    await clock.tickAsync(OPENS_WITHIN_MS);
    if (await isOpen) tabs.push(tab);
    else tab.kill();
  };
  const many = chance.pick([1, 3]);
  for (let n = 0; n < many; n++) await opens();
  if (!chance.oneIn(5)) {
    disk.faultEvery = chance.pick([2, 4, 12]);
    disk.faults = FAULTS;
  }
  let value = 0;
  const moves = 12 + chance.below(20);
  for (let n = 0; n < moves; n++) {
    const tab = tabs.length > 0 ? chance.pick(tabs) : null;
    value += 1;
    const move = chance.below(14);
    if (!tab || move === 0) await opens();
    else if (move === 1 && tabs.length > 0) {
      tab.kill();
      tabs.splice(tabs.indexOf(tab), 1);
    } else if (move === 2) tab.undoes();
    else if (move === 3) tab.flush();
    else if (move === 4) await damage(disk, { tabs, chance, clock, opens });
    else if (move <= 8) tab.rides(value);
    else if (move <= 10) tab.changesBike(chance.pick(['name', 'links']), value);
    else tab.changesSetting(chance.pick(['dropsPerMl', 'hourPrice', 'rule']), value);
    await clock.tickAsync(chance.pick([0, 0, 3, 100, 6000]));
  }
  disk.faultEvery = 0;
  await clock.tickAsync(120_000);
  // Coming back to a tab makes it look, as the app does: the last word of a tab that died untold.
  for (const tab of tabs) tab.check();
  await clock.tickAsync(120_000);
  await judge(outcome, tabs, world, clock);
  return outcome;
}

/** Storage as one finds it: empty but for a bike, sound, of an older version, or with a wrong stamp. */
function begin(disk: Disk, chance: Chance): void {
  const logbook: Logbook = {
    ...EMPTY_LOGBOOK,
    garage: { ...EMPTY_LOGBOOK.garage, bikes: { bike: FIRST_BIKE } },
  };
  const how = chance.pick(['today', 'older', 'unstamped', 'absurd']);
  if (how === 'today') {
    disk.entries.set('garage', partText(logbook, 'garage'));
    disk.entries.set(META, '{"version":7,"lastWrite":"","sums":{}}');
    return;
  }
  const { garage, settings } = JSON.parse(writeBackup(logbook, '')) as Logbook;
  disk.entries.set('garage', JSON.stringify(garage));
  disk.entries.set('settings', JSON.stringify(settings));
  const stamp = { older: '{"version":6,"lastWrite":"x"}', unstamped: '', absurd: '{"version":-3}' };
  if (how !== 'unstamped') disk.entries.set(META, stamp[how as 'older']);
}

interface Damage {
  tabs: SimulatedTab[];
  chance: Chance;
  clock: Clock;
  opens: () => Promise<void>;
}

/** Damages a part while tabs that have read all of it are open: once another opens on it, they write it back. */
async function damage(disk: Disk, { tabs, chance, clock, opens }: Damage): Promise<void> {
  const { faultEvery } = disk;
  disk.faultEvery = 0;
  await clock.tickAsync(60_000);
  for (const tab of tabs) tab.check();
  await clock.tickAsync(60_000);
  const keys = [...disk.entries.keys()].filter(isPart);
  const key = chance.pick(keys);
  const text = disk.entries.get(key) ?? '';
  const at = chance.below(text.length + 1);
  const spoilt = chance.pick([
    text.slice(0, at),
    `${text.slice(0, at)}\u0000garbage${text.slice(at + 9)}`,
    '',
    '{"not":"this"}',
  ]);
  disk.entries.set(key, spoilt);
  await opens();
  await clock.tickAsync(60_000);
  disk.faultEvery = faultEvery;
}

async function judge(
  outcome: Outcome,
  tabs: readonly SimulatedTab[],
  world: ConstructorParameters<typeof SimulatedTab>[0],
  clock: Clock,
): Promise<void> {
  const fresh = new SimulatedTab(world, 0);
  const isOpen = fresh.opens();
  await clock.tickAsync(OPENS_WITHIN_MS);
  if (!(await isOpen)) {
    outcome.threw += 1;
    outcome.notes.push('storage does not open at the end');
    return;
  }
  const onDisk = eventIds(fresh.logbook);
  const held = new Set(onDisk);
  if (held.size !== onDisk.length) outcome.doubled += 1;
  for (const { id, saved } of world.ledger.rides)
    if (saved && !held.has(id)) {
      outcome.lostEvents += 1;
      outcome.notes.push(`event ${id}`);
    }
  for (const lost of lostWrites(world.ledger.writes, fresh.logbook)) {
    outcome.lostFields += 1;
    outcome.notes.push(`${lost.field} = ${String(lost.value)}`);
  }
  for (const tab of tabs) {
    const same =
      equal(values(tab.logbook), values(fresh.logbook)) &&
      equal(eventIds(tab.logbook), eventIds(fresh.logbook));
    if (!same) {
      outcome.apart += 1;
      outcome.notes.push('a tab and the disk differ');
    }
    const last = tab.statuses.at(-1);
    if (last && last.kind !== 'saved') {
      outcome.stuck += 1;
      outcome.notes.push(`status ${JSON.stringify(last)}`);
    }
  }
}

/** The fields the schedule writes, as a logbook has them. */
function values({ garage, settings }: Logbook): Record<string, unknown> {
  return {
    'bike.name': garage.bikes.bike?.name,
    'bike.links': garage.bikes.bike?.rings,
    dropsPerMl: settings.dropsPerMl,
    hourPrice: settings.plan.hourPrice,
    rule: settings.bikeRules.clue,
  };
}

/**
 * Saved writes that are lost: the value at the end is one that their writer had already seen and replaced,
 * directly or through other writes. Two tabs that wrote without knowing of each other may lose one.
 */
function lostWrites(writes: readonly FieldWrite[], logbook: Logbook): FieldWrite[] {
  const now = values(logbook);
  return writes.filter((write) => {
    if (!write.saved || equal(write.value, now[write.field])) return false;
    let saw: unknown = write.saw;
    for (let steps = 0; steps < writes.length + 1; steps++) {
      if (equal(saw, now[write.field])) return true;
      const earlier = writes.find((w) => w.field === write.field && equal(w.value, saw));
      if (!earlier) return false;
      saw = earlier.saw;
    }
    return false;
  });
}
