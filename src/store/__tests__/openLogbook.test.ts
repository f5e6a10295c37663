/** @jest-environment jsdom */
import { Replay } from '@/core/care/replay/replay';
import { allEvents } from '@/core/logbook/chunks';
import { testEdge } from '@/test/edge';
import { NOW, twentyYears } from '@/test/twentyYears';
import { record } from '../commands/perform';
import { backupText } from '../keeping/backupText';
import { LOOK, lookHead, lookText } from '../firstLook';
import { openLogbook, type OpenLogbook } from '../openLogbook';
import { Persistence } from '../persistence';
import { memoryStorage, type Storage } from '../storage';
import { noTabs } from '../tabs';
import { rememberLook } from '../whichLogbook';

/** As the scripts of a built page are called. */
const BUILD = '0123456789abcdef0123456789abcdef';
const LOGBOOK = {
  ...twentyYears(7000),
  settings: { ...twentyYears(1).settings, weatherSource: 'none' as const },
};
let entries: Record<string, string> = {};

beforeAll(async () => {
  const script = document.createElement('script');
  script.type = 'text/plain';
  script.src = `/_expo/static/js/web/opening-${BUILD}.js`;
  document.head.append(script);
  const storage = memoryStorage();
  const options = { onStatus: () => undefined, onMerge: () => undefined, now: () => NOW };
  const persistence = new Persistence({ storage, tabs: noTabs, ...options });
  const read = await persistence.open();
  if (!read.ok) throw new Error('not opened');
  persistence.startFrom(read.logbook);
  persistence.save(LOGBOOK);
  await persistence.settled();
  const head = lookHead(LOGBOOK.log, persistence.keptSums(LOGBOOK) ?? {}, BUILD);
  const replay = new Replay(LOGBOOK.garage, allEvents(LOGBOOK.log));
  const text = head && lookText(head, LOGBOOK, replay, NOW);
  if (!text) throw new Error('no look');
  persistence.close();
  rememberLook('own', true);
  entries = { ...(await storage.read(await storage.keys())), [LOOK]: text };
}, 60_000);

const open = (storage: Storage) => openLogbook('own', testEdge(NOW), storage);

/** Waits for a phase; returns the phases that were seen until then. */
function reached({ store }: OpenLogbook, phase: string): Promise<string[]> {
  return new Promise((resolve) => {
    const phases: string[] = [];
    const look = () => {
      const now = store.getState().session.phase;
      if (phases.at(-1) !== now) phases.push(now);
      if (now === phase) resolve(phases);
    };
    store.subscribe(look);
    look();
  });
}

const count = ({ store }: OpenLogbook) => allEvents(store.getState().logbook.log).length;

describe('opening a long logbook', () => {
  it('shows the last year first, then all of it', async () => {
    const opened = open(memoryStorage(entries));
    await reached(opened, 'looking');
    const first = count(opened);
    expect(first).toBeLessThan(7000 / 2);
    await reached(opened, 'open');
    expect(count(opened)).toBe(7000);
    expect(opened.store.getState().session.told).toBeNull();
  }, 30_000);

  it('does not say that something is unsaved where nothing was written', async () => {
    const opened = open(memoryStorage(entries));
    const told = new Set<string>();
    opened.store.subscribe(() => told.add(opened.store.getState().session.save.kind));
    await reached(opened, 'open');
    await opened.persistence.settled();
    expect([...told]).toEqual(['saved']);
  }, 30_000);

  it('keeps what is written before all is read, and says that it is not saved yet', async () => {
    const storage = memoryStorage(entries);
    const opened = open(storage);
    await reached(opened, 'looking');
    const at = new Date(NOW).toISOString();
    const note = { type: 'gotWet' as const, bikeId: 'demo-bike-racer', how: 'washed' as const, at };
    const [id] = opened.store.dispatch(record('Noted: got wet', [note]));
    expect(opened.store.getState().session.save.kind).toBe('saving');
    opened.hurry();
    await reached(opened, 'open');
    expect(count(opened)).toBe(7001);
    await opened.persistence.settled();
    expect(opened.store.getState().session.save.kind).toBe('saved');
    expect((await storage.read(['log/2026-11']))['log/2026-11']).toContain(id);
  }, 30_000);

  /** Milliseconds from the first look until all is read, the rider having done something. */
  async function readIn(does: (opened: OpenLogbook) => void): Promise<number> {
    const opened = open(memoryStorage(entries));
    await reached(opened, 'looking');
    const began = performance.now();
    does(opened);
    await reached(opened, 'open');
    return performance.now() - began;
  }
  const writes = ({ store }: OpenLogbook) => {
    const at = new Date(NOW).toISOString();
    const how = 'washed' as const;
    store.dispatch(record('Noted', [{ type: 'gotWet', bikeId: 'demo-bike-racer', how, at }]));
  };
  const hides = () => {
    const hidden = jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
    document.dispatchEvent(new Event('visibilitychange'));
    hidden.mockRestore();
  };

  it.each([
    ['something is written', writes],
    ['the page is hidden', hides],
  ])(
    'reads on while the rider moves once %s',
    async (_, does) => {
      const usual = await readIn(() => undefined);
      const moving = setInterval(() => window.dispatchEvent(new Event('wheel')), 20);
      const took = await readIn(does);
      clearInterval(moving);
      // Else it would have waited for five seconds first.
      expect(took).toBeLessThan(2 * usual + 2500);
    },
    60_000,
  );

  it('opens without the look where storage does not answer for it', async () => {
    const inner = memoryStorage(entries);
    const hangs: Storage = {
      ...inner,
      read: (keys) =>
        keys.includes(LOOK) && keys.length === 2 ? new Promise(() => undefined) : inner.read(keys),
    };
    const opened = open(hangs);
    const phases = await reached(opened, 'open');
    expect(phases).not.toContain('looking');
    expect(count(opened)).toBe(7000);
  }, 30_000);

  it.each(['again', 'without'] as const)(
    'keeps what was written where the rest cannot be read, and the rider tries %s',
    async (way) => {
      const inner = memoryStorage(entries);
      let isBroken = true;
      const breaks: Storage = {
        ...inner,
        keys: () => (isBroken && isAsked ? Promise.reject(new Error('broken')) : inner.keys()),
      };
      let isAsked = false;
      const opened = open(breaks);
      await reached(opened, 'looking');
      isAsked = true;
      const at = new Date(NOW).toISOString();
      const note = {
        type: 'gotWet' as const,
        bikeId: 'demo-bike-racer',
        how: 'washed' as const,
        at,
      };
      const [id] = opened.store.dispatch(record('Noted: got wet', [note]));
      await reached(opened, 'unreadable');
      isBroken = false;
      if (way === 'again') opened.tryAgain();
      else opened.startWithout();
      await reached(opened, 'open');
      await opened.persistence.settled();
      const ids = allEvents(opened.store.getState().logbook.log).map((event) => event.id);
      expect(ids).toContain(id);
      if (way === 'again') expect(ids).toHaveLength(7001);
      expect((await inner.read(['log/2026-11']))['log/2026-11']).toContain(id);
      // What storage held is as it was.
      expect((await inner.read(['log/2026-05']))['log/2026-05']).toBe(entries['log/2026-05']);
    },
    30_000,
  );

  it('saves as a backup all that is stored while the page holds a year of it', async () => {
    const opened = open(memoryStorage(entries));
    await reached(opened, 'looking');
    const backup = JSON.parse(await backupText(opened, 'page')) as { events: unknown[] };
    expect(backup.events).toHaveLength(7000);
    await reached(opened, 'open');
  }, 30_000);
});
