import { CARE } from '../care/model/constants';
import { letThrough, type Exposure } from '../care/model/exposure';
import { rainBetween } from '../care/model/standOutside';
import type { ReplayStep } from '../care/replay/step';
import { MS_PER_HOUR } from '../units/convert';
import type { Air } from '../weather/drying';

/** A ride of a course, and how its chain stood before it. */
export interface Leg {
  /** When it began, ms; of a year that is ridden again, ms since the year began. */
  at: number;
  x: Exposure;
  /** The air the chain stood in since the leg before. */
  air: Air;
  /** Water that came on the chain while it stood, mm. */
  stoodMm: number;
}

/** Rain on the chain of a bike that stands outdoors, between its last ride and this one, mm. */
function rainedOn({ bike, home, weather }: ReplayStep, from: number, to: number): number {
  if (bike?.storage !== 'outdoors' || home === undefined || weather.isEmpty) return 0;
  return rainBetween(weather, home, from, to) * letThrough(bike).water;
}

/** The rides of one bike between two moments (ms), as they were. */
export function courseOfLog(
  steps: readonly ReplayStep[],
  bikeId: string,
  [from, to]: readonly [number, number],
): Leg[] {
  const legs: Leg[] = [];
  let stoodMm = 0;
  let home = from;
  for (const step of steps) {
    const { event, exposure, air } = step;
    const at = Date.parse(event.at);
    if (step.bikeId !== bikeId || at < from || at >= to) continue;
    // Washed, or noted as wet: soaked.
    if (event.type === 'gotWet') stoodMm = CARE.soakedMm.value;
    if (event.type !== 'rideLogged' || !exposure) continue;
    const rained = legs.length > 0 ? rainedOn(step, home, at) : 0;
    legs.push({ at, x: exposure, air, stoodMm: stoodMm + rained });
    stoodMm = 0;
    home = at + exposure.hours * MS_PER_HOUR;
  }
  return legs;
}
