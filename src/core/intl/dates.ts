import { whenUsed } from './numbers';

/** A day of 24 hours, or of twice 12. */
export type Clock = '24' | '12';

/**
 * A format of dates in the language of the app, which is English, whatever the browser's: a German month in an English
 * sentence is neither. Months are words, so that day before month is not misread.
 */
export const dateFormat = (options: Intl.DateTimeFormatOptions) =>
  whenUsed(() => new Intl.DateTimeFormat('en-GB', options));

/** A format of moments that have an hour: "18:30" or "6:30 pm", as the rider reads clocks. */
export function clockFormat(
  options: Intl.DateTimeFormatOptions,
): (moment: number | Date, clock: Clock) => string {
  const made = new Map<Clock, ReturnType<typeof dateFormat>>();
  return (moment, clock) => {
    let format = made.get(clock);
    if (!format) {
      const hour = options.hour && (clock === '12' ? 'numeric' : '2-digit');
      const cycle = clock === '12' ? 'h12' : 'h23';
      made.set(
        clock,
        (format = dateFormat({ ...options, ...(hour ? { hour } : {}), hourCycle: cycle })),
      );
    }
    return format.format(moment);
  };
}

/** "18:30", "6:30 pm". */
export const timeOfDay = clockFormat({ hour: '2-digit', minute: '2-digit' });

/** "24 Nov 2026, 18:30". */
export const dayAndTime = clockFormat({
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

const time = clockFormat({ hour: '2-digit', minute: '2-digit', timeZone: 'UTC' });

/** A time of day, `18:30` as it is stored, as the rider reads clocks: "18:30", "6:30 pm". */
export const timeText = (hhmm: string, clock: Clock): string =>
  clock === '24' ? hhmm : time(Date.parse(`1970-01-01T${hhmm}:00Z`), clock);

const momentIn = new Map<string, ReturnType<typeof clockFormat>>();

/** The time of day of a moment (ms) in a zone, as the rider reads clocks. */
export function timeIn(ms: number, zone: string, clock: Clock): string {
  let format = momentIn.get(zone);
  if (!format)
    momentIn.set(
      zone,
      (format = clockFormat({ hour: '2-digit', minute: '2-digit', timeZone: zone })),
    );
  return format(ms, clock);
}
