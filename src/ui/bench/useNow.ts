import { useEffect, useState } from 'react';

/** Returns the time, ms, anew each second: for timers that run down. */
export function useNow(clock: () => number): number {
  const [now, setNow] = useState(clock);
  useEffect(() => {
    const tick = setInterval(() => setNow(clock()), 1000);
    return () => clearInterval(tick);
  }, [clock]);
  return now;
}
