import type { LogEvent, WeatherSeen } from '../records/event';

/** What one report of the weather is about: of two of the same, the later counts. */
export const weatherKey = ({ cell, at }: WeatherSeen): string => `${cell} ${at}`;

/** Whether `a` was written down before `b`. */
export const isOlderReport = (a: WeatherSeen, b: WeatherSeen): boolean =>
  a.recordedAt === b.recordedAt ? a.id < b.id : a.recordedAt < b.recordedAt;

/** The days of weather that count, whose hours came from a file. */
export function weatherFromFiles(events: readonly LogEvent[]): WeatherSeen[] {
  const counting = new Map<string, WeatherSeen>();
  for (const event of events) {
    if (event.type !== 'weatherSeen') continue;
    const other = counting.get(weatherKey(event));
    if (!other || isOlderReport(other, event)) counting.set(weatherKey(event), event);
  }
  return [...counting.values()].filter(
    (e) => e.source === 'file' && e.rainMm.some((mm) => mm !== null),
  );
}
