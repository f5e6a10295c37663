import { expose } from 'comlink';
import { rideSeason, type SeasonPlan } from '@/core/choice/season';
import type { Candidate } from '@/core/choice/candidate';
import type { Curve } from '@/core/choice/rank';

/** One bike's question: which of these lubes, on this riding. */
export interface ChoiceJob {
  bikeId: string;
  candidates: Candidate[];
  plan: SeasonPlan;
}

/** Wet shares each lube is ridden at, from 0 to 1. */
const WET_STEPS = 10;

const api = {
  /** Rides the seasons of each job; tells how much of all is done. */
  async choose(
    jobs: ChoiceJob[],
    onProgress: (share: number) => void | Promise<void>,
  ): Promise<{ bikeId: string; curves: Curve[] }[]> {
    const total = jobs.reduce((n, job) => n + job.candidates.length, 0);
    let done = 0;
    const answers: { bikeId: string; curves: Curve[] }[] = [];
    for (const { bikeId, candidates, plan } of jobs) {
      const curves: Curve[] = [];
      for (const candidate of candidates) {
        const figures = Array.from({ length: WET_STEPS + 1 }, (_, n) =>
          rideSeason(candidate, plan, n / WET_STEPS),
        );
        curves.push({ candidate, figures });
        done += 1;
        await onProgress(done / total);
      }
      answers.push({ bikeId, curves });
    }
    return answers;
  },
};

export type ChoiceApi = typeof api;

expose(api);
