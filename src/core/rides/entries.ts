import type { Sky } from '../care/model/sky';
import type { ReplayStep } from '../care/replay/step';
import type { RideLogged } from '../records/event';

/** A ride as lists show it: the event as it reads now, the step it made, the weather it met. */
export interface RideEntry {
  ride: RideLogged;
  step: ReplayStep;
  sky: Sky;
}

/** The rides of a list of steps, in the order given. */
export function rideEntries(steps: readonly ReplayStep[]): RideEntry[] {
  const entries: RideEntry[] = [];
  for (const step of steps)
    if (step.event.type === 'rideLogged' && step.sky)
      entries.push({ ride: step.event, step, sky: step.sky });
  return entries;
}
