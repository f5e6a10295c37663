import { generateDays } from '../climate/generator';
import { regionAt } from '../climate/climates';
import type { PathPoint } from '../records/event';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import { cellName, cellOf, placeOfCell, type Cell } from '../weather/cells';
import { dayOf } from '../weather/hours';
import { WARM_UP_DAYS } from '../weather/record';
import { ISLAND_SEED, type DiaryRide, type Draft } from './diary';

/** The days of weather the rides need, as the weather service reports them. */
export function weatherOf(
  rides: readonly DiaryRide[],
  paths: ReadonlyMap<string, PathPoint[]>,
  now: number,
) {
  const needed = new Map<Cell, Set<number>>();
  for (const { id, startedAt } of rides) {
    const day = dayOf(startedAt);
    for (const [lat, lon] of paths.get(id) ?? []) {
      const cell = cellOf(lat, lon);
      const days = needed.get(cell) ?? new Set();
      needed.set(cell, days);
      for (let d = day - WARM_UP_DAYS; d <= day + 1; d++) days.add(d);
    }
  }
  return [...needed].flatMap(([cell, days]) => {
    const { lat, lon } = placeOfCell(cell);
    const list = [...days].sort((a, b) => a - b);
    const [first = 0] = list;
    const generated = generateDays(ISLAND_SEED, regionAt(lat, lon), first, list.at(-1) ?? first);
    return generated
      .filter(({ day }) => days.has(day) && day * MS_PER_DAY < now)
      .map(({ day, hours }) => {
        const known = hours.map((h, n) => (day * MS_PER_DAY + n * MS_PER_HOUR < now ? h : null));
        const event: Draft = {
          type: 'weatherSeen',
          source: 'service',
          cell: cellName(cell),
          rainMm: known.map((h) => h && h.rainMm),
          temperatureC: known.map((h) => h && h.temperatureC),
          humidity: known.map((h) => h && h.humidity),
          windMs: known.map((h) => h && h.windMs),
          sunMj: known.map((h) => h?.sunMj ?? null),
        };
        return { day, event };
      });
  });
}
