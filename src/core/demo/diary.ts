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
  const ride = ({
    hour,
    bikeId,
    km,
    kmPerH,
    hills,
    routes,
    surface = 'paved',
    muddy = false,
  }: Outing) => {
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
    ride({
      hour: 7.2,
      bikeId: COMMUTER,
      km: 17 + length * 5,
      kmPerH: 20,
      hills: 25,
      routes: ROUTES.commute,
    });
  if (weekday === 6 && go < 0.85)
    ride({
      hour: 9,
      bikeId: GRAVEL,
      km: 38 + length * 34,
      kmPerH: 19,
      hills: 60,
      routes: ROUTES.gravel,
      surface: ground < 0.7 ? 'gravel' : 'trail',
      muddy: wet && mud < 0.25,
    });
  if (weekday === 0 && rainMm < 12)
    ride({
      hour: 8.4,
      bikeId: RACER,
      km: 62 + length * 48,
      kmPerH: 27,
      hills: 90,
      routes: ROUTES.race.slice(0, 2),
    });
  if (weekday === 3 && !wet && second < 0.7)
    ride({
      hour: 17.4,
      bikeId: RACER,
      km: 34 + length * 14,
      kmPerH: 28,
      hills: 70,
      routes: ROUTES.race.slice(2),
    });
  return rides;
}
