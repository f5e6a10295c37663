import { CARE, STANDARDS } from '../care/model/constants';
import { wetClock } from '../care/verdict/clocks';
import type { ChainState } from '../care/model/state';
import { LUBE_CLASSES, type LubeClass } from '../lube/classes';
import type { Standard } from '../records/standards';
import { usesUpAt } from '../wear/parts';
import type { Leg } from './course';
import type { Works } from './works';

/** How a chain is kept, year in, year out. */
export const REGIME_NAMES = ['plan', 'kept', 'weekly', 'monthly', 'squeak', 'never'] as const;
/** Every second week is a habit one may have, and is not shown beside the others. */
export type RegimeName = (typeof REGIME_NAMES)[number] | 'fortnightly';

/** The rider's own way, as the log has it: km from one to the next; null: not done. */
export interface Kept {
  kmPerCoat: number | null;
  kmPerClean: number | null;
  kmPerWipe: number | null;
}

export interface Regime {
  name: RegimeName;
  /** The lube its coats are of; of one that never lubes, that of new chains. */
  lube: LubeClass;
  standard: Standard;
  kept: Kept;
}

/** What is looked at before a ride. */
export interface Looked {
  state: ChainState;
  next: Leg;
  /** Ridden since the last wipe or anything deeper, km. */
  kmSinceWipe: number;
}

/** A round of the calendar: every so many days, every so many of them a clean. Common practice. */
export const CALENDAR: Partial<Record<RegimeName, { days: number; cleanEvery: number }>> = {
  weekly: { days: 7, cleanEvery: 4 },
  fortnightly: { days: 14, cleanEvery: 2 },
  monthly: { days: 28, cleanEvery: 1 },
};

/** A chain this near to bare is heard; as `plan/simulate/routine` has it. */
const SQUEAKS_AT = 0.02 * CARE.reserve.value;

/** Water that a ride brings on the average, mm: a rider does not know what the next one will. Own estimate. */
const USUAL_WATER_MM = 0.4;

/** What is done on the evening before a ride; null: nothing. Regimes of the calendar have their own days. */
export function dueBefore(regime: Regime, looked: Looked): keyof Works | null {
  const { state, next, kmSinceWipe } = looked;
  switch (regime.name) {
    case 'never':
    case 'weekly':
    case 'fortnightly':
    case 'monthly':
      return null;
    case 'squeak':
      return state.film <= SQUEAKS_AT ? 'topUp' : null;
    case 'kept':
      return keptDue(regime.kept, state, kmSinceWipe);
    case 'plan': {
      const limits = STANDARDS[regime.standard];
      if (wetClock(state).fired) return 'rescue';
      if (state.inside > limits.inside) return 'clean';
      if (state.film - usualLoss(state, next) < CARE.reserve.value) return 'topUp';
      return state.outside > limits.outside ? 'wipe' : null;
    }
  }
}

/** Film that a ride as long as the next one usually takes. */
const usualLoss = ({ lube, lifeKm }: ChainState, { x }: Leg): number =>
  lube ? (x.km * x.load) / lifeKm + USUAL_WATER_MM * LUBE_CLASSES[lube].washPerMm : 0;

function keptDue(
  { kmPerCoat, kmPerClean, kmPerWipe }: Kept,
  { kmSinceLube, kmSinceClean }: ChainState,
  kmSinceWipe: number,
): keyof Works | null {
  if (kmPerClean !== null && kmSinceClean >= kmPerClean) return 'clean';
  if (kmPerCoat !== null && kmSinceLube >= kmPerCoat) return 'topUp';
  return kmPerWipe !== null && kmSinceWipe >= kmPerWipe ? 'wipe' : null;
}

/** Regimes that look at the chain replace it at its limit; the others ride it until the cassette goes with it. */
export const replacedAt = (name: RegimeName, limit: number): number =>
  name === 'squeak' || name === 'never' ? usesUpAt(limit) : limit;
