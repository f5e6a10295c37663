import { useWide } from '@/ui/frame';
import LogRide from './log';

/** Beside the list of rides there is room to log the next one; on a phone the list is all. */
export default function RidesIndex() {
  return useWide() ? <LogRide /> : null;
}
