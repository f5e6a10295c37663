import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube/classes';
import { lifeOf, type Life } from './obedient';
import { RIDERS, type RiderName } from './riders';

export const RIDER_NAMES = Object.keys(RIDERS) as RiderName[];

const known = new Map<string, Life>();

/** Returns the life of a rider of the table with lube of a class; the same is lived once. */
export function lived(rider: RiderName, lube: LubeClass): Life {
  const key = `${rider} ${lube}`;
  const found = known.get(key) ?? lifeOf(RIDERS[rider], lube);
  known.set(key, found);
  return found;
}

export const CLASSES = LUBE_CLASS_NAMES;
