import { useEffect, useState } from 'react';
import { useAppSelector } from './hooks';
import { selectReplay, selectUnits } from './selectors';
import type { TrialSaid } from './trialSaid';

/** What is said on Today of the trial that runs on a bike; null: none does, or it is not read yet. Few riders have one, so what reads it comes later. */
export function useTrialSaid(bikeId: string): TrialSaid | null {
  const played = useAppSelector(selectReplay);
  const units = useAppSelector(selectUnits);
  const [said, setSaid] = useState<TrialSaid | null>(null);
  const { trials } = played.replay.garage;
  const runs = Object.values(trials).some((t) => t.bikeId === bikeId && t.endedAt === null);
  useEffect(() => {
    if (!runs) return;
    let wanted = true;
    void import('./trialLater').then((later) => {
      if (wanted) setSaid(later.trialSaid(played.replay, bikeId, units));
    });
    return () => {
      wanted = false;
    };
  }, [runs, played, bikeId, units]);
  return runs ? said : null;
}
