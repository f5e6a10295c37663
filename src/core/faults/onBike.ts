import type { Act } from '../bench/acts';
import type { Bike } from '../records/garage';
import type { StepId } from './steps';

/** What of a bike and its place decides how it is handled. */
export interface Handled extends Pick<Bike, 'drive' | 'ebike'> {
  hasStand: boolean;
}

/** How a step moves the bike: cranks and wheel at rest, the chain gone round, the wheel pedalled or spun, or ridden. */
type Moves = 'still' | 'round' | 'pedalled' | 'spun' | 'as told elsewhere' | 'ridden';

const MOVES: Readonly<Record<StepId, Moves>> = {
  'four things': 'round',
  'see the way': 'still',
  'press the link': 'round',
  'bend each link': 'round',
  'hold the wheel': 'still',
  'spin the wheel': 'spun',
  'brake and listen': 'ridden',
  'flick the jockey wheels': 'still',
  'rag on the chain': 'still',
  'look at the cogs': 'still',
  'measure the chain': 'still',
  'swap the cog': 'ridden',
  'both ends of the gears': 'pedalled',
  'feel the slack': 'round',
  'look at the front cage': 'pedalled',
  'hang and rock': 'still',
  'turn the barrel': 'pedalled',
  'wipe and lube': 'as told elsewhere',
  'clean on the bike': 'as told elsewhere',
  'scrape the jockey wheels': 'round',
  'oil the jockey bearings': 'still',
  'tighten the crank side': 'still',
  'ride and listen': 'ridden',
};

/**
 * What a step does on a bike, act by act as at the bench, from the road and back to it: the bench’s simulator follows it. Empty
 * where the bench leads through it, or it is ridden.
 */
export function actsOf(step: StepId, { drive, ebike, hasStand }: Handled): Act[] {
  const moves = MOVES[step];
  if (moves === 'ridden' || moves === 'as told elsewhere') return [];
  const cranksDrive = drive !== 'freewheel';
  const raised = moves === 'pedalled' || moves === 'spun' || (moves === 'round' && cranksDrive);
  const turned: Record<'still' | 'round' | 'pedalled' | 'spun', Act[]> = {
    still: ['still chain'],
    round: [cranksDrive ? 'move on by hand' : 'turn back'],
    pedalled: ['pedal forwards'],
    spun: [],
  };
  return [
    ...(ebike ? ['battery out' as const] : []),
    ...(raised ? [hasStand ? ('hang up' as const) : ('turn over' as const)] : []),
    ...turned[moves],
    ...(raised ? ['set down' as const] : []),
    ...(ebike ? ['battery in' as const] : []),
  ];
}

/** Depth at which the bench leads through a remedy; null: it is told in the step. */
export const benchDepth = (step: StepId) =>
  step === 'wipe and lube' ? 'top-up' : step === 'clean on the bike' ? 'on-bike clean' : null;
