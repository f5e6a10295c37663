import { startTransition, useEffect, useRef, useState } from 'react';
import type { YearsAsked } from '@/core/years/years';
import type { YearsFigures } from '@/core/years/figures';
import { playYears, type Years } from '@/work/years';
import { afterPaint } from '../afterPaint';

/** What years ahead are known to bring so far. */
export interface YearsKnown {
  figures: YearsFigures;
  /** How much is played, 0 to 1. */
  share: number;
  state: 'playing' | 'done' | 'cancelled' | 'failed';
}

const NOTHING: YearsKnown = { figures: {}, share: 0, state: 'playing' };

/** Plays the years of a question in workers: a rough answer first, then a surer one. `round`: another begins anew. */
export function useYears(asked: YearsAsked, round: number): YearsKnown & { cancel: () => void } {
  const [known, setKnown] = useState<{ key: string; known: YearsKnown }>({
    key: '',
    known: NOTHING,
  });
  const stop = useRef(() => {});
  // Compared by content: what else changes on the page plays nothing again.
  const key = JSON.stringify([asked, round]);
  useEffect(() => {
    let over = false;
    const [question] = JSON.parse(key) as [YearsAsked];
    const put = (part: Partial<YearsKnown>) => {
      if (!over)
        setKnown((old) => ({
          key,
          known: { ...(old.key === key ? old.known : NOTHING), ...part },
        }));
    };
    // Drawn in pieces: the page answers a finger while its cores play the years.
    const putGently = (part: Partial<YearsKnown>) => startTransition(() => put(part));
    let years: Years | undefined;
    stop.current = () => {
      put({ state: 'cancelled' });
      over = true;
      years?.cancel();
    };
    afterPaint(() => {
      if (over) return;
      years = playYears(question, (figures, share) => putGently({ figures, share }));
      void years.done.then((done) =>
        putGently(done ? { figures: done, share: 1, state: 'done' } : { state: 'failed' }),
      );
    });
    return () => {
      over = true;
      years?.cancel();
    };
  }, [key]);
  return { ...(known.key === key ? known.known : NOTHING), cancel: () => stop.current() };
}
