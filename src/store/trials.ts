import { useMemo } from 'react';
import type { Trial } from '@/core/records/trial';
import type { BenchTrial } from '@/core/bench/trial';
import { runningOn } from '@/core/garage/trials';
import { benchTrialOf, isSound } from '@/core/trials/setup';
import { trialReport, type TrialReport } from '@/core/trials/report';
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

/** What a trial asks at the bench: how the next coat is set up, and that a rag is to be read first; null: nothing. */
export function useTrialAtBench(bikeId: string | undefined): {
  turn: BenchTrial | null;
  rag: string | null;
} {
  const report = useTrialOn(bikeId);
  const { products } = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  return useMemo(() => {
    if (!report || report.answer.settled !== null) return { turn: null, rag: null };
    const { trial, due } = report;
    const labels = armLabels(trial.question, products);
    return {
      turn: due === null ? null : benchTrialOf(trial, due, labels),
      rag: ragDueSentence(report, units),
    };
  }, [report, products, units]);
}
