import { copyState, type ChainState } from '../../care/model/state';
import { filmAt } from '../../care/verdict/lookAhead';
import type { Factors } from '../../care/model/personal';
import { noCosts, type Costs } from './costs';
import type { BikeProblem, Work } from '../solver/problem';

/** A work done, and the chain as it was reckoned before. */
export interface Done {
  day: number;
  work: Work;
  film: number;
  outside: number;
  inside: number;
  wet: boolean;
}

/** A chain in one future: as the model reckons it, which is what decisions see, and as it truly is there. */
export interface Future {
  reckoned: ChainState;
  cogs: number;
  truth: ChainState;
  trueCogs: number;
  coat: number;
  nature: Factors;
  costs: Costs;
  /** What changes of lube must gain beside: see `turnPrice`. */
  turns: number;
  /** Day of the last clean, days since 1970. */
  cleanedDay: number;
  done: Done[];
}

/** Less hours of wetness left than this count as dry. */
const WET_LEFT_H = 1;
export const isWet = (state: ChainState): boolean => state.wetLeftH > WET_LEFT_H;

/** A chain as it stands before the plan, in the future of one nature. */
export const futureOf = (problem: BikeProblem, nature: Factors): Future => {
  const { state, cogs, factors } = problem;
  return {
    reckoned: copyState(state),
    cogs,
    truth: { ...copyState(state), film: filmAt(state, nature.life, factors.life) },
    trueCogs: cogs,
    coat: problem.coatNow,
    nature,
    costs: noCosts(),
    turns: 0,
    cleanedDay: problem.lastCleanDay,
    done: [],
  };
};

/** A future of its own that stands where another does. `blind`: what is reckoned of it does not change. */
export const copyFuture = (f: Future, blind: boolean): Future => ({
  ...f,
  reckoned: blind ? f.reckoned : copyState(f.reckoned),
  truth: copyState(f.truth),
  costs: { ...f.costs },
  done: [...f.done],
});

/** Film left of a coat in lives of one on a clean chain, as the grid counts it. */
export function livesLeft(problem: BikeProblem, coat: number, chain: ChainState): number {
  const kind = problem.coats[coat];
  return !kind || kind.lubeClass === null ? 0 : chain.film * (chain.lifeKm / kind.lifeKm);
}
