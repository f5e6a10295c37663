import type { WhatIf } from '@/core/plan/agenda/request';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import type { Problem } from '@/core/problem';
import type { PlannedRide, PlanSettings } from '@/core/records/plan';
import type { PlanAnswer } from '@/core/words/planAnswer';
import type * as planCommands from './planCommands';

/** The plan as the screens see it. */
export interface PlanState {
  /** The last plan; kept while a new one is made. */
  answer: PlanAnswer | null;
  /** How much of a new plan is made, 0 to 1; null: none is being made. */
  progress: number | null;
  /** Rides it reckons with. */
  rides: readonly RideAhead[];
  /** What the logbook shows to be the habit, and rides planned at once. */
  habits: readonly PlannedRide[];
  overlaps: readonly string[];
  /** What fell due since the rider last looked. */
  due: readonly string[];
  /** The next job of each bike, in a line. */
  lines: Readonly<Record<string, string>>;
  /** What each bike has to come, km from now: jobs with what they are, and rides. */
  ahead: Readonly<Record<string, Ahead>>;
  /** Why there is no forecast, if one was asked for and did not come. */
  problem: Problem | null;
  zone: string;
  /** The rider's day, `2026-11-24`. */
  today: string;
  /** Gives up the plan being made; the last one stays, marked as stale. */
  giveUp: () => void;
  stale: boolean;
  /** Makes the plan that was given up after all. */
  again: () => void;
  /** What the rider can say of it. */
  commands: typeof planCommands;
  /** The rider has seen what fell due; so many jobs of each chain went out to a calendar. */
  seen: () => void;
  sentOut: (calendar: PlanSettings['calendar']) => void;
  whatIf: WhatIf;
  /** Plans for another weather than the forecast. */
  suppose: (whatIf: WhatIf) => void;
}

interface Ahead {
  chalks: { km: number; label: string }[];
  rides: { from: number; to: number }[];
}

/** The day of the device, which is the rider's. */
export const localDay = (ms: number): string => {
  const at = new Date(ms);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
};

/** What Today and the tape show of a plan. */
export function inShort(
  { agenda, lines }: PlanAnswer,
  rides: readonly RideAhead[],
): Pick<PlanState, 'lines' | 'ahead'> {
  const ahead: Record<string, Ahead> = {};
  const of = (bikeId: string) => (ahead[bikeId] ??= { chalks: [], rides: [] });
  for (const { bikeId, afterKm, depth } of agenda)
    of(bikeId).chalks.push({ km: afterKm, label: depth });
  for (const { bikeId, km } of rides) {
    const own = of(bikeId).rides;
    const from = own.at(-1)?.to ?? 0;
    own.push({ from, to: from + km });
  }
  return { lines, ahead };
}
