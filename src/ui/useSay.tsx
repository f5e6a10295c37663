import { createContext, useCallback, useContext, type ReactNode } from 'react';
import type { Problem } from '@/core/problem';
import type { UnitSystem } from '@/core/units';
import { say } from '@/core/words/problems';

const UnitsContext = createContext<UnitSystem>('metric');

/** Makes the rider's units known to all that says what went wrong. */
export function SayIn({ units, children }: { units: UnitSystem; children: ReactNode }) {
  return <UnitsContext.Provider value={units}>{children}</UnitsContext.Provider>;
}

/** Returns what says a problem in the rider's units. */
export function useSay(): (problem: Problem) => string {
  const units = useContext(UnitsContext);
  return useCallback((problem) => say(problem, units), [units]);
}
