import { CURRENT_VERSION } from '@/core/logbook/versions';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import { demoLogbook } from '@/core/demo/scenario';
import * as readers from '@/core/validation/validate';
import { rideBody } from '@/test/events';
import { OLD_VERSIONS, storedAs } from '@/test/storedLogbooks';
import { IMPERIAL } from '@/core/units/convert';
import { EMPTY_LOGBOOK } from '../logbookFile';
import { Persistence, type PersistenceOptions, type SaveStatus, type Tabs } from '../persistence';
import { browserStorage, memoryStorage, type Storage } from '../storage';
import { leased } from '../lease';
import { noTabs } from '../tabs';

const now = Date.parse('2026-05-10T12:00:00.000Z');
const demo = demoLogbook(now, 'Europe/London');

const ride = (id: string, at = '2026-05-09T08:00:00.000Z'): LogEvent => ({
  ...rideBody(at, 'b1', 20),
  id,
  zone: 'UTC',
  recordedAt: at,
});

const withEvents = (logbook: Logbook, ...events: LogEvent[]): Logbook => ({
  ...logbook,
  log: addEvents(logbook.log, events),
});

function open(storage: Storage, more: Partial<PersistenceOptions> = {}) {
  const statuses: SaveStatus[] = [];
  const merges: Logbook[] = [];
  const persistence = new Persistence({
    storage,
    tabs: noTabs,
    now: () => now,
    onStatus: (s) => statuses.push(s),
    onMerge: (l) => merges.push(l),
    readers: async () => readers,
    retryMs: 5,
    ...more,
  });
  return { persistence, statuses, merges };
}

/** Opens, begins to keep what was read, and waits until all is in order. */
async function started(storage: Storage, more: Partial<PersistenceOptions> = {}) {
  const page = open(storage, more);
  const opened = await page.persistence.open();
  if (!opened.ok) throw new Error('did not open');
  page.persistence.startFrom(opened.logbook);
  await page.persistence.settled();
  return { ...page, ...opened };
}

async function stored(storage: Storage): Promise<Logbook> {
  const opened = await open(storage).persistence.open();
  if (!opened.ok) throw new Error('did not open');
  return opened.logbook;
}

/** Storage with this logbook saved in it. */
async function holding(logbook: Logbook): Promise<Storage> {
  const storage = memoryStorage();
  const { persistence } = await started(storage);
  persistence.save(logbook);
  await persistence.settled();
  persistence.close();
  return storage;
}

const ids = (logbook: Logbook) => allEvents(logbook.log).map((e) => e.id);
const soon = (ms = 30) => new Promise((resolve) => setTimeout(resolve, ms));

/** Storage that counts writes and can be made to refuse them. */
function watched(inner = memoryStorage()) {
  const writes: string[][] = [];
  const control = { full: false };
  const storage: Storage = {
    ...inner,
    async write(entries) {
      if (control.full) throw new Error('QuotaExceededError');
      writes.push(Object.keys(entries).sort());
      await inner.write(entries);
    },
  };
  return { storage, writes, control };
}

describe('saving', () => {
  it('then opening gives the same logbook', async () => {
    expect(await stored(await holding(demo))).toEqual(demo);
  });

  it('writes only the month that changed, with the stamp, in one go', async () => {
    const { storage, writes } = watched();
    const { persistence } = await started(storage);
    persistence.save(demo);
    await persistence.settled();
    writes.length = 0;
    persistence.save(withEvents(demo, ride('new')));
    await persistence.settled();
    expect(writes).toEqual([['log/2026-05', 'meta']]);
  });

  it('does nothing, and says nothing, when nothing changed', async () => {
    const { storage, writes } = watched(await holding(demo));
    const { persistence, logbook, statuses } = await started(storage);
    persistence.save({ ...logbook });
    await persistence.settled();
    expect(writes).toEqual([]);
    expect(statuses).toEqual([]);
  });

  it('on a full disk keeps the change, says so, and tries again', async () => {
    const { storage, control } = watched();
    const { persistence, statuses } = await started(storage);
    control.full = true;
    persistence.save(withEvents(EMPTY_LOGBOOK, ride('a')));
    await persistence.settled();
    expect(statuses.at(-1)).toMatchObject({
      kind: 'failed',
      problem: { code: 'storage/write-failed' },
    });
    control.full = false;
    await soon();
    await persistence.settled();
    expect(statuses.at(-1)).toEqual({ kind: 'saved', at: now });
    expect(ids(await stored(storage))).toEqual(['a']);
    persistence.close();
  });

  it('writes at once what waits for another try when the page is about to go', async () => {
    const { storage, control } = watched();
    const { persistence } = await started(storage, { retryMs: 60_000 });
    control.full = true;
    persistence.save(withEvents(EMPTY_LOGBOOK, ride('a')));
    await persistence.settled();
    control.full = false;
    persistence.flush();
    await persistence.settled();
    expect(ids(await stored(storage))).toEqual(['a']);
    persistence.close();
  });

  it('gives up an operation that hangs, says so, gives back the lock, and tries again', async () => {
    const inner = memoryStorage();
    let hangs = false;
    const storage: Storage = {
      ...inner,
      write: (entries) => (hangs ? new Promise(() => undefined) : inner.write(entries)),
    };
    const tab = browser();
    const one = await started(storage, { tabs: tab(), limitMs: 20 });
    const two = await started(inner, { tabs: tab() });
    hangs = true;
    one.persistence.save(withEvents(EMPTY_LOGBOOK, ride('hung')));
    await soon(5);
    two.persistence.save(withEvents(EMPTY_LOGBOOK, ride('other')));
    await soon(60);
    expect(one.statuses).toContainEqual({ kind: 'failed', problem: { code: 'storage/slow' } });
    expect(ids(await stored(inner))).toEqual(['other']);
    hangs = false;
    await soon(60);
    expect(ids(await stored(inner)).sort()).toEqual(['hung', 'other']);
    expect(one.statuses.at(-1)?.kind).toBe('saved');
    one.persistence.close();
    two.persistence.close();
  });

  it('keeps out what could not be read again, saves the rest, and says so', async () => {
    const { storage } = watched();
    const { persistence, statuses } = await started(storage);
    const bad = { ...ride('bad'), distanceKm: -1 } as LogEvent;
    persistence.save(withEvents(EMPTY_LOGBOOK, ride('good'), bad));
    await persistence.settled();
    expect(ids(await stored(storage))).toEqual(['good']);
    expect(statuses.at(-1)).toEqual({ kind: 'failed', problem: { code: 'storage/refused' } });
    persistence.save(withEvents(EMPTY_LOGBOOK, ride('good'), bad, ride('later')));
    await persistence.settled();
    expect(ids(await stored(storage)).sort()).toEqual(['good', 'later']);
    expect(statuses.at(-1)).toEqual({ kind: 'failed', problem: { code: 'storage/refused' } });
  });

  it('is never said to be undone when all is in storage and only a look failed', async () => {
    const inner = await holding(demo);
    let refuses = false;
    const storage: Storage = {
      ...inner,
      read: (keys) => (refuses ? Promise.reject(new Error('no')) : inner.read(keys)),
    };
    const { persistence, statuses } = await started(storage);
    refuses = true;
    persistence.check();
    await persistence.settled();
    expect(statuses).toEqual([]);
    persistence.close();
  });

  it('killed in the middle leaves the old logbook or the new one, never half', async () => {
    const inner = await holding(demo);
    // A tab that dies while writing: the transaction never commits.
    const dying: Storage = { ...inner, write: () => new Promise(() => undefined) };
    const second = await started(dying);
    second.persistence.save(
      withEvents(demo, ride('lost'), ride('lost2', '2026-04-02T08:00:00.000Z')),
    );
    await soon(5);
    expect(await stored(inner)).toEqual(demo);
    second.persistence.close();
  });
});

describe('opening', () => {
  const MAY = 'log/2026-05';
  const two = withEvents(EMPTY_LOGBOOK, ride('a'), ride('b', '2026-05-10T08:00:00.000Z'));

  it('sets one damaged event aside and keeps its month', async () => {
    const storage = await holding(two);
    const text = (await storage.read([MAY]))[MAY] ?? '';
    await storage.write({ [MAY]: text.replace('"distanceKm":20', '"distanceKm":90') });
    const { logbook, quarantined, persistence } = await started(storage);
    expect(ids(logbook)).toEqual(['b']);
    expect(quarantined).toMatchObject([{ part: MAY }]);
    expect(quarantined[0]?.text).toContain('"id":"a"');
    expect((await started(storage)).quarantined).toHaveLength(1);
    await persistence.discard(quarantined[0]?.key ?? '');
    expect(await persistence.quarantined()).toEqual([]);
    expect(ids(await stored(storage))).toEqual(['b']);
  });

  it('keeps what lies before the cut of a month cut off', async () => {
    const storage = await holding(demo);
    const key = `log/${Object.keys(demo.log).sort()[2]}`;
    const text = (await storage.read([key]))[key] ?? '';
    await storage.write({ [key]: text.slice(0, -40) });
    const { logbook, quarantined } = await started(storage);
    expect(ids(logbook)).toHaveLength(ids(demo).length - 1);
    expect(quarantined).toHaveLength(1);
  });

  it.each([
    ['garage', '{"bikes":{"x":{"id":"x"}},"chains":{}}'],
    ['settings', 'null'],
    [MAY, '[{"type":"rideLogged","id":"x"}]'],
    [MAY, '{"not":"a list"}'],
  ])('sets aside a %s that is not what it should be', async (key, text) => {
    const { quarantined } = await started(memoryStorage({ [key]: text }));
    expect(quarantined.map((q) => q.part)).toEqual([key]);
  });

  it('never lets two things set aside take one place', async () => {
    const storage = memoryStorage({ [MAY]: '[{"first":1}' });
    await started(storage);
    await storage.write({ [MAY]: '[{"second":2}' });
    expect((await started(storage)).quarantined.map((q) => q.text).sort()).toEqual([
      '[{"first":1}',
      '[{"second":2}',
    ]);
  });

  it('looks again under the lock before it sets aside: what was mended meanwhile stays', async () => {
    const inner = await holding(two);
    const sound = await inner.read([MAY, 'meta']);
    await inner.write({ [MAY]: '[broken' });
    const late = open(inner);
    const opened = await late.persistence.open();
    await inner.write(sound);
    late.persistence.startFrom(opened.ok ? opened.logbook : EMPTY_LOGBOOK);
    await late.persistence.settled();
    expect(ids(await stored(inner))).toEqual(['a', 'b']);
    expect(await late.persistence.quarantined()).toEqual([]);
  });

  it('lets a tab that holds the sound part write it back', async () => {
    const storage = await holding(two);
    const tab = browser();
    const one = await started(storage, { tabs: tab() });
    await storage.write({ [MAY]: '[broken' });
    const second = await started(storage, { tabs: tab() });
    await soon(5);
    await one.persistence.settled();
    await second.persistence.settled();
    expect(ids(await stored(storage))).toEqual(['a', 'b']);
    expect(second.merges.flatMap(ids)).toContain('a');
  });

  it('puts parts right that lie under each other’s key', async () => {
    const storage = await holding({ ...demo, settings: { ...demo.settings, units: IMPERIAL } });
    const { garage = '', settings = '' } = await storage.read(['garage', 'settings']);
    const [march, april] = ['log/2026-03', 'log/2026-04'];
    const months = await storage.read([march, april]);
    await storage.write({ garage: settings, settings: garage });
    await storage.write({ [march]: months[april] ?? '', [april]: months[march] ?? '' });
    const { logbook, quarantined } = await started(storage);
    expect(logbook.garage).toEqual(demo.garage);
    expect(logbook.settings.units).toEqual(IMPERIAL);
    expect(ids(logbook)).toEqual(ids(demo));
    expect(quarantined).toEqual([]);
    expect((await storage.read(['garage'])).garage).toContain('"part":"garage"');
  });

  it('is refused by storage that fails, never taken for empty', async () => {
    const inner = await holding(demo);
    const failing: Storage = { ...inner, read: () => Promise.reject(new Error('no')) };
    await expect(open(failing).persistence.open()).rejects.toThrow('no');
  });

  it('from memory while setting aside fails; the rest is there, and it is tried again', async () => {
    const { storage, control } = watched(memoryStorage({ [MAY]: '[broken' }));
    control.full = true;
    const page = await started(storage);
    expect(page.quarantined).toHaveLength(1);
    expect(page.statuses.at(-1)?.kind).toBe('failed');
    control.full = false;
    await soon();
    expect(page.statuses.at(-1)?.kind).toBe('saved');
    expect(await page.persistence.quarantined()).toHaveLength(1);
    page.persistence.close();
  });
});

describe('versions', () => {
  const places: [string, () => Storage][] = [
    ['memory', () => memoryStorage()],
    ['IndexedDB', () => browserStorage(`versions-${Math.floor(performance.now() * 1e4)}`)],
  ];

  describe.each(places)('in %s', (_, place) => {
    it.each(OLD_VERSIONS)(
      'version %i opens, is changed, closes and opens the same',
      async (version) => {
        const storage = place();
        await storage.write(storedAs(version));
        const first = await started(storage);
        expect(first.quarantined).toEqual([]);
        expect(Object.keys(first.logbook.garage.bikes)).toHaveLength(1);
        const changed = withEvents(first.logbook, ride('new'));
        first.persistence.save(changed);
        await first.persistence.settled();
        first.persistence.close();
        const second = await started(storage);
        expect(second.quarantined).toEqual([]);
        expect(second.logbook).toEqual(changed);
      },
    );

    it.each(OLD_VERSIONS)(
      'version %i half brought to the stamp of an update opens whole',
      async (version) => {
        const storage = place();
        const entries = storedAs(version);
        const sound = await started(memoryStorage(entries));
        // What an update used to leave: the newest stamp over parts of the oldest version.
        await storage.write({ ...entries, meta: '{"version":6,"lastWrite":"x"}' });
        const { logbook, quarantined } = await started(storage);
        expect(quarantined).toEqual([]);
        expect(logbook).toEqual(sound.logbook);
      },
    );
  });

  it.each(['', 'x', '{}', '{"version":-3}', '{"version":"six"}', '{"version":1e12}', null])(
    'a stamp of %p costs nothing',
    async (meta) => {
      for (const entries of [storedAs(3), await entriesOf(await holding(demo))]) {
        const sound = await stored(memoryStorage(entries));
        const found = memoryStorage({ ...entries, ...(meta === null ? {} : { meta }) });
        if (meta === null) await found.remove(['meta']);
        const read = await started(found);
        expect(read.logbook).toEqual(sound);
        expect(read.quarantined).toEqual([]);
      }
    },
  );

  it('a stamp of the future over parts of today is put right', async () => {
    const storage = await holding(demo);
    await storage.write({ meta: '{"version":99,"lastWrite":""}' });
    expect((await started(storage)).logbook).toEqual(demo);
  });

  it('leaves a logbook of a newer version alone', async () => {
    const before = { meta: '{"version":99,"lastWrite":""}', garage: '{"of":"the future"}' };
    const storage = memoryStorage(before);
    expect(await open(storage).persistence.open()).toMatchObject({
      ok: false,
      problem: { code: 'storage/newer' },
    });
    expect(await storage.read(['meta', 'garage'])).toEqual(before);
  });

  it('an open tab leaves a part alone that a newer version took over, and keeps its own beside', async () => {
    const storage = await holding(demo);
    const old = await started(storage);
    const { garage = '' } = await storage.read(['garage']);
    const future = garage.replace(/"version":\d+/, `"version":${CURRENT_VERSION + 1}`);
    const meta = (version: number) => JSON.stringify({ version, lastWrite: '', sums: {} });
    await storage.write({ garage: future, meta: meta(CURRENT_VERSION + 1) });
    const [id = '', bike] = Object.entries(demo.garage.bikes)[0] ?? [];
    const renamed = { ...bike!, name: 'Renamed', stamps: { name: now } };
    old.persistence.save({ ...demo, garage: { ...demo.garage, bikes: { [id]: renamed } } });
    await old.persistence.settled();
    expect(old.statuses.at(-1)).toEqual({ kind: 'failed', problem: { code: 'storage/newer' } });
    expect((await storage.read(['garage'])).garage).toBe(future);
    // The newer app, once it is there, reads both: here today's stands for it.
    await storage.write({ garage, meta: meta(CURRENT_VERSION) });
    const next = await started(storage);
    expect(next.logbook.garage.bikes[id]?.name).toBe('Renamed');
    expect(await storage.keys()).not.toContain('beside/garage');
    old.persistence.close();
  });
});

describe('two tabs', () => {
  it('that write to the same month at once lose nothing, and each hears of the other', async () => {
    const storage = memoryStorage();
    const tab = browser();
    const one = await started(storage, { tabs: tab() });
    const two = await started(storage, { tabs: tab() });
    one.persistence.save(withEvents(EMPTY_LOGBOOK, ride('from-one')));
    two.persistence.save(withEvents(EMPTY_LOGBOOK, ride('from-two')));
    await one.persistence.settled();
    await two.persistence.settled();
    await soon(5);
    expect(ids(await stored(storage))).toEqual(['from-one', 'from-two']);
    expect(one.merges.flatMap(ids)).toContain('from-two');
    expect(two.merges.flatMap(ids)).toContain('from-one');
  });

  it('keep what each changed of one bike, whichever saves last', async () => {
    const storage = await holding(demo);
    const tab = browser();
    const [id = '', bike] = Object.entries(demo.garage.bikes)[0] ?? [];
    const withBike = (part: object, stamps: Record<string, number>) => ({
      ...demo,
      garage: {
        ...demo.garage,
        bikes: { ...demo.garage.bikes, [id]: { ...bike!, ...part, stamps } },
      },
    });
    const one = await started(storage, { tabs: tab() });
    const two = await started(storage, { tabs: tab() });
    one.persistence.save(withBike({ name: 'Named' }, { name: now }));
    two.persistence.save(withBike({ mudguards: !bike!.mudguards }, { mudguards: now - 9e9 }));
    await one.persistence.settled();
    await two.persistence.settled();
    expect((await stored(storage)).garage.bikes[id]).toMatchObject({
      name: 'Named',
      mudguards: !bike!.mudguards,
    });
  });

  it('do not lose what was read when the write after it fails (found by schedule 612)', async () => {
    const { storage, control } = watched();
    const one = await started(storage);
    const other = await started(storage);
    other.persistence.save(withEvents(EMPTY_LOGBOOK, ride('theirs')));
    await other.persistence.settled();
    control.full = true;
    one.persistence.save(withEvents(EMPTY_LOGBOOK, ride('mine')));
    await one.persistence.settled();
    control.full = false;
    await soon();
    await one.persistence.settled();
    expect(ids(await stored(storage))).toEqual(['mine', 'theirs']);
    one.persistence.close();
  });

  it('try again when reading what another wrote fails', async () => {
    const inner = memoryStorage();
    let refuses = false;
    const storage: Storage = {
      ...inner,
      read: (keys) => (refuses ? Promise.reject(new Error('no')) : inner.read(keys)),
    };
    const tab = browser();
    const one = await started(storage, { tabs: tab() });
    const two = await started(inner, { tabs: tab() });
    refuses = true;
    two.persistence.save(withEvents(EMPTY_LOGBOOK, ride('theirs')));
    await two.persistence.settled();
    await one.persistence.settled();
    expect(one.merges).toEqual([]);
    refuses = false;
    await soon();
    expect(one.merges.flatMap(ids)).toEqual(['theirs']);
    one.persistence.close();
  });

  it('find each other’s work without a channel, and take turns without locks', async () => {
    const storage = memoryStorage();
    const alone = (): Tabs => ({
      canTell: false,
      tell: () => undefined,
      listen: () => () => undefined,
      exclusively: (job) => leased(storage, job),
    });
    const one = await started(storage, { tabs: alone(), pollMs: 20 });
    const two = await started(storage, { tabs: alone(), pollMs: 20 });
    one.persistence.save(withEvents(EMPTY_LOGBOOK, ride('from-one')));
    two.persistence.save(withEvents(EMPTY_LOGBOOK, ride('from-two')));
    await soon(600);
    expect(ids(await stored(storage))).toEqual(['from-one', 'from-two']);
    expect(one.merges.flatMap(ids)).toContain('from-two');
    expect(two.merges.flatMap(ids)).toContain('from-one');
    one.persistence.close();
    two.persistence.close();
  });

  it('write everything back when storage was emptied under them', async () => {
    const storage = await holding(demo);
    const { persistence } = await started(storage);
    await storage.remove(await storage.keys());
    persistence.check();
    await persistence.settled();
    expect(await stored(storage)).toEqual(demo);
  });
});

async function entriesOf(storage: Storage): Promise<Record<string, string>> {
  return storage.read(await storage.keys());
}

/** Tabs of one browser: messages reach all others; one writer at a time. */
function browser() {
  const listeners = new Set<(keys: readonly string[]) => void>();
  let turn: Promise<unknown> = Promise.resolve();
  return (): Tabs => {
    let own: ((keys: readonly string[]) => void) | null = null;
    return {
      canTell: true,
      tell: (keys) => listeners.forEach((heard) => heard !== own && heard(keys)),
      listen(heard) {
        own = heard;
        listeners.add(heard);
        return () => listeners.delete(heard);
      },
      exclusively(job) {
        const next = turn.then(job);
        turn = next.catch(() => undefined);
        return next;
      },
    };
  };
}
