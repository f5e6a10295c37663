import { startTransition, useEffect, useState } from 'react';
import { stillness } from './slices';

/** So long after something was shown the rider has not moved, ms: who opens a list often scrolls it at once. */
const STILL_MS = 250;

/** Whether the rider was still for a while since this was first shown: what takes long to draw comes then. */
export function useOnceStill(): boolean {
  const [isStill, setStill] = useState(false);
  useEffect(() => {
    let isGone = false;
    const draw = () => {
      if (!isGone) startTransition(() => setStill(true));
    };
    const timer = setTimeout(() => void stillness(STILL_MS).then(draw), STILL_MS);
    return () => {
      isGone = true;
      clearTimeout(timer);
    };
  }, []);
  return isStill;
}
