import type { LubeClass } from '../lube/classes';
import type { Outcome } from './outcome';
import type { RegimeName } from './regimes';

/** A way of keeping a chain and the lube it is kept with: "plan/wet". */
export type WayKey = `${RegimeName}/${LubeClass}`;

export const wayKey = (regime: RegimeName, lube: LubeClass): WayKey => `${regime}/${lube}`;
export const regimeOf = (key: WayKey) => key.split('/')[0] as RegimeName;
export const lubeOf = (key: WayKey) => key.split('/')[1] as LubeClass;

/** Outcomes by way, one a future, in the same order of futures for each. */
export type YearsFigures = Partial<Record<WayKey, Outcome[]>>;

/** Figures of two parts of the same question together. */
export function addFigures(a: YearsFigures, b: YearsFigures): YearsFigures {
  const both: YearsFigures = { ...a };
  for (const [way, outcomes] of Object.entries(b) as [WayKey, Outcome[]][])
    both[way] = [...(both[way] ?? []), ...outcomes];
  return both;
}
