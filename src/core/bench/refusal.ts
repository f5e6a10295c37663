import { isWax } from '../lube/classes';
import { changesChain } from './depths';
import {
  closesAs,
  comesOff,
  cranksDrive,
  isOnWax,
  mayOpen,
  offAllowed,
  owns,
  poursHot,
  stripsNew,
  type Job,
} from './job';

/** Why a depth cannot be done on this bike with these tools. */
export type BenchRefusal =
  | 'no new pin'
  | 'no new link'
  | 'chain stays on'
  | 'no scrubber'
  | 'scrubber with driven cranks'
  | 'wax reset without wax'
  | 'no hot water'
  | 'closure not known'
  | 'old coat stays'
  | 'no pot'
  | 'factory grease stays'
  | 'wax at the roadside'
  | 'thin wax'
  | 'nothing to put on'
  | 'no other chain';

const NO_CLOSURE: Record<Job['chain']['closure'], BenchRefusal> = {
  'reusable link': 'no new link',
  'single-use link': 'no new link',
  'connecting pin': 'no new pin',
  'not known': 'closure not known',
};

/** Returns why this depth cannot be done on this bike with these tools; null where it can. */
export function refusal(job: Job): BenchRefusal | null {
  const { depth, lube } = job;
  const scrubs = depth === 'on-bike clean' && job.clean === 'scrubber';
  if (changesChain(depth) && !job.next) return 'no other chain';
  // A new chain is not opened, and comes with what closes it.
  if (comesOff(job) && depth !== 'new-chain strip' && !mayOpen(job))
    return NO_CLOSURE[closesAs(job).closure];
  // Who never takes a chain off to clean it takes it off to replace it.
  if (comesOff(job) && depth !== 'new chain' && !offAllowed(job)) return 'chain stays on';
  if (scrubs && !owns(job, 'scrubber')) return 'no scrubber';
  if (scrubs && cranksDrive(job)) return 'scrubber with driven cranks';
  if (depth === 'wax reset' && !(lube ? isWax(lube.lubeClass) : isOnWax(job)))
    return 'wax reset without wax';
  if (depth === 'wax reset' && !comesOff(job) && !poursHot(job)) return 'no hot water';
  if (depth === 'top-up' && job.oldCoat === 'clean' && job.onIt !== null && !isOnWax(job))
    return 'old coat stays';
  if (lube?.lubeClass === 'hot wax' && depth !== 'wipe-down' && !owns(job, 'pot')) return 'no pot';
  if (depth === 'new-chain strip' && !stripsNew(job)) return 'factory grease stays';
  if (depth === 'roadside' && lube && isWax(lube.lubeClass)) return 'wax at the roadside';
  if (depth === 'thin coat' && !lube) return 'nothing to put on';
  if (depth === 'thin coat' && lube && isWax(lube.lubeClass)) return 'thin wax';
  return null;
}
