import { selectSession } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { useWide } from '@/ui/frame/useWide';
import { lazilyFrom } from '@/ui/lazily';

export { load as pieces } from '@/ui/rides/lazily';

// Lazy, so that the two routes that show it do not put it into the first script.
const LogRide = lazilyFrom(() => import('./log'))('default');

/** Beside the list of rides there is room to log the next one; on a phone the list is all. */
export default function RidesIndex() {
  const { phase } = useAppSelector(selectSession);
  // The list comes first: what stands beside it waits until all is read.
  return useWide() && phase === 'open' ? <LogRide /> : null;
}
