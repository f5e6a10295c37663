import { generateDays, type GeneratedDay } from '../climate/generator';
import { Chance } from '../chance/chance';
import type { LogEvent } from '../records/event';
import type { Surface } from '../records/kinds';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import { COMMUTER, GRAVEL, HOME, RACER, ROUTES } from './island';
import type { Loop } from './route';

/** An event of the demo before it has an id and a moment. */
export type Draft<T = LogEvent> = T extends LogEvent
  ? Omit<T, 'id' | 'at' | 'zone' | 'recordedAt'>
  : never;

/** The seed of the island: its weather, and what its rider does. */
export const ISLAND_SEED = 1866;

/** A ride of the island's rider as it happened, whoever writes it down. */
export interface DiaryRide {
  id: string;
  startedAt: number;
  bikeId: string;
  /** The loop ridden: its `km` is the distance. */
  loop: Loop;
  hours: number;
  surface: Surface;
  mud: boolean;
  name: string;
}

/** Weather of the island as its rider wakes up to it; also what the weather stand-in tells. */
export const islandDays = (from: number, to: number): GeneratedDay[] =>
  generateDays(ISLAND_SEED, 'lee shore', from, to);

/**
 * What the island's rider rode on the days from..to (days since 1970), oldest first. Any day is the same
 * whichever days are asked for: commuting on weekdays, gravel on Saturdays, the racer on Sundays and
 * dry Wednesday evenings.
 */
export function diaryRides(from: number, to: number): DiaryRide[] {
  return islandDays(from, to).flatMap((day) => ridesOfDay(day));
}

/** A kind of outing: when, on what, how far and fast. */
interface Outing {
  hour: number;
  bikeId: string;
  km: number;
  kmPerH: number;
  hills: number;
  routes: readonly string[];
  surface?: Surface;
  muddy?: boolean;
}

const DRAWS = ['go', 'length', 'where', 'way', 'late', 'second', 'mud', 'ground', 'pace'] as const;
type Draws = Record<(typeof DRAWS)[number], number>;

/** What the rider goes for on a day; at most one outing is for a weekday. */
function outingsOf({ day, wet, rainMm }: GeneratedDay, draws: Draws): Outing[] {
  const { go, length, second, mud, ground } = draws;
  const weekday = new Date(day * MS_PER_DAY).getUTCDay();
  const commute = { hour: 7.2, bikeId: COMMUTER, km: 17 + length * 5, kmPerH: 20, hills: 25 };
  const tour = { hour: 9, bikeId: GRAVEL, km: 38 + length * 34, kmPerH: 19, hills: 60 };
  const long = { hour: 8.4, bikeId: RACER, km: 62 + length * 48, kmPerH: 27, hills: 90 };
  const evening = { hour: 17.4, bikeId: RACER, km: 34 + length * 14, kmPerH: 28, hills: 70 };
  const outings: Outing[] = [];
  if (weekday >= 1 && weekday <= 5 && go < 0.78)
    outings.push({ ...commute, routes: ROUTES.commute });
  if (weekday === 6 && go < 0.85)
    outings.push({
      ...tour,
      routes: ROUTES.gravel,
      surface: ground < 0.7 ? 'gravel' : 'trail',
      muddy: wet && mud < 0.25,
    });
  if (weekday === 0 && rainMm < 12) outings.push({ ...long, routes: ROUTES.race.slice(0, 2) });
  if (weekday === 3 && !wet && second < 0.7)
    outings.push({ ...evening, routes: ROUTES.race.slice(2) });
  return outings;
}

function ridesOfDay(generated: GeneratedDay): DiaryRide[] {
  const { day } = generated;
  const chance = new Chance(ISLAND_SEED, day, 9);
  const draws = Object.fromEntries(DRAWS.map((name) => [name, chance.uniform()])) as Draws;
  return outingsOf(generated, draws).map((outing, n) => {
    const { hour, bikeId, km, kmPerH, hills, routes, surface = 'paved', muddy = false } = outing;
    const minutes = Math.round((hour + draws.late / 3) * 60);
    const distance = Math.round(km * 10) / 10;
    const pace = kmPerH * (0.92 + 0.16 * draws.pace);
    return {
      id: `${day}-${n + 1}`,
      startedAt: day * MS_PER_DAY + minutes * (MS_PER_HOUR / 60),
      bikeId,
      loop: { home: HOME, bearing: draws.way * 360, km: distance, hills },
      hours: Math.round((distance / pace) * 60) / 60,
      surface,
      mud: muddy,
      name: routes[Math.floor(draws.where * routes.length)] ?? '',
    };
  });
}
