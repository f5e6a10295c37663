import { CARE } from '../care/model/constants';
import type { ReplayStep } from '../care/replay/step';
import { wearLimitPercent } from '../chain/geometry';
import type { Bike, Garage, Part } from '../records/garage';
import type { PartKind } from '../records/kinds';
import type { PartStart } from '../records/event';
import { normalQuantile, normalShare } from '../learn/belief';

/**
 * So many chains, each changed in time, wear a part out, with a log-normal spread. A cassette: three, two to four
 * (common practice; eight in ten of them). Rings outlive two cassettes, jockey wheels about one and a half (own
 * estimates, wide).
 */
export const CHAINS_A_LIFE: Record<PartKind, { chains: number; sigma: number }> = {
  cassette: { chains: 3, sigma: 0.27 },
  ring: { chains: 6, sigma: 0.5 },
  'jockey wheels': { chains: 5, sigma: 0.5 },
};

/** What has become of a part. */
export interface PartStory {
  part: Part;
  /** The bike it is on; null: in the spare box, or gone. */
  bikeId: string | null;
  /** The bike it is or was on last. */
  lastBikeId: string | null;
  fittedAt: number | null;
  km: number;
  /** Chains that ran on it, those before the log included as far as they are known. */
  chains: number;
  /** The most worn chain that ran on it, %. */
  worstChain: number;
  /** Wear: 1 is a usual life. */
  share: number;
}

/** The wear, %, at which a chain has used up a new cassette: past 1 % (common practice); of hub gears and singles later (own estimate). */
export const usesUpAt = (limit: number): number => (limit < 1 ? 1 : 1.5);

/** From here on a chain wears its cogs faster, in proportion to each further quarter of a percent. */
const FASTER_FROM = 0.5;
const FASTER_BY = 0.25;

/** Percents, those beyond 0.5 counted by how much faster they wear: straight and growing part of a chain to `e`. */
const growing = (e: number): number => Math.max(0, e - FASTER_FROM) ** 2 / (2 * FASTER_BY);

/** The share a percent takes of a chain that is little worn, and how much faster it goes with each step beyond 0.5 %. */
interface Pace {
  aPercent: number;
  faster: number;
}

/** By wear limit: there are three of them, and rides by the thousand. */
const paces = new Map<number, Pace>();

/**
 * From two facts: a chain changed at its limit takes 1, one ridden on till it has used up a cassette 3 such shares (common
 * practice).
 */
function paceOf(limit: number): Pace {
  const known = paces.get(limit);
  if (known) return known;
  const end = usesUpAt(limit);
  const faster = (3 * limit - end) / (growing(end) - 3 * growing(limit));
  const pace = { aPercent: 1 / (limit + faster * growing(limit)), faster };
  paces.set(limit, pace);
  return pace;
}

/** How many chains' worth of a part's life a chain takes while it wears from `from` on by `by` %: see `paceOf`. */
export function chainsTaken(from: number, by: number, limit: number): number {
  const { aPercent, faster } = paceOf(limit);
  const over = Math.max(0, from + by / 2 - FASTER_FROM) / FASTER_BY;
  return by * aPercent * (1 + faster * over);
}

/** The share of a part's usual life, of so many chains, that a chain takes: see `chainsTaken`. */
export const partWear = (from: number, by: number, limit: number, chains: number): number =>
  chainsTaken(from, by, limit) / chains;

const limitOn = (bike: Bike | undefined): number =>
  bike ? wearLimitPercent(bike.speeds, bike.gear) : wearLimitPercent(11, 'derailleur');

/** The share of its life a part had behind it when the log met it. */
function shareBefore(start: PartStart, kind: PartKind, limit: number): number {
  const { chains } = CHAINS_A_LIFE[kind];
  if (start.chainsBefore !== null) return start.chainsBefore / chains;
  return (start.kmBefore * CARE.averageWearPerKm.value) / (chains * limit);
}

/** A part in the making, with the chains the log saw on it. */
interface Running extends PartStory {
  before: number;
  seen: Set<string>;
}

const begun = (part: Part): Running => ({
  part,
  bikeId: null,
  lastBikeId: null,
  fittedAt: null,
  km: 0,
  chains: 0,
  worstChain: 0,
  share: 0,
  before: 0,
  seen: new Set(),
});

/** Of a bike's rings there may be several; of cassette and jockey wheels one, so that a new one takes the old one's place. */
const takesPlaceOf = (a: Part, b: Part): boolean => a.kind === b.kind && a.kind !== 'ring';

function fit(running: Map<string, Running>, step: ReplayStep, bike: Bike | undefined): void {
  const { event } = step;
  if (event.type !== 'partFitted') return;
  const of = running.get(event.partId);
  if (!of) return;
  for (const other of running.values())
    if (other.bikeId === event.bikeId && takesPlaceOf(other.part, of.part)) other.bikeId = null;
  of.bikeId = event.bikeId;
  of.lastBikeId = event.bikeId;
  of.fittedAt = Date.parse(event.at);
  if (!event.start || of.km > 0) return;
  of.km = event.start.kmBefore;
  of.before = event.start.chainsBefore ?? 0;
  of.share = shareBefore(event.start, of.part.kind, limitOn(bike));
}

function ride(of: Running, { event, chainId, from, after, bike }: ReplayStep): void {
  if (event.type !== 'rideLogged') return;
  of.km += event.distanceKm;
  if (!chainId || !from || !after) return;
  of.seen.add(chainId);
  of.worstChain = Math.max(of.worstChain, after.wear);
  const { chains } = CHAINS_A_LIFE[of.part.kind];
  of.share += partWear(from.wear, after.wear - from.wear, limitOn(bike), chains);
}

/** Every part with what the log made of it. */
export function partStories(
  steps: readonly ReplayStep[],
  parts: Readonly<Record<string, Part>>,
): PartStory[] {
  const running = new Map(Object.values(parts).map((part) => [part.id, begun(part)]));
  if (running.size === 0) return [];
  for (const step of steps) {
    const { event } = step;
    if (event.type === 'partFitted') fit(running, step, step.bike);
    else if (event.type === 'partRemoved') {
      const of = running.get(event.partId);
      if (of) of.bikeId = null;
    } else if (event.type === 'rideLogged')
      for (const of of running.values()) if (of.bikeId === event.bikeId) ride(of, step);
  }
  return [...running.values()].map(({ before, seen, ...story }) => ({
    ...story,
    bikeId: story.part.retired ? null : story.bikeId,
    chains: before + seen.size,
  }));
}

/** Whether a part goes on a bike: its cogs and teeth are made for the speeds of the bike it was on. */
export const goesOn = ({ lastBikeId }: PartStory, bike: Bike, bikes: Garage['bikes']): boolean =>
  lastBikeId === null || bikes[lastBikeId]?.speeds === bike.speeds;

/** Km of late that the rate of a part is taken from, and as how many the average of all riders counts. As for chains. */
const LOOK_BACK_KM = 1500;
const AVERAGE_COUNTS_KM = 300;

/** Share of its life a part loses a km, from the rides of late on its bike. */
export function partRate(steps: readonly ReplayStep[], bike: Bike, kind: PartKind): number {
  const limit = limitOn(bike);
  const { chains } = CHAINS_A_LIFE[kind];
  let km = 0;
  let share = 0;
  for (let n = steps.length - 1; n >= 0 && km < LOOK_BACK_KM; n--) {
    const { event, from, after } = steps[n]!;
    if (event.type !== 'rideLogged' || event.bikeId !== bike.id || !from || !after) continue;
    km += event.distanceKm;
    share += partWear(from.wear, after.wear - from.wear, limit, chains);
  }
  const average = CARE.averageWearPerKm.value / (chains * limit);
  return (share + AVERAGE_COUNTS_KM * average) / (km + AVERAGE_COUNTS_KM);
}

/** Km a part is still good for: the middle, and the band half of such parts fall in. All that have lasted so far count. */
export interface PartLeft {
  mid: number;
  half: [number, number];
}

export function partLeft({ part, share }: PartStory, perKm: number): PartLeft {
  const { sigma } = CHAINS_A_LIFE[part.kind];
  // Share of such parts that are worn out by now: this one is of the others.
  const gone = share > 0 ? normalShare(Math.log(share) / sigma) : 0;
  const at = (p: number): number => {
    const life = Math.exp(sigma * normalQuantile(Math.min(LAST, gone + p * (1 - gone))));
    return Math.max(0, life - share) / perKm;
  };
  return { mid: at(0.5), half: [at(0.25), at(0.75)] };
}
/** Beyond this share of parts nobody has figures. */
const LAST = 0.9999;
