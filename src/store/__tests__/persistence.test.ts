import { addEvents, allEvents, type LogEvent, type Logbook } from '@/core/logbook';
import { demoLogbook } from '@/core/demo';
import { rideBody } from '@/test/events';
import { EMPTY_LOGBOOK } from '../logbookFile';
import { Persistence, type PersistenceOptions, type SaveStatus, type Tabs } from '../persistence';
import { memoryStorage, type Storage } from '../storage';
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
    retryMs: 5,
    ...more,
  });
  return { persistence, statuses, merges };
}

async function stored(storage: Storage): Promise<Logbook> {
  const opened = await open(storage).persistence.open();
  if (!opened.ok) throw new Error('did not open');
  return opened.logbook;
}

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
    const { storage } = watched();
    const { persistence } = open(storage);
    await persistence.open();
    persistence.save(demo);
    await persistence.settled();
    expect(await stored(storage)).toEqual(demo);
  });

  it('writes only the month that changed, with the stamp, in one go', async () => {
    const { storage, writes } = watched();
    const { persistence } = open(storage);
    await persistence.open();
    persistence.save(demo);
    await persistence.settled();
    writes.length = 0;
    persistence.save(withEvents(demo, ride('new')));
    await persistence.settled();
    expect(writes).toEqual([['log/2026-05', 'meta']]);
  });

  it('does nothing when nothing changed', async () => {
    const { storage, writes } = watched();
    const { persistence } = open(storage);
    const opened = await persistence.open();
    if (opened.ok) persistence.save(opened.logbook);
    await persistence.settled();
    expect(writes).toEqual([]);
  });

  it('on a full disk keeps the change, says so, and tries again', async () => {
    const { storage, control } = watched();
    const { persistence, statuses } = open(storage);
    await persistence.open();
    control.full = true;
    persistence.save(withEvents(EMPTY_LOGBOOK, ride('a')));
    await persistence.settled();
    expect(statuses.at(-1)).toMatchObject({
      kind: 'failed',
      problem: { code: 'storage/write-failed' },
    });
    control.full = false;
    await new Promise((resolve) => setTimeout(resolve, 30));
    await persistence.settled();
    expect(statuses.at(-1)).toEqual({ kind: 'saved', at: now });
    expect(allEvents((await stored(storage)).log).map((e) => e.id)).toEqual(['a']);
    persistence.close();
  });

  it('killed in the middle leaves the old logbook or the new one, never half', async () => {
    const inner = memoryStorage();
    const { persistence } = open(inner);
    await persistence.open();
    persistence.save(demo);
    await persistence.settled();
    // A tab that dies while writing: the transaction never commits.
    const dying: Storage = { ...inner, write: () => new Promise(() => undefined) };
    const second = open(dying);
    await second.persistence.open();
    second.persistence.save(
      withEvents(demo, ride('lost'), ride('lost2', '2026-04-02T08:00:00.000Z')),
    );
    await Promise.resolve();
    expect(await stored(inner)).toEqual(demo);
  });
});

describe('opening', () => {
  it('sets a damaged month aside whole, opens the rest, and lets it be discarded', async () => {
    const storage = memoryStorage();
    const { persistence } = open(storage);
    await persistence.open();
    persistence.save(demo);
    await persistence.settled();
    const months = Object.keys(demo.log).sort();
    const victim = months[2] as string;
    const broken = (await storage.read([`log/${victim}`]))[`log/${victim}`]?.slice(0, -40) ?? '';
    await storage.write({ [`log/${victim}`]: broken });

    const again = open(storage);
    const opened = await again.persistence.open();
    if (!opened.ok) throw new Error('did not open');
    expect(Object.keys(opened.logbook.log).sort()).toEqual(months.filter((m) => m !== victim));
    expect(opened.quarantined).toMatchObject([{ part: `log/${victim}`, text: broken }]);

    const later = await open(storage).persistence.open();
    expect(later.ok && later.quarantined).toHaveLength(1);
    await again.persistence.discard(opened.quarantined[0]?.key ?? '');
    expect(await again.persistence.quarantined()).toEqual([]);
  });

  it.each([
    ['garage', '{"bikes":{"x":{"id":"x"}},"chains":{}}'],
    ['settings', 'null'],
    ['log/2026-05', '[{"type":"rideLogged","id":"x"}]'],
    ['log/2026-05', '{"not":"a list"}'],
  ])('sets aside a %s that is not what it should be', async (key, text) => {
    const opened = await open(memoryStorage({ [key]: text })).persistence.open();
    expect(opened.ok && opened.quarantined.map((q) => q.part)).toEqual([key]);
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
});

describe('two tabs', () => {
  /** Tabs of one browser: messages reach all others; one writer at a time. */
  function browser() {
    const listeners = new Set<(keys: readonly string[]) => void>();
    let turn: Promise<unknown> = Promise.resolve();
    return (): Tabs => {
      let own: ((keys: readonly string[]) => void) | null = null;
      return {
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

  it('that write to the same month at once lose nothing, and each hears of the other', async () => {
    const storage = memoryStorage();
    const tab = browser();
    const one = open(storage, { tabs: tab() });
    const two = open(storage, { tabs: tab() });
    await one.persistence.open();
    await two.persistence.open();
    one.persistence.save(withEvents(EMPTY_LOGBOOK, ride('from-one')));
    two.persistence.save(withEvents(EMPTY_LOGBOOK, ride('from-two')));
    await one.persistence.settled();
    await two.persistence.settled();
    await new Promise((resolve) => setTimeout(resolve, 5));
    expect(allEvents((await stored(storage)).log).map((e) => e.id)).toEqual([
      'from-one',
      'from-two',
    ]);
    const heardByOne = one.merges.flatMap((l) => allEvents(l.log).map((e) => e.id));
    const heardByTwo = two.merges.flatMap((l) => allEvents(l.log).map((e) => e.id));
    expect(heardByOne).toContain('from-two');
    expect(heardByTwo).toContain('from-one');
  });

  it('an older tab never overwrites a newer version of a record', async () => {
    const storage = memoryStorage();
    const { persistence } = open(storage);
    await persistence.open();
    const bike = Object.values(demo.garage.bikes)[0]!;
    const garage = (name: string, changedAt: string) => ({
      ...demo,
      garage: { ...demo.garage, bikes: { [bike.id]: { ...bike, name, changedAt } } },
    });
    persistence.save(garage('Newer', '2026-05-02T00:00:00.000Z'));
    await persistence.settled();
    const stale = open(storage);
    await stale.persistence.open();
    stale.persistence.save(garage('Older', '2026-05-01T00:00:00.000Z'));
    await stale.persistence.settled();
    expect((await stored(storage)).garage.bikes[bike.id]?.name).toBe('Newer');
  });
});
