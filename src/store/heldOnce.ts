import type { LogEvent, WeatherSeen } from '@/core/records/event';

type Column = (number | null)[];

/** So many numbers are remembered, each at its place by value. */
const PLACES = 1 << 16;
const HOURS = 24;
const COLUMNS = ['rainMm', 'temperatureC', 'humidity', 'windMs', 'sunMj'] as const;
const MOMENTS = ['at', 'recordedAt'] as const;
/** A list made of these points to its numbers; one of numbers only would hold them itself, 8 bytes each where a pointer takes 4. */
const POINTERS: Column = Array.from({ length: HOURS }, () => null);

/**
 * Holds once what a log says thousands of times, for it is read anew at each opening and each text and number of it would be an
 * object of its own: twenty years of hourly weather take half the memory so. The events say the same, to the last sign.
 */
export class HeldOnce {
  private readonly texts = new Map<string, string>();
  private readonly numbers: Column = new Array<number | null>(PLACES).fill(null);
  private readonly last = { at: '', recordedAt: '' };
  private dryDay: Column | null = null;

  /** Takes an event just read, which nobody else holds yet, and returns it. */
  event(event: LogEvent): LogEvent {
    const common: { type: string; zone: string; at: string; recordedAt: string } = event;
    common.type = this.text(common.type);
    common.zone = this.text(common.zone);
    // Weather is written down by the day, for many squares at once: its events stand side by side.
    for (const moment of MOMENTS)
      if (common[moment] === this.last[moment]) common[moment] = this.last[moment];
      else this.last[moment] = common[moment];
    return event.type === 'weatherSeen' ? this.weather(event) : event;
  }

  private weather(event: WeatherSeen): WeatherSeen {
    event.cell = this.text(event.cell);
    for (const name of COLUMNS) {
      const column = event[name];
      if (column) event[name] = this.column(column);
    }
    return event;
  }

  private text(text: string): string {
    const held = this.texts.get(text);
    if (held !== undefined) return held;
    this.texts.set(text, text);
    return text;
  }

  private column(column: Column): Column {
    if (column.length !== HOURS) return column;
    if (column.every((value) => value === 0)) return (this.dryDay ??= column);
    const pointing = POINTERS.slice();
    for (let hour = 0; hour < HOURS; hour++) pointing[hour] = this.number(column[hour] ?? null);
    return pointing;
  }

  private number(value: number | null): number | null {
    if (value === null) return null;
    const place = Math.round(value * 1000) & (PLACES - 1);
    const held = this.numbers[place] ?? null;
    if (held === value) return held;
    this.numbers[place] = value;
    return value;
  }
}
