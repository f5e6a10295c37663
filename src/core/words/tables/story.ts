import { dateFormat } from '../../intl/dates';
import { formatDistance } from '../../units/format';
import type { Units } from '../../units/convert';
import { LANES, type Span } from '../../wear/lanes';
import { moneySaid } from '../service';
import { LANE_LABEL } from '../story';

const month = dateFormat({ month: 'long', year: 'numeric' });

export const STORY_COLUMNS = ['Month', 'Dry roads', 'Damp and wet', 'Spent', 'Done'] as const;

/** A life by months, newest first: distances, what was spent, and what was done. */
export function storyRows(spans: readonly Span[], units: Units): string[][] {
  const months = new Map<string, { dry: number; wet: number; cost: number; did: Set<string> }>();
  for (const { at, dryKm, wetKm, cost, lanes } of spans) {
    const name = month.format(at);
    const all = months.get(name) ?? { dry: 0, wet: 0, cost: 0, did: new Set() };
    months.set(name, all);
    all.dry += dryKm;
    all.wet += wetKm;
    all.cost += cost;
    for (const lane of lanes) all.did.add(lane);
  }
  return [...months.entries()].reverse().map(([name, { dry, wet, cost, did }]) => [
    name,
    formatDistance(dry, units),
    formatDistance(wet, units),
    cost > 0 ? moneySaid(cost) : '',
    LANES.filter((lane) => did.has(lane))
      .map((lane) => LANE_LABEL[lane].toLowerCase())
      .join(', '),
  ]);
}
