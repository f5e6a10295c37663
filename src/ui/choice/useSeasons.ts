import { useEffect, useState } from 'react';
import type { Curve } from '@/core/choice';
import { choose, type ChoiceJob } from '@/work/choose';

export interface Seasons {
  /** The last answers; kept while new ones are reckoned. */
  answers: { bikeId: string; curves: Curve[] }[] | null;
  /** How much is done, 0 to 1; null when nothing is being reckoned. */
  progress: number | null;
}

/** Rides the seasons of these jobs in a worker whenever they change. */
export function useSeasons(jobs: ChoiceJob[]): Seasons {
  const [seasons, setSeasons] = useState<Seasons>({ answers: null, progress: null });
  useEffect(() => {
    if (jobs.length === 0) return;
    const told = (progress: number) => setSeasons((old) => ({ ...old, progress }));
    const choosing = choose(jobs, told);
    void choosing.done.then((answers) => {
      if (answers) setSeasons({ answers, progress: null });
    });
    return choosing.cancel;
  }, [jobs]);
  return seasons;
}
