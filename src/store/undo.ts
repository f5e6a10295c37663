import type { Bike, Chain } from '@/core/garage';
import type { LogEvent, Logbook } from '@/core/logbook';
import type { PlannedRide, PlanMark } from '@/core/plan/schema';
import type { Product } from '@/core/shelf';
import type { Settings } from '@/core/settings';
import type { Edge } from './edge';
import type { Change } from './logbookSlice';

/** One action of the rider: what to strike and what to put back to take it away again. */
export interface Undoable {
  label: string;
  eventIds: string[];
  bikes: Bike[];
  chains: Chain[];
  products: Product[];
  planned: PlannedRide[];
  planMarks: PlanMark[];
  settings: Settings | null;
}

/**
 * What takes a change away again. The log only grows, so its events are struck; of records the former
 * version is put back, and a record that was new is retired.
 */
export function undoableOf(label: string, change: Change, before: Logbook): Undoable {
  const former = <T extends { id: string; retired: boolean }>(
    records: T[] | undefined,
    old: Record<string, T>,
  ): T[] => (records ?? []).map((r) => old[r.id] ?? { ...r, retired: true });
  return {
    label,
    eventIds: (change.events ?? []).map((e) => e.id),
    bikes: former(change.bikes, before.garage.bikes),
    chains: former(change.chains, before.garage.chains),
    products: former(change.products, before.garage.products),
    planned: former(change.planned, before.garage.planned),
    planMarks: former(change.planMarks, before.garage.planMarks),
    settings: change.settings ? before.settings : null,
  };
}

/** The change that undoes; undoing that change in turn redoes. */
export function reversal(undoable: Undoable, edge: Edge): Change {
  const now = new Date(edge.now()).toISOString();
  const dated = <T extends { changedAt: string }>(record: T): T => ({ ...record, changedAt: now });
  const events: LogEvent[] = undoable.eventIds.map((target) => ({
    type: 'eventStruck',
    id: edge.newId(),
    at: now,
    zone: edge.zone,
    recordedAt: now,
    target,
  }));
  return {
    events,
    bikes: undoable.bikes.map(dated),
    chains: undoable.chains.map(dated),
    products: undoable.products.map(dated),
    planned: undoable.planned.map(dated),
    planMarks: undoable.planMarks.map(dated),
    ...(undoable.settings ? { settings: dated(undoable.settings) } : {}),
  };
}
