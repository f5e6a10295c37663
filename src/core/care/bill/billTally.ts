import type { ConstantName } from '../model/constants';
import type { BillItem, BillLine, BillSource } from './billTypes';

/** Lines of a bill being added up, by what they are for. */
export interface Tally {
  lines: Map<string, BillLine>;
}

export function addLine(tally: Tally, key: string, item: BillItem, amount: number): void {
  const line = tally.lines.get(key);
  if (!line) tally.lines.set(key, { item, amount });
  else tally.lines.set(key, { item: merged(line.item, item), amount: line.amount + amount });
}

/** Adds up what two lines of the same kind measure. */
function merged(a: BillItem, b: BillItem): BillItem {
  if (a.kind === 'distance' && b.kind === 'distance') return { ...a, km: a.km + b.km };
  if (a.kind === 'water' && b.kind === 'water') return { ...a, mm: a.mm + b.mm };
  if (a.kind === 'standing' && b.kind === 'standing') return { ...a, days: a.days + b.days };
  if (a.kind === 'inwards' && b.kind === 'inwards') return { ...a, km: a.km + b.km };
  if (a.kind === 'clean wear' && b.kind === 'clean wear') return { ...a, km: a.km + b.km };
  if (a.kind === 'road' && b.kind === 'road') {
    const km = a.km + b.km;
    return { ...a, km, perKm: km > 0 ? (a.perKm * a.km + b.perKm * b.km) / km : 0 };
  }
  return a;
}

const NOTHING = 1e-4;
export const lines = (tally: Tally): BillLine[] =>
  [...tally.lines.values()].filter((l) => Math.abs(l.amount) > NOTHING);

/** A constant of the model as a source. */
export const constant = (name: ConstantName): BillSource => ({ kind: 'constant', name });
