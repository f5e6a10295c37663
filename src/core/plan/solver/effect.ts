import {
  bathShareLeft,
  METHODS,
  SCRUBBER_WITH_COGS,
  COGS_CLEANED_LEFT,
} from '../../care/model/work';
import { CARE } from '../../care/model/constants';
import type { Work } from './problem';

/** What work leaves of grit and film, as shares. */
export interface WorkEffect {
  o: number;
  i: number;
  c: number;
  film: number;
}

/** The shares a work leaves, from the care model's table. */
export function effectOf({ spec }: Work): WorkEffect {
  const method = METHODS[spec.method];
  const left = spec.method === 'scrubber' && spec.cogsCleaned ? SCRUBBER_WITH_COGS : method;
  return {
    o: left.outside,
    i: spec.method === 'baths' ? bathShareLeft(spec.baths.count, spec.baths.ml) : left.inside,
    c: spec.cogsCleaned ? COGS_CLEANED_LEFT : method.cogs,
    film: method.film,
  };
}

/** Film of a fresh coat, in lives of one on a clean chain: dirt inside shortens it. */
export const freshFilm = (inside: number): number => 1 - CARE.dirtyCoatPenalty.value * inside;
