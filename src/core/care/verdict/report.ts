import { wearLimitPercent } from '../../chain/geometry';
import type { Bike, Chain } from '../../records/garage';
import type { ChainStart } from '../../records/event';
import type { LubeClass } from '../../lube/classes';
import type { Settings } from '../../records/settings';
import type { Air } from '../../weather/drying';
import { inFull, type ReplayStep, type StepInFull } from '../replay/step';
import { airOf, learntOf } from '../replay/bookState';
import { faultsOn, type OpenFault } from '../replay/faults';
import type { Limits } from './clocks';
import type { Personal } from '../model/personal';
import type { Replay } from '../replay/replay';
import { standWhere } from '../model/standOutside';
import { copyState } from '../model/copyState';
import type { ChainState } from '../model/state';
import { isTypicalKnown, typicalRiding, type TypicalRiding } from './typical';
import { judge, type Verdict } from './verdict';

/** All there is to say of a chain on a bike at one moment. */
export interface ChainReport {
  bike: Bike;
  chain: Chain;
  /** The chain as it stands now. */
  state: ChainState;
  cogs: number;
  limits: Limits;
  typical: TypicalRiding;
  /** What was learnt of the lube on it, on this bike. */
  learnt: Personal;
  verdict: Verdict;
  /** What the rider said of it when it was fitted, as long as nothing has happened to it since. */
  told: ChainStart | null;
  /** Faults of bike and chain that were found and are not over. */
  faults: readonly OpenFault[];
}

/** Proposed where a rider has never lubed in the log: between wet and dry in everything. */
const LUBE_IF_UNKNOWN: LubeClass = 'all-weather';

/** Steps worked out before: a step never changes, and a ride logged adds one to thousands. */
const worked = new WeakMap<ReplayStep, StepInFull>();

/** Steps of one chain in full, in order of time. */
export const stepsOf = (replay: Replay, chainId: string): StepInFull[] =>
  replay.steps
    .filter((s) => s.chainId === chainId)
    .map((step) => {
      const known = worked.get(step) ?? inFull(step);
      worked.set(step, known);
      return known;
    });

/** A chain on its bike as it stands at one moment, before anything is said of it. */
export type ChainNow = Pick<ChainReport, 'bike' | 'chain' | 'state' | 'cogs' | 'limits'> & {
  air: Air;
};

/** A bike, the chain on it and how that stood last; null when none is fitted or it left the garage. */
export function chainOn({ book, garage }: Replay, bikeId: string) {
  const bike = garage.bikes[bikeId];
  const chainId = book.fitted.get(bikeId);
  const chain = chainId === undefined ? undefined : garage.chains[chainId];
  const last = chainId === undefined ? undefined : book.chains.get(chainId);
  return bike && chain && last && !bike.retired ? { bike, chain, last } : null;
}

/** The chain on a bike as it stands at `now` (ms), or null when none is fitted or it left the garage. */
export function chainNow(
  replay: Replay,
  bikeId: string,
  standard: Settings['standard'],
  now: number,
): ChainNow | null {
  const { book, weather } = replay;
  const on = chainOn(replay, bikeId);
  if (!on) return null;
  const { bike, chain, last } = on;
  const cell = book.cells.get(bikeId);
  const air = airOf(weather, { bike, cell }, last.at, now);
  const state = copyState(last);
  standWhere(state, now, { bike, cell, weather, air });
  const wearPercent = wearLimitPercent(chain.speeds, bike.gear);
  const cogs = book.cogs.get(bikeId) ?? 0;
  return { bike, chain, state, cogs, air, limits: { standard, wearPercent } };
}

/** The report of the chain on a bike, or null when none is fitted or it left the garage. */
export function reportOn(
  replay: Replay,
  bikeId: string,
  settings: Settings,
  now: number,
): ChainReport | null {
  const standing = chainNow(replay, bikeId, settings.standard, now);
  if (!standing) return null;
  const { bike, chain, state, cogs, limits } = standing;
  const typical = typicalRiding(replay.steps, bike, now);
  const learnt = learntOf(replay.book, state, bikeId);
  const verdict = judge({
    ...standing,
    typical,
    learnt,
    between: settings.schools.between,
    usualLube: lastLube(replay.steps, chain.id) ?? LUBE_IF_UNKNOWN,
  });
  const told = toldOf(replay.steps, chain.id);
  const faults = faultsOn(replay.book, bikeId);
  return { bike, chain, state, cogs, limits, typical, learnt, verdict, told, faults };
}

/** What was said of a chain at its fitting, if that is the last that happened to it. */
function toldOf(steps: readonly ReplayStep[], chainId: string): ChainStart | null {
  const event = steps.findLast((step) => step.chainId === chainId)?.event;
  return event?.type === 'chainFitted' ? event.start : null;
}

/** The class of lube put on a chain last. */
export function lastLube(steps: readonly ReplayStep[], chainId: string): LubeClass | null {
  for (let i = steps.length - 1; i >= 0; i--) {
    const step = steps[i];
    if (step?.chainId !== chainId) continue;
    if (step.event.type === 'workDone' && step.event.lube) return step.event.lube.lubeClass;
    if (step.event.type === 'chainFitted' && step.event.start?.lube) return step.event.start.lube;
  }
  return null;
}

/**
 * Whether a replay of only the last of a log, begun from the book before it, tells of a bike what the whole would: all
 * that a report looks back at lies within it.
 */
export function isEnoughFor({ steps, book }: Replay, bikeId: string, now: number): boolean {
  const chainId = book.fitted.get(bikeId);
  if (chainId === undefined) return true;
  return lastLube(steps, chainId) !== null && isTypicalKnown(steps, bikeId, now);
}
