import { minutesOfDays } from './benches';
import { meanCosts } from '../simulate/costs';
import type { BikePlan } from '../simulate/planBike';
import type { BikeProblem } from '../solver/problem';
import type { PlanRequest } from './request';

/** What stands in the way of a better plan. */
export type GivesWay =
  | { name: 'no bikes' }
  | { name: 'no rides'; bikeNames: readonly string[] }
  | { name: 'no forecast' }
  /** No minutes at all, or too few for any work: what happens then, in the plan's own figures. */
  | { name: 'no minutes'; dryKm: number; wearMoney: number; rust: number; least: number }
  | { name: 'empty shelf'; lubeName: string }
  | { name: 'low stock'; lubeName: string; coats: number; wanted: number }
  | { name: 'pin not possible'; bikeName: string; date: string };

/** What a plan has to report beside its jobs. */
export function givesWay(
  request: PlanRequest,
  problems: readonly BikeProblem[],
  plans: readonly BikePlan[],
): GivesWay[] {
  const notes: GivesWay[] = [];
  if (problems.length === 0) notes.push({ name: 'no bikes' });
  const parked = problems.filter((p) => !request.rides.some((r) => r.bikeId === p.bikeId));
  if (parked.length > 0) notes.push({ name: 'no rides', bikeNames: parked.map((p) => p.bikeName) });
  if (request.bikes.every((b) => b.forecast === null)) notes.push({ name: 'no forecast' });
  const most = Math.max(0, ...minutesOfDays(request));
  const least = Math.min(...problems.flatMap((p) => p.works.map((w) => w.handsOn)));
  if (Number.isFinite(least) && most < least) {
    const costs = plans.map((p) => meanCosts(p.plan));
    const sum = (key: 'dryKm' | 'wearMoney' | 'rust') => costs.reduce((s, c) => s + c[key], 0);
    notes.push({
      name: 'no minutes',
      dryKm: sum('dryKm'),
      wearMoney: sum('wearMoney'),
      rust: sum('rust'),
      least,
    });
  }
  const bottles = new Map<string, { lubeName: string; coats: number; wanted: number }>();
  plans.forEach((plan) =>
    plan.jobs.forEach(({ work }) => {
      if (work.lubeName === null) return;
      if (work.bottleId === null) {
        if (!notes.some((n) => n.name === 'empty shelf'))
          notes.push({ name: 'empty shelf', lubeName: work.lubeName });
        return;
      }
      const known = bottles.get(work.bottleId) ?? {
        lubeName: work.lubeName,
        coats: work.coatsLeft ?? Infinity,
        wanted: 0,
      };
      bottles.set(work.bottleId, { ...known, wanted: known.wanted + 1 });
    }),
  );
  for (const b of bottles.values())
    if (b.wanted >= b.coats) notes.push({ name: 'low stock', ...b });
  for (const [n, p] of problems.entries())
    p.benches.forEach((bench, d) => {
      if (bench.mark === null || bench.mark === 'leave') return;
      if (!plans[n]?.jobs.some((j) => j.day === d))
        notes.push({ name: 'pin not possible', bikeName: p.bikeName, date: bench.date });
    });
  return notes;
}
