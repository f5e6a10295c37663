import { useEffect, useState } from 'react';
import type { Curve } from '@/core/choice/rank';
import type { ChoiceJob } from '@/work/choose';

export interface Seasons {
  /** The last answers; kept while new ones are reckoned. */
  answers: { bikeId: string; curves: Curve[] }[] | null;
  /** How much is done, 0 to 1; null when nothing is being reckoned. */
  progress: number | null;
}

/** Rides the seasons of these jobs in a worker whenever they change. */
export function useSeasons(jobs: readonly ChoiceJob[]): Seasons {
  const [seasons, setSeasons] = useState<Seasons>({ answers: null, progress: null });
  // Compared by content: what else changes on the page does not ride the seasons again.
  const asked = JSON.stringify(
    jobs.map(({ bikeId, candidates, plan }): ChoiceJob => ({ bikeId, candidates, plan })),
  );
  useEffect(() => {
    const list = JSON.parse(asked) as ChoiceJob[];
    if (list.length === 0) return;
    const onProgress = (progress: number) => setSeasons((old) => ({ ...old, progress }));
    let over = false;
    let cancel = () => {
      over = true;
    };
    void import('@/work/clients').then(async ({ choose }) => {
      if (over) return;
      const choosing = choose(list, onProgress);
      cancel = choosing.cancel;
      const answers = await choosing.done;
      if (answers) setSeasons({ answers, progress: null });
    });
    return () => cancel();
  }, [asked]);
  return seasons;
}
