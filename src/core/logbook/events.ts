import type { Correction, LogEvent, PlainEvent, RideLogged } from '../records/event';

export * from '../records/kinds';
export type * from '../records/event';

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
