import type { Exposure, ReplayStep } from '../care';
import type { Air } from '../weather';

/** A ride of a course, and how its chain stood before it. */
export interface Leg {
  /** When it began, ms; of a year that is ridden again, ms since the year began. */
  at: number;
  x: Exposure;
  /** The air the chain stood in since the leg before. */
  air: Air;
  /** Rain that fell on the chain while it stood, mm. */
  stoodMm: number;
}

/** Water on a chain that stood in rain or was washed: enough to soak it. */
const SOAKED_MM = 1;

/** The rides of one bike between two moments (ms), as they were. */
export function courseOfLog(
  steps: readonly ReplayStep[],
  bikeId: string,
  [from, to]: readonly [number, number],
): Leg[] {
  const legs: Leg[] = [];
  let stoodMm = 0;
  for (const { event, exposure, air, bikeId: of } of steps) {
    const at = Date.parse(event.at);
    if (of !== bikeId || at < from || at >= to) continue;
    if (event.type === 'gotWet') stoodMm = SOAKED_MM;
    if (event.type !== 'rideLogged' || !exposure) continue;
    legs.push({ at, x: exposure, air, stoodMm });
    stoodMm = 0;
  }
  return legs;
}
