import { useState } from 'react';

/**
 * Whether what is wanted above the page is shown: it comes with the next change of place, for it pushes the page, and a tap that
 * has begun would miss; it goes at once.
 */
export function useWithPlace(isWanted: boolean, path: string): boolean {
  const [came, setCame] = useState({ path, isWanted: false });
  if (came.path !== path) setCame({ path, isWanted });
  return isWanted && came.isWanted;
}
