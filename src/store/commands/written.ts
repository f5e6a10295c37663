import { editOf, type Stamped } from '@/core/logbook/fields';
import type { Edge } from '../edge';

/** A record as a form hands it over: when it was written is added here. */
export type Written<T> = Omit<T, 'changedAt'>;

/**
 * A record as it is to be: of one that is there and was opened in a form, only what was changed in the
 * form, so that what another tab wrote meanwhile stays.
 */
export function written<T extends Stamped & { id: string }>(
  record: Written<T>,
  records: Readonly<Record<string, T>>,
  opened: T | null,
  edge: Edge,
): T {
  const edited = { ...record, changedAt: new Date(edge.now()).toISOString() } as T;
  const current = records[edited.id];
  return opened && current ? editOf(current, opened, edited) : edited;
}
