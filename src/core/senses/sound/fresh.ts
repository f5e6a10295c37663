import type { ChainState } from '../../care/model/state';

/** A chain fit to be a bike's quiet: most of its coat left, hardly dirty. Own estimates. */
const LEAST_FILM = 0.8;
const MOST_OUTSIDE = 0.15;

/** Whether a chain, by the log, is as good as just cleaned and coated. */
export const isFresh = ({ film, outside }: Pick<ChainState, 'film' | 'outside'>): boolean =>
  film >= LEAST_FILM && outside <= MOST_OUTSIDE;
