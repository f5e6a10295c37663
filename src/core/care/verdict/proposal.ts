import type { Chain } from '../../records/garage';
import type { CleanMethod, Depth } from '../../records/kinds';
import { isWax, type LubeClass } from '../../lube/classes';
import type { Schools } from '../../lube/schools';
import type { Air } from '../../weather/drying';
import { CARE } from '../model/constants';
import { readClocks, type Clock, type Limits } from './clocks';
import type { ChainState } from '../model/state';
import { work, type WorkSpec } from '../model/work';

/** Hands-on minutes, from to. Common practice. */
export const DEPTH_MINUTES: Record<Depth, readonly [number, number]> = {
  'wipe-down': [2, 5],
  'thin coat': [2, 4],
  'top-up': [10, 15],
  roadside: [5, 10],
  rescue: [10, 15],
  'on-bike clean': [20, 40],
  'off-bike clean': [45, 90],
  soak: [30, 60],
  'new-chain strip': [30, 60],
  'wax reset': [45, 90],
  swap: [10, 20],
  'new chain': [45, 120],
};

/** What a depth takes on the average, hands on. */
export const meanMinutes = (depth: Depth): number => {
  const [low, high] = DEPTH_MINUTES[depth];
  return (low + high) / 2;
};

/** What a method of cleaning amounts to, with or without a coat: for work whose minutes nobody wrote down. */
export function depthOf(method: CleanMethod, lubed: boolean): Depth {
  switch (method) {
    case 'brush':
    case 'scrubber':
      return 'on-bike clean';
    case 'baths':
      return 'off-bike clean';
    case 'soak':
      return 'soak';
    case 'strip':
      return 'new-chain strip';
    case 'wax reset':
      return 'wax reset';
    case 'none':
      return 'thin coat';
    case 'dry wipe':
    case 'solvent wipe':
    case 'degreaser wipe':
    case 'flush and wipe':
      return lubed ? 'top-up' : 'wipe-down';
  }
}

export interface Proposal {
  depth: Depth;
  spec: WorkSpec;
}

const BATHS = { count: 3, ml: 150 };
const spec = (
  method: WorkSpec['method'],
  lubeClass: LubeClass | null,
  more: Partial<WorkSpec> = {},
): WorkSpec => ({
  method,
  cogsCleaned: false,
  baths: BATHS,
  drying: 'towel',
  lube: lubeClass ? { lubeClass, coat: 1, wiped: true } : null,
  ...more,
});

/**
 * The usual work at each depth with a lube, in order of depth. `between`: what is on the rag between
 * deep cleans.
 */
export function usualWork(
  lube: LubeClass,
  chain: Chain | undefined,
  between: Schools['between'],
): Proposal[] {
  const wax = isWax(lube);
  const rag = between === 'degreaser' ? 'degreaser wipe' : 'solvent wipe';
  // Degreaser on the rag is rinsed off, and the chain dried.
  const dried = { drying: between === 'degreaser' ? 'towel and air' : 'towel' } as const;
  const blownOut = { drying: 'towel and air' } as const;
  const mayOpen = chain?.closure === 'reusable link';
  const list: Proposal[] = [
    { depth: 'wipe-down', spec: spec('dry wipe', null) },
    { depth: 'wipe-down', spec: spec(rag, null, dried) },
  ];
  // Hot wax is renewed in the pot and nowhere else.
  if (lube !== 'hot wax')
    list.push({ depth: 'top-up', spec: wax ? spec('dry wipe', lube) : spec(rag, lube, dried) });
  if (!wax) list.push({ depth: 'rescue', spec: spec('solvent wipe', lube, blownOut) });
  else if (lube === 'drip wax')
    list.push({ depth: 'rescue', spec: spec('dry wipe', lube, blownOut) });
  // A wet chain in hot wax is wiped and blown dry; only what is spent goes back into the pot.
  else list.push({ depth: 'wipe-down', spec: spec('dry wipe', null, blownOut) });
  // A rinsed chain is blown out: towelled only, it stays wet inside for hours in a cold place.
  const rinsed = { cogsCleaned: true, drying: 'towel and air' } as const;
  if (wax) {
    list.push({ depth: 'wax reset', spec: spec('wax reset', lube, rinsed) });
    return list;
  }
  list.push({ depth: 'on-bike clean', spec: spec('brush', lube, rinsed) });
  list.push({ depth: 'on-bike clean', spec: spec('scrubber', lube, rinsed) });
  if (mayOpen) list.push({ depth: 'off-bike clean', spec: spec('baths', lube, rinsed) });
  return list;
}

/** Work that leaves the clock it was done for this near to firing again is not worth the gloves. Own estimate. */
const HEADROOM = 0.25;

/**
 * Whether work has quieted a clock: one that had fired with room to spare, another by not setting it
 * off. Wear is not for work to mend.
 */
function satisfied(clock: Clock, hadFired: boolean): boolean {
  if (clock.name === 'wear') return true;
  if (clock.fired) return false;
  if (!hadFired) return true;
  if (clock.name === 'film') return clock.reading >= clock.limit * (1 + HEADROOM);
  if (clock.name === 'inside' || clock.name === 'outside' || clock.name === 'wet')
    return clock.reading <= clock.limit * (1 - HEADROOM);
  return true;
}

/**
 * The shallowest usual work that quiets every clock work can quiet, with room to spare; the deepest
 * there is when none suffices. Work never ends on a bare chain. `usual` is the rider's `usualWork`, shallowest
 * first.
 */
export function proposeWork(
  { state, cogs, air }: { state: ChainState; cogs: number; air: Air },
  usual: readonly Proposal[],
  limits: Limits,
): Proposal {
  const before = readClocks(state, limits);
  const wet = state.wetLeftH >= CARE.rescueHours.value;
  for (const proposal of usual) {
    const left = work(state, cogs, proposal.spec, { air }).state;
    // Only towelled, a wet chain is wet inside for hours yet.
    if (wet && proposal.spec.drying !== 'towel and air') continue;
    const after = readClocks(left, limits);
    if (after.every((clock, i) => satisfied(clock, before[i]?.fired === true))) return proposal;
  }
  return usual[usual.length - 1] as Proposal;
}
