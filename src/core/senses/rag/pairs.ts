import type { PlainEvent } from '../../records/event';
import type { Pair } from './outside';

/** Pairs asked for: more shift the table no further than it is good. */
const ENOUGH = 3;
/** The rider's eye may change: the last so many count. */
const LAST = 12;

/** Photographs of rags beside which the rider picked a swatch, the last of them. */
export const pairsIn = (events: readonly PlainEvent[]): Pair[] =>
  events
    .flatMap((event): Pair[] => {
      if (event.type !== 'ragChecked' && event.type !== 'workDone') return [];
      const { photo } = event;
      if (!photo || photo.picked === null || photo.patches === 0) return [];
      return [{ absorber: photo.absorber, picked: photo.picked }];
    })
    .slice(-LAST);

/** Whether the rider is still asked for a swatch beside the photograph. */
export const wantsPair = (pairs: readonly Pair[]): boolean => pairs.length < ENOUGH;
