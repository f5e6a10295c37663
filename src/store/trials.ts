import { useMemo } from 'react';
import type { Trial } from '@/core/records/trial';
import type { BenchTrial } from '@/core/bench/trial';
import { runningOn } from '@/core/garage';
import { benchTrialOf, isSound, trialReport, type TrialReport } from '@/core/trials';
import { armLabels, ragDueSentence } from '@/core/words/trials';
import { useAppSelector } from './hooks';
import { selectBikes, selectGarage, selectReplay, selectUnits } from './selectors';
import { trialSaid } from './trialSaid';

/** The rider's trials, those that run first, then the latest. */
export function useTrials(): Trial[] {
  const { trials } = useAppSelector(selectGarage);
  return useMemo(
    () =>
      Object.values(trials)
        .filter((t) => !t.retired)
        .sort(
          (x, y) =>
            Number(x.endedAt !== null) - Number(y.endedAt !== null) ||
            (x.startedAt < y.startedAt ? 1 : -1),
        ),
    [trials],
  );
}

/** How a trial stands; null: there is none of that id. */
export function useTrialReport(id: string | undefined): TrialReport | null {
  const { trials } = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  const trial = trials[id ?? ''];
  return useMemo(
    () => (trial && !trial.retired ? trialReport(trial, played.replay) : null),
    [trial, played],
  );
}

/** The trial that runs on a bike, as it stands; null: none does. */
export function useTrialOn(bikeId: string | undefined): TrialReport | null {
  const { trials } = useAppSelector(selectGarage);
  const running = bikeId === undefined ? null : runningOn(trials, bikeId);
  return useTrialReport(running && isSound(running) ? running.id : undefined);
}

/** Beside the jobs of each bike: whose turn its next coat is in a trial, and that a rag is to be read before any work. */
export function useTrialsOfPlan(): Record<'turns' | 'rags', Record<string, string>> {
  const played = useAppSelector(selectReplay);
  const bikes = useAppSelector(selectBikes);
  const units = useAppSelector(selectUnits);
  return useMemo(() => {
    const turns: Record<string, string> = {};
    const rags: Record<string, string> = {};
    for (const { id } of bikes) {
      const said = trialSaid(played.replay, id, units);
      if (said?.turn) turns[id] = said.turn;
      if (said?.rag) rags[id] = said.rag;
    }
    return { turns, rags };
  }, [played, bikes, units]);
}

/** That a rag of the coat on a bike is to be read for its trial; null: none is. */
export function useRagDue(bikeId: string | undefined): string | null {
  const report = useTrialOn(bikeId);
  const units = useAppSelector(selectUnits);
  return report && report.answer.settled === null ? ragDueSentence(report, units) : null;
}

/** The same as the bench sets a coat up by; null: no coat is due in a trial. */
export function useBenchTrial(bikeId: string | undefined): BenchTrial | null {
  const report = useTrialOn(bikeId);
  const { products } = useAppSelector(selectGarage);
  return useMemo(() => {
    if (!report || report.due === null || report.answer.settled !== null) return null;
    return benchTrialOf(report.trial, report.due, armLabels(report.trial.question, products));
  }, [report, products]);
}
