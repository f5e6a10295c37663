import { isMoment } from './rideFromFile';

/** A decoded value as text; empty where it is none. */
export const text = (value: unknown): string => (typeof value === 'string' ? value : '');

/** A decoded value as a number; null where it is none. */
export const number = (value: unknown): number | null =>
  typeof value === 'number' && Number.isFinite(value) ? value : null;

/** A decoded value as a moment, ms; null where it is none a ride can have. */
export function moment(value: unknown): number | null {
  const ms =
    value instanceof Date ? value.getTime() : typeof value === 'string' ? Date.parse(value) : NaN;
  return isMoment(ms) ? ms : null;
}
