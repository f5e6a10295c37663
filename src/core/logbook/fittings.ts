import type { PlainEvent } from '../records/event';

/** A spell of a chain on a bike; `to` null: still on it. Instants as in the log. */
export interface Fitting {
  chainId: string;
  bikeId: string;
  from: string;
  to: string | null;
}

/** Since ever, for what was so before anything that is told. */
const EVER = '0000-01-01T00:00:00.000Z';

/**
 * Fittings from before all that is told: `on` is the chain on each bike, null where it had one and has none now. Which one that was
 * is not told.
 */
export const fittingsBefore = (on: ReadonlyMap<string, string | null>): Fitting[] =>
  Array.from(on, ([bikeId, chainId]) => {
    return { chainId: chainId ?? '', bikeId, from: EVER, to: chainId === null ? EVER : null };
  });

/**
 * Every fitting of the log. `events` are effective and in order of time; `before`: fittings from before the first of them, where
 * they are only the last of a log.
 */
export function fittings(
  events: readonly PlainEvent[],
  before: readonly Fitting[] = [],
): Fitting[] {
  const spells = before.map((spell) => ({ ...spell }));
  const close = (matches: (f: Fitting) => boolean, at: string) => {
    for (const spell of spells) if (spell.to === null && matches(spell)) spell.to = at;
  };
  for (const event of events) {
    if (event.type === 'chainFitted') {
      close((f) => f.chainId === event.chainId || f.bikeId === event.bikeId, event.at);
      spells.push({ chainId: event.chainId, bikeId: event.bikeId, from: event.at, to: null });
    } else if (event.type === 'chainRemoved') {
      close((f) => f.chainId === event.chainId, event.at);
    }
  }
  return spells;
}

/** Whether a moment lies within a spell. */
export const covers = (fitting: Fitting, at: string): boolean =>
  fitting.from <= at && (fitting.to === null || at < fitting.to);

/** When a bike first had a chain in the log, if ever. */
export const firstFitted = (spells: readonly Fitting[], bikeId: string): string | null =>
  spells.find((f) => f.bikeId === bikeId)?.from ?? null;

/** The chain on a bike at a moment, if any. */
export const chainOn = (spells: readonly Fitting[], bikeId: string, at: string): string | null =>
  spells.find((f) => f.bikeId === bikeId && covers(f, at))?.chainId ?? null;
