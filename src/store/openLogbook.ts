import { checkMigrations } from '@/core/logbook/migrate';
import { MIGRATIONS } from '@/core/logbook/migrations';
import type { Logbook } from '@/core/logbook/logbook';
import { LOGBOOK_VERSIONS } from '@/core/logbook/versions';
import { playedInParts } from '@/core/care/replay/replay';
import { browserBuild, type Edge } from './edge';
import { firstLook, type LookHead } from './firstLook';
import { keepLook } from './keepLook';
import { merged, opened } from './logbookSlice';
import { EMPTY_LOGBOOK } from './logbookFile';
import { noteFaults, Operations } from './operations';
import { Persistence, type Opened } from './persistence';
import { phaseChanged, quarantineFound, saveChanged, ticked } from './sessionSlice';
import { holdReplay, selectMainReport } from './selectors';
import { atOnce, breath, inSlices, type Pace, type Sliced } from './slices';
import { browserStorage, Slow, withLimits, type Storage } from './storage';
import { createStore, type AppStore } from './store';
import { browserTabs } from './tabs';
import { keepWeather } from './weather';
import { mayHaveLook, storageName, type LogbookName } from './whichLogbook';

export interface OpenLogbook {
  store: AppStore;
  persistence: Persistence;
  storage: Storage;
  edge: Edge;
  name: LogbookName;
  /** The last things the app did. */
  operations: Operations;
  /** The rider waits for all of a long logbook, of which the last year is shown. */
  hurry(): void;
  /** Reads the logbook again, after it could not be read. */
  tryAgain(): void;
  /** Starts with nothing, in memory: what storage holds is taken in as soon as it can be read. */
  startWithout(): void;
}

const TICK_MS = 60_000;

/** Wires store and storage together and starts reading; the store says when it is open. */
export function openLogbook(
  name: LogbookName,
  edge: Edge,
  storage: Storage = browserStorage(storageName(name)),
): OpenLogbook {
  checkMigrations(LOGBOOK_VERSIONS, MIGRATIONS);
  const operations = new Operations();
  noteFaults(operations, edge.now);
  const store = createStore(edge, operations);
  const persistence = new Persistence({
    storage,
    tabs: browserTabs(storageName(name), storage),
    now: edge.now,
    onStatus: (status) => store.dispatch(saveChanged(status)),
    onMerge: (logbook) => store.dispatch(merged(logbook)),
    onAside: (found) => store.dispatch(quarantineFound(found)),
  });
  const tick = () => store.dispatch(ticked(edge.now()));
  tick();
  setInterval(tick, TICK_MS);
  const sliced = inSlices();
  keepInStep(persistence, tick, sliced);
  const open: OpenLogbook = {
    store,
    persistence,
    storage,
    edge,
    name,
    operations,
    hurry: sliced.hurry,
    tryAgain: () => void start(opening),
    startWithout: () => begin(open, EMPTY_LOGBOOK),
  };
  const opening: Opening = { open, sliced, ...showIn(store) };
  void start(opening);
  return open;
}

/** What waits is written before the page goes to the background or away; back again, it looks for news. */
function keepInStep(persistence: Persistence, tick: () => void, { hurry }: Sliced): void {
  document.addEventListener('visibilitychange', () => {
    tick();
    if (document.visibilityState === 'hidden') {
      persistence.flush();
      // What was written at the first look is kept once all is read.
      hurry();
    } else persistence.check();
  });
  window.addEventListener('pagehide', () => persistence.flush());
  window.addEventListener('pageshow', () => persistence.check());
}

/** How a logbook is opened: what belongs to it, at what pace a long one is read, and how it is shown. */
interface Opening {
  open: OpenLogbook;
  sliced: Sliced;
  /** Shows a logbook in place of the one shown before, or merged with it where the rider has written since. */
  show: (logbook: Logbook) => void;
  /** Whether the rider has written nothing since a logbook was shown. */
  isAsShown: () => boolean;
}

function showIn(store: AppStore): Pick<Opening, 'show' | 'isAsShown'> {
  let shown = EMPTY_LOGBOOK;
  const isAsShown = () => store.getState().logbook === shown;
  const show = (logbook: Logbook) => {
    const showing = isAsShown() ? opened(logbook) : merged(logbook);
    shown = logbook;
    store.dispatch(showing);
  };
  return { show, isAsShown };
}

async function start(opening: Opening): Promise<void> {
  const { open, sliced } = opening;
  const { store, persistence, name, edge } = open;
  store.dispatch(phaseChanged({ phase: 'opening', problem: null }));
  const build = browserBuild();
  const look = build !== null && mayHaveLook(name) ? await lookAtOnce(opening, build) : null;
  const pace = look ? sliced.pace : atOnce;
  // What is shown is drawn first.
  if (look) await breath();
  const read = await readPatiently(persistence, pace);
  if (!read.ok) {
    store.dispatch(phaseChanged({ phase: 'unreadable', problem: read.problem }));
    return;
  }
  store.dispatch(quarantineFound(read.quarantined));
  const isFirstDemo = name === 'demo' && Object.keys(read.logbook.log).length === 0;
  const demo = isFirstDemo ? await import('@/core/demo/scenario') : null;
  const logbook = demo ? demo.demoLogbook(edge.now(), edge.zone) : read.logbook;
  if (look) {
    const months = Object.keys(logbook.log).sort();
    const played = playedInParts(
      logbook.garage,
      months.map((month) => logbook.log[month] ?? []),
    );
    holdReplay(logbook, await pace(played));
  }
  opening.show(logbook);
  // What Today shows is played and judged at once: the scripts of the screens may still be coming.
  if (window.location.pathname === '/') selectMainReport(store.getState());
  begin(open, logbook);
  if (build !== null) keepLook(open, build, look);
}

/** Storage that does not answer by then is told of by the reading of the whole. */
const LOOK_LIMIT_MS = 3000;

/** Shows the last year of a long logbook while the rest is read; null where nothing can be shown before. */
async function lookAtOnce(
  { open, sliced, show, isAsShown }: Opening,
  build: string,
): Promise<LookHead | null> {
  const { store, storage, edge } = open;
  const patient = withLimits(storage, LOOK_LIMIT_MS, () => undefined);
  const look = await firstLook(patient, build, edge.now()).catch(() => null);
  if (!look) return null;
  holdReplay(look.logbook, look.replay);
  show(look.logbook);
  store.dispatch(phaseChanged({ phase: 'looking', problem: null, told: look.told }));
  // What is written meanwhile is kept once all is read.
  const stop = store.subscribe(() => {
    const isLooking = store.getState().session.phase === 'looking';
    if (isLooking && isAsShown()) return;
    stop();
    if (!isLooking) return;
    store.dispatch(saveChanged({ kind: 'saving' }));
    sliced.press();
  });
  return look.head;
}

/** Begins to keep what is shown; `stored`: what storage holds of it. */
function begin({ store, persistence }: OpenLogbook, stored: Logbook): void {
  store.subscribe(() => persistence.save(store.getState().logbook));
  persistence.startFrom(stored);
  store.dispatch(phaseChanged({ phase: 'open', problem: null }));
  keepWeather(store);
}

const PAUSES_MS = [250, 1000];

/** A reading that fails is tried again: an empty logbook is shown only where storage said so. */
async function readPatiently(persistence: Persistence, pace: Pace): Promise<Opened> {
  for (let attempt = 0; ; attempt++) {
    try {
      return await persistence.open(pace);
    } catch (error) {
      const pause = PAUSES_MS[attempt];
      const isOver = pause === undefined || error instanceof Slow;
      if (!isOver) await new Promise((resolve) => setTimeout(resolve, pause));
      else if (typeof indexedDB === 'undefined')
        return { ok: false, problem: { code: 'storage/unavailable' } };
      else return { ok: false, problem: { code: 'storage/unreadable' } };
    }
  }
}
