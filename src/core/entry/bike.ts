import type { Bike, Garage } from '../records/garage';
import type { BikeSpecs } from '../garage/presets';
import { fail, ok, type Result } from '../problem';
import { FormCheck, othersNames, readName, type FormResult } from './form';
import { readIfAny, readWhole } from './number';

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
  /** Teeth of every cog, smallest first: "11, 12, 14"; empty: not said. */
  cogs: string;
  /** mm; empty: not measured. */
  chainstay: string;
  chainline: string;
}

/** A bike's specs as form text. */
export const bikeDraft = (name: string, specs: BikeSpecs): BikeDraft => ({
  ...specs,
  name,
  rings: specs.rings.join(', '),
  smallestCog: String(specs.smallestCog),
  largestCog: String(specs.largestCog),
  speeds: String(specs.speeds),
  cogs: specs.cogs?.join(', ') ?? '',
  chainstay: String(specs.chainstayMm ?? ''),
  chainline: String(specs.chainlineMm ?? ''),
});

export type BikeField =
  'name' | 'rings' | 'smallestCog' | 'largestCog' | 'speeds' | 'cogs' | 'chainstay' | 'chainline';
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
  const cogs = check.take('cogs', readCogs(draft.cogs, speeds ?? null));
  const chainstayMm = check.take('chainstay', readIfAny(draft.chainstay, 300, 700));
  const chainlineMm = check.take('chainline', readIfAny(draft.chainline, 30, 70));
  if (
    !check.clean ||
    name === undefined ||
    rings === undefined ||
    smallestCog === undefined ||
    largestCog === undefined ||
    speeds === undefined ||
    cogs === undefined ||
    chainstayMm === undefined ||
    chainlineMm === undefined
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
      cogs,
      chainstayMm,
      chainlineMm,
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

const teethIn = (text: string): number[] =>
  text
    .split(/[\s,;/]+/)
    .filter((part) => part !== '')
    .map(Number);

/** The teeth of every cog, as many as there are speeds; null of an empty field. */
function readCogs(text: string, speeds: number | null): Result<number[] | null> {
  const teeth = teethIn(text);
  if (teeth.length === 0) return ok(null);
  const possible = teeth.every((t) => Number.isInteger(t) && t >= 9 && t <= 60);
  if (!possible || (speeds !== null && teeth.length !== speeds))
    return fail('cogs/not-all', { speeds: speeds ?? teeth.length });
  return ok(teeth.sort((a, b) => a - b));
}

function readRings(text: string): Result<number[]> {
  const teeth = teethIn(text);
  const possible = teeth.every((t) => Number.isInteger(t) && t >= 20 && t <= 70);
  if (teeth.length < 1 || teeth.length > 3 || !possible) return fail('rings/impossible');
  return ok(teeth.sort((a, b) => b - a));
}
