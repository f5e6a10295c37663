import { useEffect, useRef } from 'react';
import { standBy } from '@/work/senses';

/** Has a worker stand ready while something that measures is shown; then that, and what `leave` gives back, ends. */
export function useStandBy(leave: () => void): void {
  const last = useRef(leave);
  useEffect(() => {
    last.current = leave;
  });
  useEffect(() => {
    const end = standBy();
    return () => {
      end();
      last.current();
    };
  }, []);
}
