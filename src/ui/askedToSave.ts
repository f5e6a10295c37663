/** Saves that a rider asked for and that have not begun: meanwhile nothing on screen may read “Saved”. */
let waiting = 0;
const listeners = new Set<() => void>();

function count(by: 1 | -1): void {
  waiting += by;
  for (const listener of listeners) listener();
}

/** A save from the tap that asks for it until it is handed on. */
export const askToSave = {
  begin: (): void => count(1),
  /** It has been handed on: what keeps the logbook tells of it from now on. */
  end: (): void => void setTimeout(() => count(-1), 0),
};

export const isAskedToSave = (): boolean => waiting > 0;

export function watchAskedToSave(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
