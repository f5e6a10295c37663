import { lazy, Suspense } from 'react';
import { useWide } from '@/ui/frame/useWide';

export { load as pieces } from '@/ui/shelf/lazily';

// Lazy, so that the two routes that show it do not put it into the first script.
const Choose = lazy(() => import('./choose'));

/** Beside the chapters there is room for the question asked most; on a phone they are all. */
export default function ShelfIndex() {
  return useWide() ? (
    <Suspense fallback={null}>
      <Choose />
    </Suspense>
  ) : null;
}
