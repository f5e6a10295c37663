import { firstFitted, type Fitting } from '../logbook/fittings';
import type { RideLogged } from '../records/event';

/** What can be changed of many rides at once. */
export type RideChange = Partial<
  Pick<RideLogged, 'bikeId' | 'weather' | 'surface' | 'mud' | 'salted'>
>;

export interface ChangedRides {
  changed: { target: RideLogged; replacement: RideLogged }[];
  /** Left as they were: no chain was on the new bike then. */
  refused: number;
}

/** The rides a change does something to, before and after; what it cannot be done to is counted. */
export function changeRides(
  rides: readonly RideLogged[],
  change: RideChange,
  fittings: readonly Fitting[],
): ChangedRides {
  const first = change.bikeId === undefined ? null : firstFitted(fittings, change.bikeId);
  const result: ChangedRides = { changed: [], refused: 0 };
  for (const target of rides) {
    const replacement = { ...target, ...change };
    const same = (Object.keys(change) as (keyof RideChange)[]).every(
      (key) => target[key] === replacement[key],
    );
    if (same) continue;
    const hasNoChain = change.bikeId !== undefined && first === null;
    if (hasNoChain) result.refused += 1;
    else result.changed.push({ target, replacement });
  }
  return result;
}
