import type { ReplayStep } from '../care/replay/step';
import type { Bike } from '../records/garage';
import type { RideLogged } from '../records/event';
import { COG_SPACING_MM, USUAL_CHAINLINE_MM, USUAL_CHAINSTAY_MM, WATTS } from './constants';

/** A ring and a cog, and what the chain between them loses by running crossed. */
export interface Gear {
  ring: number;
  cog: number;
  /** Degrees; above zero: the cog lies further out than the ring. */
  angle: number;
  /** W at 250 W. */
  watts: number;
  /** Crossed enough to leave alone where another gear does as well. */
  crossed: boolean;
}

/** The gears of a bike, and which of its measures are assumed. */
export interface GearMap {
  /** Rings from the largest, cogs from the smallest: as the bike has them, from outside in. */
  rings: number[];
  cogs: number[];
  gears: Gear[][];
  assumed: ('cogs' | 'chainstay' | 'chainline')[];
}

/** Degrees between the line of a chain and the frame's middle: atan(offset / chainstay). */
export const crossingAngle = (offsetMm: number, chainstayMm: number): number =>
  (Math.atan(offsetMm / chainstayMm) * 180) / Math.PI;

/** What a crossed chain loses, W at 250 W: by the square of its angle. */
export const crossingWatts = (angle: number): number =>
  WATTS.crossingW.value * (angle / WATTS.crossingAt.value) ** 2;

/** Cogs from smallest to largest in even steps of ratio, where only the ends are known. */
function evenCogs({ smallestCog, largestCog, speeds }: Bike): number[] {
  if (speeds <= 1) return [smallestCog];
  const step = (largestCog / smallestCog) ** (1 / (speeds - 1));
  return Array.from({ length: speeds }, (_, n) => Math.round(smallestCog * step ** n));
}

/**
 * Every gear of a bike with its angle and loss, from chainline, chainstay and the spacing of cogs and rings. Null of a bike
 * whose chain always runs in one line.
 */
export function gearMap(bike: Bike): GearMap | null {
  if (bike.gear !== 'derailleur') return null;
  const rings = [...bike.rings].sort((a, b) => b - a);
  const cogs = bike.cogs ?? evenCogs(bike);
  const stay = bike.chainstayMm ?? USUAL_CHAINSTAY_MM;
  const line =
    bike.chainlineMm ?? (rings.length > 1 ? USUAL_CHAINLINE_MM.more : USUAL_CHAINLINE_MM.one);
  const spacing = COG_SPACING_MM[bike.speeds] ?? 5.5;
  /** How far out the n-th of so many lies, mm from the frame's middle. */
  const outward = (n: number, count: number, middle: number, apart: number) =>
    middle + ((count - 1) / 2 - n) * apart;
  const gears = rings.map((ring, r) =>
    cogs.map((cog, c): Gear => {
      const atRing = outward(r, rings.length, line, WATTS.ringSpacingMm.value);
      const atCog = outward(c, cogs.length, WATTS.cassetteMiddleMm.value, spacing);
      const angle = crossingAngle(atCog - atRing, stay);
      return {
        ring,
        cog,
        angle,
        watts: crossingWatts(angle),
        crossed: Math.abs(angle) > WATTS.crossingAt.value,
      };
    }),
  );
  const assumed = [
    ...(bike.cogs ? [] : (['cogs'] as const)),
    ...(bike.chainstayMm === null ? (['chainstay'] as const) : []),
    ...(bike.chainlineMm === null ? (['chainline'] as const) : []),
  ];
  return { rings, cogs, gears, assumed };
}

/** How long was ridden in each gear, as rides recorded it. */
export interface GearTime {
  /** Minutes in all, and by "ring/cog" of the map. */
  minutes: number;
  byGear: Map<string, number>;
  /** Minutes in crossed gears. */
  crossed: number;
  /** Mean loss by crossing, W at 250 W; and what of it is lost in crossed gears, which a rider can stay off. */
  watts: number;
  avoidable: number;
}

export const gearKey = (ring: number, cog: number): string => `${ring}/${cog}`;

/** The gear of a map that is nearest to a recorded ring and cog: recorders count teeth that even steps only come near to. */
function nearest({ gears }: GearMap, ring: number, cog: number): Gear | null {
  let best: Gear | null = null;
  let least = Infinity;
  for (const gear of gears.flat()) {
    const off = Math.abs(gear.ring - ring) * 10 + Math.abs(gear.cog - cog);
    if (off < least) [best, least] = [gear, off];
  }
  return best;
}

/** Time by gear over these rides; null where none recorded its gears. */
export function gearTime(map: GearMap, rides: readonly RideLogged[]): GearTime | null {
  const byGear = new Map<string, number>();
  let [minutes, crossed, watts, avoidable] = [0, 0, 0, 0];
  for (const { gears } of rides)
    for (const [ring, cog, min] of gears ?? []) {
      const gear = nearest(map, ring, cog);
      if (!gear) continue;
      const key = gearKey(gear.ring, gear.cog);
      byGear.set(key, (byGear.get(key) ?? 0) + min);
      minutes += min;
      watts += gear.watts * min;
      if (!gear.crossed) continue;
      crossed += min;
      avoidable += gear.watts * min;
    }
  return minutes > 0
    ? { minutes, byGear, crossed, watts: watts / minutes, avoidable: avoidable / minutes }
    : null;
}

/** Mean loss where nobody recorded gears: the middle half of the cogs on each ring, as most riding is. Own estimate. */
export function usualCrossing({ gears }: GearMap): number {
  const middle = gears.flatMap((row) => {
    const quarter = Math.floor(row.length / 4);
    return row.slice(quarter, row.length - quarter);
  });
  return middle.reduce((sum, g) => sum + g.watts, 0) / Math.max(1, middle.length);
}

/** What a bike's chain runs at an angle costs, as its rides recorded its gears, else as usual, W at 250 W. A hub gear or a single speed runs straight. */
export interface Crossing {
  map: GearMap | null;
  time: GearTime | null;
  watts: number;
}

export function crossingOf(bike: Bike, steps: readonly ReplayStep[]): Crossing {
  const map = gearMap(bike);
  const rides = steps.flatMap(({ event }): RideLogged[] =>
    event.type === 'rideLogged' && event.bikeId === bike.id ? [event] : [],
  );
  const time = map && gearTime(map, rides);
  return { map, time, watts: map ? (time?.watts ?? usualCrossing(map)) : 0 };
}
