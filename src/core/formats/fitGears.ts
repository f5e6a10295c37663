import { moment, number, text } from './fitValues';

/** A change of gear: the teeth of ring and cog it was to. */
export interface FitGearEvent {
  timestamp?: unknown;
  event?: unknown;
  front_gear?: unknown;
  rear_gear?: unknown;
}

/** Minutes ridden on a ring and a cog, by their teeth. */
export type GearTime = [ring: number, cog: number, minutes: number];

/** Teeth rings and cogs can have: an electric group that says else has not been told. */
const RING = [18, 70] as const;
const COG = [9, 60] as const;
const isTeeth = (n: number | null, [low, high]: readonly [number, number]): n is number =>
  n !== null && n >= low && n <= high;

/**
 * Time on each ring and cog of a session that lasted from one moment to another, ms, without its pauses. Before the first
 * change nobody knows the gear.
 */
export function gearsOf(
  events: readonly FitGearEvent[],
  span: readonly [number, number],
  pauses: readonly (readonly [number, number])[],
): GearTime[] {
  const changes = events.flatMap((event) => {
    const at = moment(event.timestamp);
    const [ring, cog] = [number(event.front_gear), number(event.rear_gear)];
    return /gear_change/.test(text(event.event)) &&
      at !== null &&
      isTeeth(ring, RING) &&
      isTeeth(cog, COG)
      ? [{ at, ring, cog }]
      : [];
  });
  const times = new Map<string, GearTime>();
  changes.forEach(({ at, ring, cog }, n) => {
    const from = Math.max(at, span[0]);
    const to = Math.min(changes[n + 1]?.at ?? span[1], span[1]);
    if (to <= from) return;
    const still = pauses.reduce(
      (sum, [a, b]) => sum + Math.max(0, Math.min(b, to) - Math.max(a, from)),
      0,
    );
    const key = `${ring} ${cog}`;
    const time = times.get(key) ?? [ring, cog, 0];
    time[2] += (to - from - still) / 60_000;
    times.set(key, time);
  });
  return [...times.values()].map(([ring, cog, minutes]) => [
    ring,
    cog,
    Math.round(minutes * 10) / 10,
  ]);
}
