import { checkCount, type Count, type CountedGear } from '../faults/rhythm';
import type { Result } from '../problem';
import { readNumber } from './number';

/** A count of a noise as it is tapped or typed. */
export interface CountDraft {
  turns: string;
  events: string;
}

export const NO_COUNT: CountDraft = { turns: '0', events: '0' };

/** One more by a tap; from what cannot be read on it begins anew. */
export function oneMore(text: string): string {
  const read = readNumber(text);
  return String(Math.max(0, read.ok ? Math.round(read.value) : 0) + 1);
}

/** The count that was entered in a gear, or what is wrong with it. */
export function readCountDraft({ turns, events }: CountDraft, gear: CountedGear): Result<Count> {
  const [k, n] = [readNumber(turns), readNumber(events)];
  if (!k.ok) return k;
  if (!n.ok) return n;
  return checkCount({ turns: k.value, events: Math.round(n.value), gear });
}
