import { useWide } from '@/ui/frame/useWide';
import { lazilyFrom } from '@/ui/lazily';

// Lazy, so that the two routes that show it do not put it into the first script.
const GaragePage = lazilyFrom(() => import('./garage'))('default');

/** Beside the chapters stands the garage; on a phone the chapters are all. */
export default function BookIndex() {
  return useWide() ? <GaragePage /> : null;
}
