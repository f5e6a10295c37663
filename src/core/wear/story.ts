import { readingSd } from '../care/model/observe';
import type { ReplayStep } from '../care/replay/step';
import type { KnownWear } from './question';

/** A reading as the logbook has it, and where on the chain's way it was taken. */
export interface WearRead {
  id: string;
  /** Moment, ms, and km of the chain then. */
  at: number;
  km: number;
  percent: number;
  sd: number;
  between: readonly [number, number] | null;
}

/** The wear of a chain from its fitting on: as it was believed after each event that moved it, and what was read. */
export interface WearStory {
  line: { at: number; km: number; wear: number }[];
  readings: WearRead[];
  fittedAt: number;
}

export function wearStory(steps: readonly ReplayStep[], chainId: string): WearStory {
  const line: WearStory['line'] = [];
  const readings: WearRead[] = [];
  let fittedAt = Infinity;
  for (const { event, chainId: of, after } of steps) {
    if (of !== chainId || !after) continue;
    const at = Date.parse(event.at);
    if (event.type === 'chainFitted') fittedAt = Math.min(fittedAt, at);
    if (['chainFitted', 'rideLogged', 'wearRead'].includes(event.type))
      line.push({ at, km: after.km, wear: after.wear });
    if (event.type !== 'wearRead') continue;
    const { id, percent, between = null } = event;
    readings.push({ id, at, km: after.km, percent, sd: readingSd(event), between });
  }
  return { line, readings, fittedAt };
}

/** What was known of a chain's wear at a moment (ms), for asking about a reading of then. */
export function knownAt(
  steps: readonly ReplayStep[],
  chain: { id: string; speeds: number },
  at: number,
): KnownWear {
  const { readings, fittedAt } = wearStory(steps, chain.id);
  const then = steps.findLast(
    (s) => s.chainId === chain.id && s.after && Date.parse(s.event.at) <= at,
  )?.after;
  return {
    fittedAt,
    at,
    wear: then?.wear ?? 0,
    wearSd: then?.wearSd ?? 0,
    readings,
    speeds: chain.speeds,
  };
}
