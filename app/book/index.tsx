import { useWide } from '@/ui/frame';
import GaragePage from './garage';

/** Beside the chapters stands the garage; on a phone the chapters are all. */
export default function BookIndex() {
  return useWide() ? <GaragePage /> : null;
}
