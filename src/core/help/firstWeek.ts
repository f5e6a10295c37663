import type { Garage } from '../records/garage';
import type { PlainEvent } from '../records/event';
import { MS_PER_DAY } from '../units/convert';

/** What makes the verdict the rider's own, in the order it helps. */
export const FIRST_STEPS = ['ride', 'rag', 'bottle', 'job'] as const;
export type FirstStep = (typeof FIRST_STEPS)[number];

const WEEK_DAYS = 7;

/**
 * The steps of a rider's first week that are still to do; none once the week is over, which begins with the first chain
 * fitted. A step goes by itself when the log or the shelf holds it.
 */
export function firstWeek(events: readonly PlainEvent[], garage: Garage, now: number): FirstStep[] {
  const first = events.find((event) => event.type === 'chainFitted');
  if (!first || now - Date.parse(first.recordedAt) >= WEEK_DAYS * MS_PER_DAY) return [];
  const has = (type: PlainEvent['type']) => events.some((event) => event.type === type);
  const done: Record<FirstStep, boolean> = {
    ride: has('rideLogged'),
    rag: has('ragChecked'),
    bottle: Object.keys(garage.products).length > 0,
    job: has('workDone'),
  };
  return FIRST_STEPS.filter((step) => !done[step]);
}
