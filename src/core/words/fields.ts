import type { RecordKind } from '../records/kinds';
import { dateFormat } from '../intl/dates';
import { numberFormat } from '../intl/numbers';

/** What the kinds of record are called, many and one. */
export const KIND_WORDS: Record<RecordKind, { many: string; one: string }> = {
  bikes: { many: 'Bikes', one: 'Bike' },
  chains: { many: 'Chains', one: 'Chain' },
  parts: { many: 'Cassettes, rings and jockey wheels', one: 'Part' },
  products: { many: 'Products', one: 'Product' },
  planned: { many: 'Planned rides', one: 'Planned ride' },
  planMarks: { many: 'Marks on the plan', one: 'Mark on the plan' },
  trials: { many: 'Trials', one: 'Trial' },
};

/** Fields whose own name would mislead. */
const NAMED: Record<string, string> = {
  retired: 'Out of use',
  ebike: 'E-bike',
  left: 'What is left',
  leftAt: 'Counted on',
  lubeClass: 'Kind of lube',
  lifeKm: 'Life by its label, km',
  setHours: 'Hours to set',
  leastC: 'Coldest it may be used, °C',
  distanceKm: 'Distance, km',
  narrowWide: 'Narrow-wide ring',
};

/** A field as a rider reads it: `smallestCog` is “Smallest cog”, `plan.hourPrice` “Plan: hour price”. */
export function fieldWords(field: string): string {
  const named = Object.hasOwn(NAMED, field) ? NAMED[field] : undefined;
  if (named) return named;
  const [group = '', ...rest] = field.split('.');
  const spaced = (name: string) =>
    name.replace(/([A-Z])/g, (_, c: string) => ` ${c.toLowerCase()}`);
  const text = rest.length > 0 ? `${spaced(group)}: ${spaced(rest.join(', '))}` : spaced(group);
  return text.charAt(0).toUpperCase() + text.slice(1);
}

const date = dateFormat({ dateStyle: 'medium' });
const number = numberFormat({ maximumFractionDigits: 2 });
const MOMENT = /^\d{4}-\d{2}-\d{2}T/;
const LONGEST = 60;

/** A value as a rider reads it. */
export function valueWords(value: unknown): string {
  if (value === undefined || value === null) return 'none';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return number.format(value);
  if (typeof value === 'string') {
    if (MOMENT.test(value) && Number.isFinite(Date.parse(value)))
      return date.format(Date.parse(value));
    return value === '' ? 'nothing' : value.slice(0, LONGEST);
  }
  if (Array.isArray(value))
    return value.length === 0 ? 'none' : value.map(valueWords).join(', ').slice(0, LONGEST);
  return 'changed';
}
