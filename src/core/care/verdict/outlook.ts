import type { Spread } from '../../units/format';
import type { Clock, ClockName } from './clocks';
import { HORIZON_KM, type Ahead } from './lookAhead';
import { quartilesOf } from './spread';

/** The two questions of a chain: how far the lube lasts, and how far until it wants wiping or cleaning. */
export const QUESTIONS = {
  lube: ['bare', 'film', 'standing'],
  dirt: ['inside', 'outside'],
} as const satisfies Record<string, readonly ClockName[]>;

export type Question = keyof typeof QUESTIONS;

/** How one question stands. */
export interface Outlook {
  /** The clock that fired, or that will fire first. */
  clock: ClockName;
  /** Km until it fires; null when it has. `high` stops at the horizon. */
  km: Spread | null;
  /** It does not fire as far as we look. */
  beyondHorizon: boolean;
}

/** Half of all futures about the middle one; the middle lies within, whatever the weather drawn. */
export function spreadAbout(mid: number, inFutures: readonly number[]): Spread {
  const { low, high } = quartilesOf(inFutures);
  return { low: Math.min(low, mid), mid, high: Math.max(high, mid) };
}

/** The first of some clocks on the way ahead, and where; none within the horizon: null, at the horizon. */
export function firstOf(
  { firesAtKm }: Ahead,
  clocks: readonly ClockName[],
): { name: ClockName | null; km: number } {
  let name: ClockName | null = null;
  let km = HORIZON_KM;
  for (const clock of clocks) {
    const at = firesAtKm[clock];
    if (at !== undefined && at < km) [name, km] = [clock, at];
  }
  return { name, km };
}

/** How a question stands, from the clocks now, the way ahead and the km until it in each future. */
export function outlookOf(
  question: Question,
  clocks: readonly Clock[],
  ahead: Ahead,
  inFutures: readonly number[],
): Outlook {
  const names: readonly ClockName[] = QUESTIONS[question];
  const fired = clocks.find((c) => c.fired && names.includes(c.name));
  if (fired) return { clock: fired.name, km: null, beyondHorizon: false };
  const first = firstOf(ahead, names);
  return {
    clock: first.name ?? names[names.length - 1]!,
    km: spreadAbout(first.km, inFutures),
    beyondHorizon: first.km >= HORIZON_KM,
  };
}
