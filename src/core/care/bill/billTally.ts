import type { BillConstant, BillItem, BillLine, BillSource } from './billTypes';

/** Lines of a bill being added up, by what they are for. */
export interface Tally {
  lines: Map<string, BillLine>;
}

export function addLine(tally: Tally, key: string, item: BillItem, amount: number): void {
  const line = tally.lines.get(key);
  if (!line) tally.lines.set(key, { item, amount });
  else tally.lines.set(key, { item: merged(line.item, item), amount: line.amount + amount });
}

/** What lines measure that add up when they are put together. */
const MEASURE: Partial<Record<BillItem['kind'], string>> = {
  distance: 'km',
  water: 'mm',
  standing: 'days',
  inwards: 'km',
  'clean wear': 'km',
};

/** Adds up what two lines of the same kind measure; of roads the dirt by the kilometre is weighed by their length. */
function merged(a: BillItem, b: BillItem): BillItem {
  if (a.kind === 'road' && b.kind === 'road') {
    const km = a.km + b.km;
    const perKm = km > 0 ? (a.perKm * a.km + b.perKm * b.km) / km : 0;
    return { ...a, km, perKm };
  }
  const field = MEASURE[a.kind];
  if (field === undefined) return a;
  const of = (item: BillItem) => (item as unknown as Record<string, number>)[field] ?? 0;
  return { ...a, [field]: of(a) + of(b) };
}

const NOTHING = 1e-4;
export const lines = (tally: Tally): BillLine[] =>
  [...tally.lines.values()].filter((l) => Math.abs(l.amount) > NOTHING);

/** A constant of the model as a source. */
export const constant = (name: BillConstant): BillSource => ({ kind: 'constant', name });
