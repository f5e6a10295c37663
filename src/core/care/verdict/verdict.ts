import type { Chain } from '../../records/garage';
import type { LubeClass } from '../../lube/classes';
import type { Schools } from '../../lube/schools';
import type { Spread } from '../../units/format';
import type { Air } from '../../weather/drying';
import { readClocks, type Clock, type ClockName, type Limits } from './clocks';
import { HORIZON_KM, lookAhead, type Ahead } from './lookAhead';
import { futuresOf, type Futures, type Personal } from '../model/personal';
import { proposeWork, usualWork, type Proposal } from './proposal';
import { firstOf, outlookOf, QUESTIONS, spreadAbout, type Outlook } from './outlook';
import { rideFutures } from './spread';
import type { ChainState } from '../model/state';
import { type TypicalRiding } from './typical';

export type VerdictKind =
  | 'replace'
  | 'inspect'
  | 'bare'
  | 'rescue'
  | 're-lube'
  | 'touch up'
  | 'deep clean'
  | 'wipe'
  | 'good for';

const KIND_OF: Record<ClockName, VerdictKind> = {
  wear: 'replace',
  rust: 'inspect',
  bare: 'bare',
  wet: 'rescue',
  film: 're-lube',
  standing: 'touch up',
  inside: 'deep clean',
  outside: 'wipe',
};

export interface Verdict {
  kind: VerdictKind;
  /** The clock that fired, or that will fire first. */
  clock: ClockName;
  clocks: Clock[];
  /** Other clocks that fired too. */
  also: ClockName[];
  /** Km until the first clock fires; null when one has fired. `high` stops at the horizon. */
  distanceKm: Spread | null;
  beyondHorizon: boolean;
  /** How far the lube lasts, and how far until it wants wiping or cleaning. */
  lube: Outlook;
  dirt: Outlook;
  proposal: Proposal;
  /** Set while a fresh coat is setting: riding before costs film. */
  setsUntil: number | null;
  heard: ChainState['heard'];
  ahead: { low: Ahead; mid: Ahead; high: Ahead };
}

export interface VerdictInput {
  /** The chain as it stands now. */
  state: ChainState;
  cogs: number;
  chain: Chain | undefined;
  air: Air;
  limits: Limits;
  typical: TypicalRiding;
  /** What was learnt of its lube on this bike. */
  learnt: Personal;
  /** Put on where the chain is bare and a coat is proposed. */
  usualLube: LubeClass;
  /** What is on the rag between deep cleans. */
  between: Schools['between'];
}

/** Clocks that distance moves, and that a rider can act on before they fire. */
const AHEAD_CLOCKS: ClockName[] = ['wear', 'film', 'standing', 'inside', 'outside'];

/** Reads the clocks, looks ahead and proposes the shallowest work that satisfies them. */
export function judge(input: VerdictInput): Verdict {
  const { state, cogs, typical, limits } = input;
  const clocks = readClocks(state, limits);
  const fired = clocks.filter((c) => c.fired).map((c) => c.name);
  const futures = futuresOf(input.learnt, state);
  const run = (which: keyof Futures) =>
    lookAhead({ state, cogs }, typical, limits, { factors: futures[which], mid: futures.mid });
  const ahead = { low: run('low'), mid: run('mid'), high: run('high') };
  const first = firstOf(ahead.mid, AHEAD_CLOCKS);
  const [ofAll = [], ofLube = [], ofDirt = []] = rideFutures({ state, cogs }, typical, limits, {
    questions: [AHEAD_CLOCKS, QUESTIONS.lube, QUESTIONS.dirt],
    learnt: input.learnt,
    mid: futures.mid,
  });
  const main = fired[0];
  const workState = main === undefined ? (ahead.mid.atFirst ?? state) : state;
  return {
    kind: main === undefined ? 'good for' : KIND_OF[main],
    clock: main ?? first.name ?? 'film',
    clocks,
    also: fired.slice(1),
    distanceKm: main === undefined ? spreadAbout(first.km, ofAll) : null,
    beyondHorizon: first.km >= HORIZON_KM,
    lube: outlookOf('lube', clocks, ahead.mid, ofLube),
    dirt: outlookOf('dirt', clocks, ahead.mid, ofDirt),
    proposal: proposeWork(
      { state: workState, cogs, air: input.air },
      usualWork(state.lube ?? input.usualLube, input.chain, input.between),
      limits,
    ),
    setsUntil: state.setAt > state.at && state.film > 0 ? state.setAt : null,
    heard: state.heard,
    ahead,
  };
}
