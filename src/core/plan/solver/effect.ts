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
  readonly o: number;
  readonly i: number;
  readonly c: number;
  readonly film: number;
}

const known = new WeakMap<Work, WorkEffect>();

/** The shares a work leaves, from the care model's table; the same object each time. */
export function effectOf(work: Work): WorkEffect {
  const before = known.get(work);
  if (before) return before;
  const { spec } = work;
  const method = METHODS[spec.method];
  const left = spec.method === 'scrubber' && spec.cogsCleaned ? SCRUBBER_WITH_COGS : method;
  const effect = {
    o: left.outside,
    i: spec.method === 'baths' ? bathShareLeft(spec.baths.count, spec.baths.ml) : left.inside,
    c: spec.cogsCleaned ? COGS_CLEANED_LEFT : method.cogs,
    film: method.film,
  };
  known.set(work, effect);
  return effect;
}

/** Film of a fresh coat, in lives of one on a clean chain: dirt inside shortens it. */
export const freshFilm = (inside: number): number => 1 - CARE.dirtyCoatPenalty.value * inside;
