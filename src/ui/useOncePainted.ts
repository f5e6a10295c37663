import { startTransition, useEffect, useState } from 'react';
import { afterPaint } from './afterPaint';

/** Whether what was first shown has been painted: what stands below it, and takes longer to draw, comes then. */
export function useOncePainted(): boolean {
  const [painted, setPainted] = useState(false);
  useEffect(() => afterPaint(() => startTransition(() => setPainted(true))), []);
  return painted;
}
