import type { Middleware, UnknownAction } from '@reduxjs/toolkit';

/** How many of the last operations are kept: what led to a fault, not a diary. */
const MOST = 200;

/** The clock and progress tell nothing and would push out what does. */
const UNTOLD: readonly string[] = ['session/ticked', 'plan/planProgressed'];

/** Fields of a payload that are words of ours, never of the rider. */
const OURS = ['kind', 'phase', 'code'] as const;

/** One thing the app did: when, what, and how that ended in a word of ours. */
interface Operation {
  at: number;
  what: string;
  how: string;
}

/** The last things the app did, without any content: for a rider who reports a fault. */
export class Operations {
  private readonly list: Operation[] = [];

  note({ at, what, how }: Operation): void {
    this.list.push({ at, what, how });
    if (this.list.length > MOST) this.list.shift();
  }

  /** A line an operation, oldest first: moment, what, how. */
  text(): string {
    return this.list
      .map(({ at, what, how }) => `${new Date(at).toISOString()} ${what} ${how}`.trimEnd())
      .join('\n');
  }
}

/** What an action says of itself in words of ours: `failed storage/full`. */
function howOf({ payload }: UnknownAction): string {
  if (typeof payload !== 'object' || payload === null) return '';
  const flat = { ...(payload as { problem?: object }).problem, ...payload } as Record<
    string,
    unknown
  >;
  return OURS.flatMap((key) => (typeof flat[key] === 'string' ? [flat[key]] : [])).join(' ');
}

/** Notes every action of the store by its name. */
export const noteActions =
  (operations: Operations, now: () => number): Middleware =>
  () =>
  (next) =>
  (action) => {
    const done = next(action);
    const { type } = action as UnknownAction;
    if (typeof type === 'string' && !UNTOLD.includes(type))
      operations.note({ at: now(), what: type, how: howOf(action as UnknownAction) });
    return done;
  };

/** Notes faults nobody caught, by the name of their kind: their message may hold what a rider wrote. */
export function noteFaults(operations: Operations, now: () => number): void {
  const note = (what: string, error: unknown) =>
    operations.note({ at: now(), what, how: error instanceof Error ? error.name : '' });
  window.addEventListener('error', ({ error }) => note('fault', error));
  window.addEventListener('unhandledrejection', ({ reason }) =>
    note('unhandled rejection', reason),
  );
}
