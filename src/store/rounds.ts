import { useMemo } from 'react';
import type { ChainReport } from '@/core/care/verdict/report';
import type { ReplayStep } from '@/core/care/replay/step';
import type { Round } from '@/core/records/rounds';
import { isDue, isOverdue, roundsOf, unwanted, type RoundState } from '@/core/rounds/due';
import { alongSentence, overdueSentence } from '@/core/words/roundLines';
import { useAppSelector } from './hooks';
import { selectNow, selectReplay, selectReports, selectSettings } from './selectors';

const NONE: readonly RoundState[] = [];

const roundsNow = (
  steps: readonly ReplayStep[],
  { bike, chain, state }: ChainReport,
  asked: { now: number; off: readonly Round[] },
) => roundsOf(steps, bike, { ...asked, chainId: chain.id, leftOpen: state.leftOpen });

/** The slower rounds of a bike, the most due first; null: no bike. */
export function useRounds(report: ChainReport | null): readonly RoundState[] {
  const { steps } = useAppSelector(selectReplay).replay;
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  return useMemo(() => {
    return report ? roundsNow(steps, report, { now, off: unwanted(settings) }) : NONE;
  }, [report, steps, now, settings]);
}

/** Those of them that are due. */
export const useDueRounds = (report: ChainReport | null): RoundState[] =>
  useRounds(report).filter(isDue);

/** What the plan says of the rounds: along with the jobs of each bike, and those that are overdue. */
export function useRoundsOfPlan(): { along: Record<string, string>; overdue: string[] } {
  const { steps } = useAppSelector(selectReplay).replay;
  const reports = useAppSelector(selectReports);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  return useMemo(() => {
    const along: Record<string, string> = {};
    const overdue: string[] = [];
    const off = unwanted(settings);
    for (const report of reports) {
      const { bike } = report;
      const due = roundsNow(steps, report, { now, off }).filter(isDue);
      const said = alongSentence(due, bike);
      if (said) along[bike.id] = said;
      const late = overdueSentence(bike.name, due.filter(isOverdue), bike);
      if (late) overdue.push(late);
    }
    return { along, overdue };
  }, [steps, reports, settings, now]);
}
