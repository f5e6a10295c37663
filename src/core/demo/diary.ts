import { generateDays, type GeneratedDay } from '../climate';
import { Chance } from '../chance';
import type { LogEvent, Surface } from '../logbook';
import { MS_PER_DAY, MS_PER_HOUR } from '../units';
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

function ridesOfDay({ day, wet, rainMm }: GeneratedDay): DiaryRide[] {
  const chance = new Chance(ISLAND_SEED, day, 9);
  const draws = Array.from({ length: 9 }, () => chance.uniform());
  const [
    go = 0,
    length = 0,
    where = 0,
    way = 0,
    late = 0,
    second = 0,
    mud = 0,
    ground = 0,
    pace = 0,
  ] = draws;
  const weekday = new Date(day * MS_PER_DAY).getUTCDay();
  const rides: DiaryRide[] = [];
  const ride = (
    hour: number,
    bikeId: string,
    km: number,
    kmPerH: number,
    hills: number,
    routes: readonly string[],
    surface: Surface = 'paved',
    muddy = false,
  ) => {
    const startedAt = day * MS_PER_DAY + Math.round((hour + late / 3) * 60) * (MS_PER_HOUR / 60);
    const distance = Math.round(km * 10) / 10;
    rides.push({
      id: `${day}-${rides.length + 1}`,
      startedAt,
      bikeId,
      loop: { home: HOME, bearing: way * 360, km: distance, hills },
      hours: Math.round((distance / (kmPerH * (0.92 + 0.16 * pace))) * 60) / 60,
      surface,
      mud: muddy,
      name: routes[Math.floor(where * routes.length)] ?? '',
    });
  };
  if (weekday >= 1 && weekday <= 5 && go < 0.78)
    ride(7.2, COMMUTER, 17 + length * 5, 20, 25, ROUTES.commute);
  if (weekday === 6 && go < 0.85)
    ride(
      9,
      GRAVEL,
      38 + length * 34,
      19,
      60,
      ROUTES.gravel,
      ground < 0.7 ? 'gravel' : 'trail',
      wet && mud < 0.25,
    );
  if (weekday === 0 && rainMm < 12)
    ride(8.4, RACER, 62 + length * 48, 27, 90, ROUTES.race.slice(0, 2));
  if (weekday === 3 && !wet && second < 0.7)
    ride(17.4, RACER, 34 + length * 14, 28, 70, ROUTES.race.slice(2));
  return rides;
}
