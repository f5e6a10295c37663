import type { Correction, LogEvent, PlainEvent, RideLogged } from '../records/event';

/** Events before they are written down: without what the log adds. */
export type Unwritten<E = PlainEvent> = E extends unknown
  ? Omit<E, 'id' | 'zone' | 'recordedAt'>
  : never;

/** What a ride written by hand does not tell. */
export const NOT_RECORDED: Pick<RideLogged, 'climbM' | 'path' | 'recorderId'> = {
  climbM: null,
  path: null,
  recorderId: null,
};
export const isCorrection = (event: LogEvent): event is Correction =>
  event.type === 'eventStruck' || event.type === 'eventAmended';

/** Something that happened to bikes and chains: neither a correction nor the weather. */
export const isPlain = (event: LogEvent): event is PlainEvent =>
  !isCorrection(event) && event.type !== 'weatherSeen';
