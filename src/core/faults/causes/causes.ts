import { UNSAFE_CAUSES, type Cause } from '../../records/faults';
import type { CauseFacts } from './facts';
import { OF_BIKE } from './ofBike';
import { OF_CHAIN } from './ofChain';
import { OF_DRIVE } from './ofDrive';

/**
 * Causes of noises: priors, sounds and signs. Source: common practice of the trade and own estimates; counted by nobody. What a
 * rider's own log says of them is learnt on top.
 */
export const CAUSE_FACTS: Readonly<Record<Cause, CauseFacts>> = {
  ...OF_CHAIN,
  ...OF_DRIVE,
  ...OF_BIKE,
};

/** Whether a cause may throw the rider. */
export const canThrow = (cause: Cause): boolean =>
  (UNSAFE_CAUSES as readonly Cause[]).includes(cause);
