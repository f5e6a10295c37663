import type { PlainEvent } from '../../records/event';
import type { Bike } from '../../records/garage';
import type { Air } from '../../weather/drying';
import type { Cell } from '../../weather/cells';
import type { WeatherRecord } from '../../weather/record';
import type { Exposure } from '../model/exposure';
import type { Factors } from '../model/personal';
import { ride, type RideEffect } from '../model/ride';
import type { Sky } from '../model/sky';
import { standWhere } from '../model/standOutside';
import { copyState } from '../model/copyState';
import type { ChainState } from '../model/state';

/** One event as it was played: the chain it touched, as its last event left it and as this one did. */
export interface ReplayStep {
  event: PlainEvent;
  bikeId: string | null;
  chainId: string | null;
  /** Null at the chain's first event, and where no chain is touched. */
  from: ChainState | null;
  after: ChainState | null;
  cogsBefore: number;
  cogsAfter: number;
  /** The air the chain stood in until the event, and the bike and the weather it stood under. */
  air: Air;
  bike: Bike | undefined;
  weather: WeatherRecord;
  /** The weather of a ride, and what it did; null of other events. */
  sky: Sky | null;
  exposure: Exposure | null;
  /** The square the bike stood in before a ride: where a ride without a path is taken to be. */
  home: Cell | undefined;
  /** How the lube then on it was taken to differ from the handbook. */
  factors: Factors;
}

/** What happened within a step, worked out again when it is asked for. */
export interface StepInFull extends ReplayStep {
  /** The chain at the moment of the event, after standing until then. */
  before: ChainState | null;
  effect: RideEffect | null;
}

/** The chain at the moment of a step's event, before it did anything. */
function stood(step: ReplayStep, from: ChainState): ChainState {
  const state = copyState(from);
  const { bike, home: cell, weather, air } = step;
  standWhere(state, Date.parse(step.event.at), { bike, cell, weather, air });
  return state;
}

/** The chain at the moment of a step's event, after standing until then; null where none was touched before. */
export const beforeOf = (step: ReplayStep): ChainState | null =>
  step.from && stood(step, step.from);

/** A step in full. */
export function inFull(step: ReplayStep): StepInFull {
  const { exposure } = step;
  const before = beforeOf(step);
  if (!before || !exposure) return { ...step, before, effect: null };
  const { effect } = ride(before, step.cogsBefore, exposure, step.factors);
  return { ...step, before, effect };
}
