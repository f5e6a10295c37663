import type { BikeState, Changes, Needs } from './bikeState';
import { cranksDrive, hasDisc, type Job } from './job';

/** What one act needs of the bike and what it changes. */
export interface ActRule {
  needs?: Needs;
  changes?: Changes;
  /** Whether this bike can have it done at all. */
  fits?: (job: Job) => boolean;
  /** What cannot be said part by part. */
  when?: (state: BikeState, job: Job) => boolean;
}

/** Nothing in the way of a wheel that turns. */
export const RUNNING: Needs = {
  chain: ['on'],
  closure: ['seated'],
  wheel: ['in'],
  rotor: ['bare'],
};

/** A rotor is out of the way of what drips where it is covered or its wheel is out; on a wheel that turns all the time, and at the roadside, it is minded. */
export const rotorSafe = (state: BikeState, job: Job): boolean =>
  !hasDisc(job) ||
  cranksDrive(job) ||
  inHaste(job) ||
  state.rotor === 'covered' ||
  state.wheel === 'out';

/** What is at hand must do: at the roadside, and half an hour before a ride. */
export const inHaste = ({ depth }: Job): boolean => depth === 'roadside' || depth === 'thin coat';

/** The chain goes round, on its own cogs or on a keeper, while the wheel stands still. */
export const goesRound = ({ wheel, keeper }: BikeState): boolean =>
  wheel === 'in' || keeper === 'in';
