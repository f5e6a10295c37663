import { lazy, Suspense } from 'react';
import { useWide } from '@/ui/frame/useWide';

// Lazy, so that the two routes that show it do not put it into the first script.
const GaragePage = lazy(() => import('./garage'));

/** Beside the chapters stands the garage; on a phone the chapters are all. */
export default function BookIndex() {
  return useWide() ? (
    <Suspense fallback={null}>
      <GaragePage />
    </Suspense>
  ) : null;
}
