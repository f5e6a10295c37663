import { useWide } from '@/ui/frame';
import Choose from './choose';

/** Beside the chapters there is room for the question asked most; on a phone they are all. */
export default function ShelfIndex() {
  return useWide() ? <Choose /> : null;
}
