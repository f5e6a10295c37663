import type { LubeClass } from '../lube';
import type { CleanMethod } from '../logbook';
import type { StepInFull } from './book';
import { CARE, STANDARDS } from './constants';
import { filmSection, gritSection, wattsSection, wearSection } from './billSections';
import type { Limits } from './clocks';
import type { Personal } from './personal';
import type { ChainState } from './state';
import type { Verdict } from './verdict';

/** What a line of the bill speaks of; `words` in the interface turn it into a label. */
export type BillItem =
  | { kind: 'coat'; lube: LubeClass; at: number }
  | { kind: 'distance'; km: number; lifeKm: number }
  | { kind: 'water'; mm: number; washPerMm: number }
  | { kind: 'standing'; days: number; perWeek: number }
  | { kind: 'early start' }
  | { kind: 'wiping' }
  | { kind: 'heard'; sound: string }
  | { kind: 'start' }
  | { kind: 'road'; km: number; perKm: number }
  | { kind: 'cogs' }
  | { kind: 'work'; method: CleanMethod }
  | { kind: 'rag' }
  | { kind: 'inwards'; km: number; migration: number }
  | { kind: 'clean wear'; km: number }
  | { kind: 'grit wear' }
  | { kind: 'measured' }
  | { kind: 'watts'; of: 'outside' | 'inside' | 'dry' | 'wear' };

export interface BillLine {
  item: BillItem;
  /** Signed, in the section's measure. */
  amount: number;
}

export type SectionName = 'film' | 'outside' | 'inside' | 'wear' | 'watts';

export interface BillSection {
  name: SectionName;
  unit: 'share' | '%' | 'W';
  lines: BillLine[];
  total: number;
  limit: number | null;
  /** Source and spread of the figures used. */
  sources: { what: string; figure: string; source: string; spread: string }[];
}

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
  const lifeKm = now.lifeKm * learnt.factors.life;
  const usable = Math.max(0, now.film - CARE.reserve.value);
  return {
    filmLeft: now.film,
    reserve: CARE.reserve.value,
    lifeKm,
    load,
    dryKm: (usable * lifeKm) / load,
    verdictKm: verdict.distanceKm?.mid ?? null,
  };
}
