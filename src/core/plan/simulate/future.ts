import { copyState, setState } from '../../care/model/copyState';
import { type ChainState } from '../../care/model/state';
import { filmAt } from '../../care/verdict/lookAhead';
import type { Factors } from '../../care/model/personal';
import { noCosts, setCosts, type Costs } from './costs';
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

/** A future of its own that stands where another does, to be followed blind. */
export const blindCopy = (f: Future): Future => ({
  ...f,
  truth: copyState(f.truth),
  costs: { ...f.costs },
});

/** Puts such a copy, in place, where another one of the same future stands: what is reckoned and done it does not tell. */
export function setBlindly(to: Future, f: Future): void {
  setState(to.truth, f.truth);
  setCosts(to.costs, f.costs);
  to.trueCogs = f.trueCogs;
  to.coat = f.coat;
  to.turns = f.turns;
  to.cleanedDay = f.cleanedDay;
}

/** Film left of a coat in lives of one on a clean chain, as the grid counts it. */
export function livesLeft(problem: BikeProblem, coat: number, chain: ChainState): number {
  const kind = problem.coats[coat];
  return !kind || kind.lubeClass === null ? 0 : chain.film * (chain.lifeKm / kind.lifeKm);
}
