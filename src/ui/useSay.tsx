import { createContext, useCallback, useContext, type ReactNode } from 'react';
import type { Problem } from '@/core/problem';
import { DEFAULT_SETTINGS, type Written } from '@/core/settings';
import { say } from '@/core/words/problems';

const WrittenContext = createContext<Written>(DEFAULT_SETTINGS);

/** Makes the rider's units, clock and weeks known to all that is shown. */
export function SayIn({ written, children }: { written: Written; children: ReactNode }) {
  return <WrittenContext.Provider value={written}>{children}</WrittenContext.Provider>;
}

/** How figures, clocks and weeks are written for the rider. */
export const useWritten = (): Written => useContext(WrittenContext);

/** Returns what says a problem in the rider's units. */
export function useSay(): (problem: Problem) => string {
  const { units } = useWritten();
  return useCallback((problem) => say(problem, units), [units]);
}
