/**
 * Which logbook this browser opens: the rider's own or the demo. They lie in separate storage, so the
 * demo can never touch what a rider entered. `?logbook=demo` in the address opens the demo.
 */
export type LogbookName = 'own' | 'demo';

const KEY = 'dapper-spoke/open';
const STORAGE: Record<LogbookName, string> = { own: 'dapper-spoke', demo: 'dapper-spoke-demo' };

export const storageName = (name: LogbookName): string => STORAGE[name];

/** Reads the choice from the address, else from last time. */
export function whichLogbook(): LogbookName {
  const asked = new URLSearchParams(window.location.search).get('logbook');
  if (asked === 'demo' || asked === 'own') {
    remember(asked);
    return asked;
  }
  try {
    return localStorage.getItem(KEY) === 'demo' ? 'demo' : 'own';
  } catch {
    return 'own';
  }
}

function remember(name: LogbookName): void {
  try {
    localStorage.setItem(KEY, name);
  } catch {
    // A browser that forgets opens the rider's own logbook next time: no harm.
  }
}

/** Opens the other logbook: a fresh page, so that nothing of the one is left in the other. */
export function switchLogbook(name: LogbookName): void {
  remember(name);
  window.location.assign('/');
}

/** Under it stands the name of the folder that is looked through for rides of the logbook; not there: there is none. */
const rideFolderKey = (): string => `dapper-spoke/ride-folder ${whichLogbook()}`;

/** Whether a folder of rides was picked for this logbook on this device. */
export function hasRideFolder(): boolean {
  try {
    return localStorage.getItem(rideFolderKey()) !== null;
  } catch {
    return false;
  }
}

/** Remembers that a folder of rides was picked, by its name; null: it is looked through no more. */
export function rememberRideFolder(name: string | null): void {
  try {
    if (name === null) localStorage.removeItem(rideFolderKey());
    else localStorage.setItem(rideFolderKey(), name);
  } catch {
    // A browser that forgets does not look through it by itself: the rider still can.
  }
}

const lookKey = (name: LogbookName): string => `${storageName(name)}/look`;

/** Whether a first look may lie beside a logbook: where none does, nothing waits for storage to say so. */
export function mayHaveLook(name: LogbookName): boolean {
  try {
    return localStorage.getItem(lookKey(name)) !== null;
  } catch {
    return false;
  }
}

/** Remembers that a first look lies beside a logbook, or that none does. */
export function rememberLook(name: LogbookName, isThere: boolean): void {
  try {
    if (isThere) localStorage.setItem(lookKey(name), '');
    else localStorage.removeItem(lookKey(name));
  } catch {
    // Then the whole logbook is read at once, as before there were looks.
  }
}
