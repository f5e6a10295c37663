import type { BillSection } from './billTypes';
import type { StepInFull } from '../replay/step';
import { CARE, STANDARDS } from '../model/constants';
import { filmSection, gritSection, wattsSection, wearSection } from './billSections';
import type { Limits } from '../verdict/clocks';
import { factorsOn, type Personal } from '../model/personal';
import type { ChainState } from '../model/state';
import type { Verdict } from '../verdict/verdict';

/**
 * The working behind a verdict, as a bill: for each reading the lines that add up to it, from the last
 * coat (film) or the chain's first step (grit, wear) to now. Each section's lines sum to its total.
 */
export function bill(
  steps: readonly StepInFull[],
  now: ChainState,
  limits: Limits,
  learnt: Personal,
): BillSection[] {
  return [
    filmSection(steps, now, learnt),
    gritSection('outside', steps, now, STANDARDS[limits.standard].outside),
    gritSection('inside', steps, now, STANDARDS[limits.standard].inside),
    wearSection(steps, now, limits.wearPercent),
    wattsSection(now),
  ];
}

/** The last sum of the bill: from the film that is left to the kilometres that are left. */
export interface DistanceSum {
  filmLeft: number;
  reserve: number;
  lifeKm: number;
  load: number;
  dryKm: number;
  verdictKm: number | null;
}

/** How the distance left follows from the film in dry riding, beside what the verdict made of it. */
export function distanceSum(
  now: ChainState,
  verdict: Verdict,
  load: number,
  learnt: Personal,
): DistanceSum {
  const lifeKm = now.lifeKm * factorsOn(now, learnt).life;
  const usable = Math.max(0, now.film - CARE.reserve.value);
  return {
    filmLeft: now.film,
    reserve: CARE.reserve.value,
    lifeKm,
    load,
    dryKm: (usable * lifeKm) / load,
    verdictKm: verdict.lube.km?.mid ?? null,
  };
}
