import { useMemo } from 'react';
import type { Bike, Chain } from '@/core/garage';
import { isDue, isOverdue, roundsOf, unwanted, type RoundState } from '@/core/rounds';
import { alongSentence, overdueSentence } from '@/core/words/roundLines';
import { useAppSelector } from './hooks';
import { selectNow, selectReplay, selectReports, selectSettings } from './selectors';

const NONE: readonly RoundState[] = [];

/** The slower rounds of a bike, the most due first; null: no bike. */
export function useRounds(on: { bike: Bike; chain: Chain } | null): readonly RoundState[] {
  const { steps } = useAppSelector(selectReplay).replay;
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  return useMemo(() => {
    if (!on) return NONE;
    const { bike, chain } = on;
    return roundsOf(steps, bike, { now, off: unwanted(settings), chainId: chain.id });
  }, [on, steps, now, settings]);
}

/** Those of them that are due. */
export const useDueRounds = (on: { bike: Bike; chain: Chain } | null): RoundState[] =>
  useRounds(on).filter(isDue);

/** What the plan says of the rounds: along with the jobs of each bike, and those that are overdue. */
export function useRoundsOfPlan(): { along: Record<string, string>; overdue: string[] } {
  const { steps } = useAppSelector(selectReplay).replay;
  const reports = useAppSelector(selectReports);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  return useMemo(() => {
    const along: Record<string, string> = {};
    const overdue: string[] = [];
    for (const { bike, chain } of reports) {
      const off = unwanted(settings);
      const due = roundsOf(steps, bike, { now, off, chainId: chain.id }).filter(isDue);
      const said = alongSentence(due, bike);
      if (said) along[bike.id] = said;
      const late = overdueSentence(bike.name, due.filter(isOverdue), bike);
      if (late) overdue.push(late);
    }
    return { along, overdue };
  }, [steps, reports, settings, now]);
}
