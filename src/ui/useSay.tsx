import { createContext, useCallback, useContext, type ReactNode } from 'react';
import type { Problem } from '@/core/problem';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import type { Written } from '@/core/settings/regional';
import { say, sayOf } from '@/core/words/problems';

/** What every part of the interface goes by. */
interface Shown extends Written {
  /** Whether single keys do something. */
  keys: boolean;
}

const WrittenContext = createContext<Shown>(DEFAULT_SETTINGS);

/** Makes the rider's units, clock and weeks known to all that is shown. */
export function SayIn({ written, children }: { written: Shown; children: ReactNode }) {
  return <WrittenContext.Provider value={written}>{children}</WrittenContext.Provider>;
}

/** How figures, clocks and weeks are written for the rider. */
export const useWritten = (): Written => useContext(WrittenContext);

/** Whether single letters are keys: off for whoever speaks to the device, or rests a hand on it (WCAG 2.1.4). */
export const useSingleKeys = (): boolean => useContext(WrittenContext).keys;

/** Returns what says a problem in the rider's units; `of`: what outside it is a problem of, as a sentence begins with it. */
export function useSay(): (problem: Problem, of?: string) => string {
  const { units } = useWritten();
  return useCallback(
    (problem, of) => (of === undefined ? say(problem, units) : sayOf(of, problem, units)),
    [units],
  );
}
