import { useWide } from '@/ui/frame/useWide';
import { lazilyFrom } from '@/ui/lazily';

export { load as pieces } from '@/ui/shelf/lazily';

// Lazy, so that the two routes that show it do not put it into the first script.
const Choose = lazilyFrom(() => import('./choose'))('default');

/** Beside the chapters there is room for the question asked most; on a phone they are all. */
export default function ShelfIndex() {
  return useWide() ? <Choose /> : null;
}
