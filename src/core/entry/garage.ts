import type { Bike, BikeSpecs, Chain, Garage } from '../garage';
import { covers, type ChainStart, type Fitting } from '../logbook';
import { fail, ok, type Result } from '../problem';
import { fromShownDistance, type UnitSystem } from '../units';
import { FormCheck, readMoment, readName, type FormResult } from './form';
import { readNumber, readWhole } from './number';

/** A bike as it stands in the form. */
export interface BikeDraft extends Pick<
  Bike,
  'gear' | 'drive' | 'brake' | 'mudguards' | 'ebike' | 'storage' | 'wheel' | 'narrowWide' | 'frame'
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

const others = (
  records: Record<string, { id: string; name: string; retired: boolean }>,
  id: string,
) =>
  Object.values(records)
    .filter((r) => r.id !== id && !r.retired)
    .map((r) => r.name);

/** Reads the form of a bike. `id` is its own, so that it may keep its name. */
export function readBike(
  draft: BikeDraft,
  garage: Garage,
  id: string,
): FormResult<BikeFields, BikeField> {
  const check = new FormCheck<BikeField>();
  const name = check.take('name', readName(draft.name, others(garage.bikes, id)));
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
  const { gear, drive, brake, mudguards, ebike, storage, wheel, narrowWide, frame } = draft;
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

/** A chain as it stands in the form. */
export interface ChainDraft extends Pick<Chain, 'closure' | 'directional'> {
  name: string;
  links: string;
  speeds: string;
}

export type ChainField = 'name' | 'links' | 'speeds';
export type ChainFields = Omit<Chain, 'id' | 'retired' | 'changedAt'>;

/** Reads the form of a chain. */
export function readChain(
  draft: ChainDraft,
  garage: Garage,
  id: string,
): FormResult<ChainFields, ChainField> {
  const check = new FormCheck<ChainField>();
  const name = check.take('name', readName(draft.name, others(garage.chains, id)));
  const links = check.take('links', readWhole(draft.links, 40, 250, 'links/impossible'));
  const speeds = check.take('speeds', readWhole(draft.speeds, 1, 14, 'speeds/impossible'));
  if (name === undefined || links === undefined || speeds === undefined)
    return { ok: false, problems: check.problems };
  const { closure, directional } = draft;
  return { ok: true, value: { name, links, speeds, closure, directional } };
}

/** What is known of a chain when it first goes on, as it stands in the form. */
export interface StartDraft extends Pick<ChainStart, 'lube' | 'look'> {
  /** In the rider's units; empty reads as zero. */
  sinceLube: string;
  before: string;
  wearPercent: string;
}

export type StartField = 'sinceLube' | 'before' | 'wearPercent';

/** Reads how a chain starts out. */
export function readStart(
  draft: StartDraft,
  units: UnitSystem,
): FormResult<ChainStart, StartField> {
  const check = new FormCheck<StartField>();
  const kilometres = (text: string, most: number): Result<number> => {
    const number = text.trim() === '' ? ok(0) : readNumber(text);
    if (!number.ok) return number;
    const km = fromShownDistance(number.value, units);
    return km >= 0 && km <= most ? ok(km) : fail('kilometres/impossible');
  };
  const kmSinceLube = check.take('sinceLube', kilometres(draft.sinceLube, 5000));
  const kmBefore = check.take('before', kilometres(draft.before, 100_000));
  const wearPercent = check.take('wearPercent', readWear(draft.wearPercent));
  if (kmSinceLube === undefined || kmBefore === undefined || wearPercent === undefined)
    return { ok: false, problems: check.problems };
  const { lube, look } = draft;
  return {
    ok: true,
    value: { lube, look, kmSinceLube, kmBefore: Math.max(kmBefore, kmSinceLube), wearPercent },
  };
}

/** A wear reading in %, or null for none. */
export function readWear(text: string): Result<number | null> {
  if (text.trim() === '') return ok(null);
  const number = readNumber(text);
  if (!number.ok) return number;
  return number.value >= 0 && number.value <= 3 ? number : fail('wear/impossible');
}

/** Whether a chain may go on a bike at a moment: neither may be taken then. */
export function checkFit(
  fit: { chainId: string; bikeId: string; at: string | null },
  context: { garage: Garage; fittings: readonly Fitting[]; now: number },
): Result<string> {
  const moment = readMoment(fit.at, context.now);
  if (!moment.ok) return moment;
  const at = moment.value;
  const { bikes, chains } = context.garage;
  const spells = context.fittings.filter((f) => covers(f, at));
  const elsewhere = spells.find((f) => f.chainId === fit.chainId);
  if (elsewhere)
    return fail('chain/on-another-bike', { detail: bikes[elsewhere.bikeId]?.name ?? 'a bike' });
  const inTheWay = spells.find((f) => f.bikeId === fit.bikeId);
  if (inTheWay)
    return fail('chain/bike-has-one', { detail: chains[inTheWay.chainId]?.name ?? 'A chain' });
  return ok(at);
}
