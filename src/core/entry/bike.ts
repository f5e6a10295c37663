import type { Bike, BikeSpecs, Garage } from '../garage';
import { fail, ok, type Result } from '../problem';
import { FormCheck, othersNames, readName, type FormResult } from './form';
import { readWhole } from './number';

/** A bike as it stands in the form. */
export interface BikeDraft extends Pick<
  Bike,
  | 'gear'
  | 'drive'
  | 'brake'
  | 'mudguards'
  | 'chainCase'
  | 'ebike'
  | 'storage'
  | 'wheel'
  | 'narrowWide'
  | 'frame'
> {
  name: string;
  /** Teeth, largest first: "50, 34" or "50/34". */
  rings: string;
  smallestCog: string;
  largestCog: string;
  speeds: string;
}

/** A bike's specs as form text. */
export const bikeDraft = (name: string, specs: BikeSpecs): BikeDraft => ({
  ...specs,
  name,
  rings: specs.rings.join(', '),
  smallestCog: String(specs.smallestCog),
  largestCog: String(specs.largestCog),
  speeds: String(specs.speeds),
});

export type BikeField = 'name' | 'rings' | 'smallestCog' | 'largestCog' | 'speeds';
export type BikeFields = Omit<Bike, 'id' | 'retired' | 'changedAt'>;

/** Reads the form of a bike. `id` is its own, so that it may keep its name. */
export function readBike(
  draft: BikeDraft,
  garage: Garage,
  id: string,
): FormResult<BikeFields, BikeField> {
  const check = new FormCheck<BikeField>();
  const name = check.take('name', readName(draft.name, othersNames(garage.bikes, id)));
  const rings = check.take('rings', readRings(draft.rings));
  const smallestCog = check.take(
    'smallestCog',
    readWhole(draft.smallestCog, 9, 30, 'cogs/impossible'),
  );
  const largestCog = check.take(
    'largestCog',
    readWhole(draft.largestCog, 9, 60, 'cogs/impossible'),
  );
  if (smallestCog !== undefined && largestCog !== undefined && largestCog < smallestCog)
    check.take('smallestCog', fail('cogs/impossible'));
  const speeds = check.take('speeds', readWhole(draft.speeds, 1, 14, 'speeds/impossible'));
  if (
    !check.clean ||
    name === undefined ||
    rings === undefined ||
    smallestCog === undefined ||
    largestCog === undefined ||
    speeds === undefined
  )
    return { ok: false, problems: check.problems };
  const { gear, drive, brake, mudguards, chainCase, ebike, storage, wheel, narrowWide, frame } =
    draft;
  return {
    ok: true,
    value: {
      name,
      rings,
      smallestCog,
      largestCog,
      speeds,
      gear,
      drive,
      brake,
      mudguards,
      chainCase,
      ebike,
      storage,
      wheel,
      narrowWide,
      frame,
    },
  };
}

function readRings(text: string): Result<number[]> {
  const teeth = text
    .split(/[\s,;/]+/)
    .filter((part) => part !== '')
    .map(Number);
  const possible = teeth.every((t) => Number.isInteger(t) && t >= 20 && t <= 70);
  if (teeth.length < 1 || teeth.length > 3 || !possible) return fail('rings/impossible');
  return ok(teeth.sort((a, b) => b - a));
}
