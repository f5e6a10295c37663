import type { Count, CountedGear } from '../../faults/rhythm';
import type { Recording, Rhythm } from './listen';

/** Returns a rhythm as a count of a noise: so many in the turns that were recorded. */
export const countOf = (
  { turns }: Pick<Recording, 'turns'>,
  { perTurn }: Rhythm,
  gear: CountedGear,
): Count => {
  const whole = Math.max(1, Math.round(turns));
  return { turns: whole, events: Math.round(whole * perTurn), gear };
};
