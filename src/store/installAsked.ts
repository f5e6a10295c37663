const KEY = 'dapper-spoke/install-asked';

/** Whether installing was offered on this device before: it is offered once. */
export function wasInstallAsked(): boolean {
  try {
    return localStorage.getItem(KEY) !== null;
  } catch {
    // A browser that forgets would be asked for ever.
    return true;
  }
}

/** Remembers that it was. */
export function rememberInstallAsked(): void {
  try {
    localStorage.setItem(KEY, 'yes');
  } catch {
    // See above.
  }
}
