import type { RideAhead } from '@/core/plan/rides/occurrences';
import type { PlanAnswer } from '@/core/words/planAnswer';

/** What a bike has to come, km from now. */
export interface Ahead {
  chalks: { km: number; label: string }[];
  rides: { from: number; to: number }[];
}

/** What Today and the tape show of a plan. */
export function inShort(
  { agenda, lines }: PlanAnswer,
  rides: readonly RideAhead[],
): { lines: PlanAnswer['lines']; ahead: Record<string, Ahead> } {
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
