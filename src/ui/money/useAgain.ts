import { useEffect, useState } from 'react';
import type { Again } from '@/core/money/against';
import type { RegimeName } from '@/core/years/regimes';

type Costs = ReadonlyMap<RegimeName, readonly number[]>;

/** Costs, and the question they answer. */
interface Found {
  asked: string | null;
  costs: Costs | null;
}

/** What the rides of the log would have cost under other care; null while it is worked out. */
export function useAgain(again: Again | null, names: readonly RegimeName[]): Costs | null {
  const [found, setFound] = useState<Found>({ asked: null, costs: null });
  // Compared by content: what else changes on the page rides nothing again.
  const asked = again === null ? null : JSON.stringify([again, names]);
  useEffect(() => {
    if (asked === null) return;
    let over = false;
    const [question, ways] = JSON.parse(asked) as [Again, RegimeName[]];
    void import('@/work/years')
      .then(({ playAgain }) => playAgain(question, ways))
      .then((costs) => {
        if (!over) setFound({ asked, costs });
      });
    return () => {
      over = true;
    };
  }, [asked]);
  return found.asked === asked ? found.costs : null;
}
