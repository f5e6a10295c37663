import { useEffect, useState } from 'react';
import type { YearsAsked, YearsFigures } from '@/core/years';

/** What years ahead are known to bring so far. */
export interface YearsKnown {
  figures: YearsFigures;
  /** How much is played, 0 to 1. */
  share: number;
  state: 'playing' | 'done' | 'cancelled' | 'failed';
  cancel: () => void;
}

const NOTHING: YearsKnown = { figures: {}, share: 0, state: 'playing', cancel: () => undefined };

/** Plays the years of a question in workers: a rough answer first, then a surer one. `round`: another begins anew. */
export function useYears(asked: YearsAsked, round: number): YearsKnown {
  const [known, setKnown] = useState<{ key: string; known: YearsKnown }>({
    key: '',
    known: NOTHING,
  });
  // Compared by content: what else changes on the page plays nothing again.
  const key = JSON.stringify([asked, round]);
  useEffect(() => {
    let cancelled = false;
    let cancel = () => {
      cancelled = true;
    };
    const [question] = JSON.parse(key) as [YearsAsked];
    const put = (part: Partial<YearsKnown>) =>
      setKnown((old) => ({
        key,
        known: { ...(old.key === key ? old.known : NOTHING), ...part },
      }));
    void import('@/work/years').then(async ({ playYears }) => {
      if (cancelled) return;
      const years = playYears(question, (figures, share) => put({ figures, share }));
      const stop = years.cancel;
      cancel = () => {
        cancelled = true;
        stop();
      };
      put({
        cancel: () => {
          cancel();
          put({ state: 'cancelled' });
        },
      });
      const done = await years.done;
      if (!cancelled) put(done ? { figures: done, share: 1, state: 'done' } : { state: 'failed' });
    });
    return () => cancel();
  }, [key]);
  return known.key === key ? known.known : NOTHING;
}
