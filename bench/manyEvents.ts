import { demoLogbook } from '@/core/demo/scenario';
import { writeBackup } from '@/core/formats/backup';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import type { LogEvent } from '@/core/records/event';
import { MS_PER_DAY } from '@/core/units/convert';

const NOW = Date.parse('2026-11-24T10:00:00Z');
/** The demo is so many days long. */
const DEMO_DAYS = 243;

/**
 * A backup of a long logbook: the demo's rides and work, again and again backwards in time, without their
 * weather, until there are so many events, or so many of one type.
 */
export function manyEvents(many: number, type?: LogEvent['type']): string {
  const demo = demoLogbook(NOW, 'Europe/London');
  const base = allEvents(demo.log).filter((e) => e.type !== 'weatherSeen');
  const events: LogEvent[] = [];
  let counted = 0;
  for (let round = 0; counted < many; round++)
    for (const event of base) {
      if (counted === many) break;
      if (type === undefined || event.type === type) counted += 1;
      const at = new Date(Date.parse(event.at) - round * DEMO_DAYS * MS_PER_DAY).toISOString();
      events.push({ ...event, id: `${event.id}-${round}`, at, recordedAt: at } as LogEvent);
    }
  const settings = { ...demo.settings, weatherSource: 'none' as const };
  const logbook = { ...demo, settings, log: addEvents({}, events) };
  return writeBackup(logbook, new Date(NOW).toISOString());
}
