import type { LogEvent } from '@/core/records/event';
import { heldRide } from './heldRide';
import { heldWeather } from './heldWeather';

const MOMENTS = ['at', 'recordedAt'] as const;

/**
 * Holds once what a log says thousands of times, for it is read anew at each opening and each text of it would be an
 * object of its own; hours of weather and paths and gears of rides as texts. The events say the same, to the last sign.
 */
export class HeldOnce {
  private readonly texts = new Map<string, string>();
  private readonly last = { at: '', recordedAt: '' };

  /** Takes an event just read, which nobody else holds yet, and returns it. */
  event(event: LogEvent): LogEvent {
    const common: { type: string; zone: string; at: string; recordedAt: string } = event;
    common.type = this.text(common.type);
    common.zone = this.text(common.zone);
    // Weather is written down by the day, for many squares at once: its events stand side by side.
    for (const moment of MOMENTS)
      if (common[moment] === this.last[moment]) common[moment] = this.last[moment];
      else this.last[moment] = common[moment];
    if (event.type === 'rideLogged') return heldRide(event);
    if (event.type !== 'weatherSeen') return event;
    event.cell = this.text(event.cell);
    return heldWeather(event);
  }

  private text(text: string): string {
    const held = this.texts.get(text);
    if (held !== undefined) return held;
    this.texts.set(text, text);
    return text;
  }
}
