import { checkMigrations, LOGBOOK_VERSIONS, MIGRATIONS } from '@/core/logbook';
import type { Edge } from './edge';
import { merged, opened } from './logbookSlice';
import { EMPTY_LOGBOOK } from './logbookFile';
import { Persistence } from './persistence';
import { phaseChanged, quarantineFound, saveChanged, ticked } from './sessionSlice';
import { browserStorage, type Storage } from './storage';
import { createStore, type AppStore } from './store';
import { browserTabs } from './tabs';
import { keepWeather } from './weather';
import { storageName, type LogbookName } from './whichLogbook';

export interface OpenLogbook {
  store: AppStore;
  persistence: Persistence;
  edge: Edge;
  name: LogbookName;
}

const TICK_MS = 60_000;

/** Wires store and storage together and starts reading; the store says when it is open. */
export function openLogbook(
  name: LogbookName,
  edge: Edge,
  storage: Storage = browserStorage(storageName(name)),
): OpenLogbook {
  checkMigrations(LOGBOOK_VERSIONS, MIGRATIONS);
  const store = createStore(edge);
  const persistence = new Persistence({
    storage,
    tabs: browserTabs(storageName(name)),
    now: edge.now,
    onStatus: (status) => store.dispatch(saveChanged(status)),
    onMerge: (logbook) => store.dispatch(merged(logbook)),
  });
  const tick = () => store.dispatch(ticked(edge.now()));
  tick();
  setInterval(tick, TICK_MS);
  document.addEventListener('visibilitychange', tick);
  void start(store, persistence, name, edge);
  return { store, persistence, edge, name };
}

async function start(
  store: AppStore,
  persistence: Persistence,
  name: LogbookName,
  edge: Edge,
): Promise<void> {
  let logbook = EMPTY_LOGBOOK;
  try {
    const read = await persistence.open();
    if (!read.ok) {
      store.dispatch(phaseChanged({ phase: 'unreadable', problem: read.problem }));
      return;
    }
    store.dispatch(quarantineFound(read.quarantined));
    logbook = read.logbook;
  } catch {
    const problem = { code: 'storage/unavailable' } as const;
    store.dispatch(saveChanged({ kind: 'failed', problem }));
  }
  if (name === 'demo' && Object.keys(logbook.log).length === 0) {
    const { demoLogbook } = await import('@/core/demo');
    logbook = demoLogbook(edge.now(), edge.zone);
  }
  store.dispatch(opened(logbook));
  store.dispatch(phaseChanged({ phase: 'open', problem: null }));
  store.subscribe(() => persistence.save(store.getState().logbook));
  persistence.save(store.getState().logbook);
  keepWeather(store);
}
