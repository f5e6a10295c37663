import { ridingHours } from '@/core/care/model/exposure';
import { Replay } from '@/core/care/replay/replay';
import { stripOf } from '@/core/care/replay/strip';
import { reportOn } from '@/core/care/verdict/report';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import { chainOn, fittings } from '@/core/logbook/fittings';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import { rideEntries } from '@/core/rides/entries';
import { chanceOf } from '@/test/faults/chance';
import { NOW, twentyYears } from '@/test/twentyYears';
import { firstLook as lookAt, LOOK, lookHead, lookText, type FirstLook } from '../firstLook';
import { Persistence } from '../persistence';
import { memoryStorage, type Storage } from '../storage';
import { noTabs } from '../tabs';

const BUILD = 'b1';
const firstLook = (storage: Storage, build: string) => lookAt(storage, build, NOW);
/** Some three years: all but the last is summed up. */
const LOGBOOK = twentyYears(7000);

const playedOf = ({ garage, log }: Logbook) => new Replay(garage, allEvents(log));

/** All that Today tells of some bikes. */
const told = (replay: Replay, { settings }: Logbook, bikes: readonly string[]) =>
  bikes.map((id) => ({ ...reportOn(replay, id, settings, NOW) }));

/** The chain on each bike at some moments of the year that is looked at. */
const chainsOn = ({ garage, steps, fittedBefore }: Replay) => {
  const spells = fittings(
    steps.map(({ event }) => event),
    fittedBefore,
  );
  return [300, 100, 0].map((daysAgo) => {
    const at = new Date(NOW - daysAgo * 86_400_000).toISOString();
    return Object.keys(garage.bikes).map((id) => chainOn(spells, id, at));
  });
};

/** The last rides, as their pages show them. */
const lastRides = ({ steps, weather }: Replay) =>
  rideEntries(steps.slice(-60)).map((entry) => {
    const { ride, step } = entry;
    return JSON.stringify({ entry, strip: stripOf(ride, ridingHours(ride), weather, step.home) });
  });

/** Whether a look tells of its bikes and rides what the whole log tells. */
function expectTrue(look: FirstLook, logbook: Logbook): void {
  const whole = playedOf(logbook);
  expect(chainsOn(look.replay)).toEqual(chainsOn(whole));
  expect(lastRides(look.replay)).toEqual(lastRides(whole));
  expect(told(look.replay, logbook, look.told)).toEqual(told(whole, logbook, look.told));
  expect(look.told).toEqual(expect.arrayContaining(RIDDEN));
}
/** The bikes of the last round are ridden all year; others stand. */
const RIDDEN = ['demo-bike-commuter', 'demo-bike-gravel', 'demo-bike-racer'];

interface Kept {
  storage: Storage;
  persistence: Persistence;
}

async function opened(storage: Storage): Promise<Kept> {
  const persistence = new Persistence({
    storage,
    tabs: noTabs,
    now: () => NOW,
    onStatus: () => undefined,
    onMerge: () => undefined,
  });
  const read = await persistence.open();
  if (!read.ok) throw new Error('not opened');
  persistence.startFrom(read.logbook);
  await persistence.settled();
  return { storage, persistence };
}

async function kept(logbook: Logbook): Promise<Kept> {
  const all = await opened(memoryStorage());
  await saved(all.persistence, logbook);
  return all;
}

async function saved(persistence: Persistence, logbook: Logbook): Promise<void> {
  persistence.save(logbook);
  await persistence.settled();
}

/** The logbook in storage with a look at it beside. */
let entries: Record<string, string> = {};
beforeAll(async () => {
  const { storage, persistence } = await kept(LOGBOOK);
  const head = lookHead(LOGBOOK.log, persistence.keptSums(LOGBOOK) ?? {}, BUILD);
  const text = head && lookText(head, LOGBOOK, playedOf(LOGBOOK), NOW);
  if (!text) throw new Error('no look');
  await storage.write({ [LOOK]: text });
  entries = await storage.read(await storage.keys());
}, 60_000);
const withLook = (): Promise<Kept> => opened(memoryStorage(entries));

const plain = allEvents(LOGBOOK.log).filter((e) => e.type === 'rideLogged');
const dayAfter = (at: string) => new Date(Date.parse(at) + 86_400_000).toISOString();
const RECENT = '2026-08';
const recent = plain.filter((e) => e.at > RECENT);
const old = plain.filter((e) => e.at < '2025-06');
const stamp = new Date(NOW).toISOString();

/** Something a rider does, by hand, of a recent ride or an old one. */
const DEEDS: readonly ((of: LogEvent, n: number) => LogEvent)[] = [
  (of, n) => ({ ...of, id: `new-${n}`, at: dayAfter(of.at), recordedAt: stamp }) as LogEvent,
  (of, n) => struck(of, n),
  (of, n) =>
    ({ ...struck(of, n), type: 'eventAmended', replacement: { ...of, distanceKm: 7 } }) as LogEvent,
];
const struck = (of: LogEvent, n: number): LogEvent => ({
  type: 'eventStruck',
  id: `correction-${n}`,
  at: stamp,
  zone: 'Europe/London',
  recordedAt: stamp,
  target: of.id,
});

describe('the first look at a long logbook', () => {
  it('tells of each bike what the whole log tells', async () => {
    const { storage } = await withLook();
    const look = await firstLook(storage, BUILD);
    expect(look).not.toBeNull();
    const steps = look?.replay.steps.length ?? 0;
    expect(steps).toBeLessThan(playedOf(LOGBOOK).steps.length / 2);
    expectTrue(look!, LOGBOOK);
    expect(look!.told.length).toBeLessThan(Object.keys(LOGBOOK.garage.bikes).length);
    expect(look?.logbook.garage).toEqual(LOGBOOK.garage);
    expect(look?.logbook.settings).toEqual(LOGBOOK.settings);
  });

  it('holds while only the last year changes, and then tells what the whole log tells', async () => {
    const chance = chanceOf(23);
    for (let seed = 0; seed < 4; seed++) {
      const { storage, persistence } = await withLook();
      const done = [0, 1, 2].map((n) => chance.pick(DEEDS)(chance.pick(recent), n));
      const after = { ...LOGBOOK, log: addEvents(LOGBOOK.log, done) };
      await saved(persistence, after);
      const look = await firstLook(storage, BUILD);
      expect(look).not.toBeNull();
      expectTrue(look!, after);
    }
  }, 120_000);

  it('is not shown once anything before has changed', async () => {
    const bike = Object.values(LOGBOOK.garage.bikes)[0]!;
    const changedBike = { ...bike, storage: 'outdoors' as const, changedAt: stamp };
    const afters: Logbook[] = [
      ...DEEDS.map((deed) => ({
        ...LOGBOOK,
        log: addEvents(LOGBOOK.log, [deed(old[40]!, 0)]),
      })),
      {
        ...LOGBOOK,
        garage: { ...LOGBOOK.garage, bikes: { ...LOGBOOK.garage.bikes, [bike.id]: changedBike } },
      },
    ];
    for (const after of afters) {
      const { storage, persistence } = await withLook();
      await saved(persistence, after);
      expect(await firstLook(storage, BUILD)).toBeNull();
    }
  });

  it('is not shown by other scripts than made it', async () => {
    const { storage } = await withLook();
    expect(await firstLook(storage, 'b2')).toBeNull();
  });

  it('is never wrong whatever is damaged, itself or what it rests on', async () => {
    const chance = chanceOf(7);
    const keys = Object.keys(entries);
    const truth = told(
      playedOf(LOGBOOK),
      LOGBOOK,
      (await firstLook(memoryStorage(entries), BUILD))!.told,
    );
    let shown = 0;
    for (let n = 0; n < 90; n++) {
      const key = n % 3 === 0 ? LOOK : chance.pick(keys);
      const text = entries[key] ?? '';
      const at = chance.below(text.length);
      const hurt =
        n % 2 === 0
          ? text.slice(0, at) + String.fromCharCode(text.charCodeAt(at) ^ 1) + text.slice(at + 1)
          : text.slice(0, at);
      const look = await firstLook(memoryStorage({ ...entries, [key]: hurt }), BUILD);
      if (!look) continue;
      shown += 1;
      expect(told(look.replay, LOGBOOK, look.told)).toEqual(truth);
      expect(look.told).toEqual(expect.arrayContaining(RIDDEN));
    }
    // What lies before the last year is not read, so that damage there is told of behind the look.
    expect(shown).toBeGreaterThan(5);
  }, 120_000);

  it('is not shown where what tells of the parts has lost one', async () => {
    const meta = entries['meta'] ?? '';
    const hurt = meta.replace('log/2026-09', 'lxg/2026-09');
    expect(hurt).not.toBe(meta);
    expect(await firstLook(memoryStorage({ ...entries, meta: hurt }), BUILD)).toBeNull();
  });

  it('is not made of a short logbook', async () => {
    const short = twentyYears(3000);
    const { persistence } = await kept(short);
    expect(lookHead(short.log, persistence.keptSums(short) ?? {}, BUILD)).toBeNull();
  });

  it('rests on nothing that is not saved yet', async () => {
    const { persistence } = await kept(LOGBOOK);
    expect(persistence.keptSums(LOGBOOK)).not.toBeNull();
    const after = { ...LOGBOOK, log: addEvents(LOGBOOK.log, [struck(recent[0]!, 0)]) };
    persistence.save(after);
    expect(persistence.keptSums(after)).toBeNull();
    expect(persistence.keptSums(LOGBOOK)).toBeNull();
    await persistence.settled();
    expect(persistence.keptSums(after)).not.toBeNull();
  });
});
