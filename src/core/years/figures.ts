import type { Outcome } from './outcome';
import type { RegimeName } from './regimes';

/** Outcomes by regime, one a future. */
export type YearsFigures = Partial<Record<RegimeName, Outcome[]>>;

/** Figures of two parts of the same question together. */
export function addFigures(a: YearsFigures, b: YearsFigures): YearsFigures {
  const both: YearsFigures = { ...a };
  for (const [name, outcomes] of Object.entries(b) as [RegimeName, Outcome[]][])
    both[name] = [...(both[name] ?? []), ...outcomes];
  return both;
}
