/** The last moment that is written with four digits of a year, ms. */
const LAST = Date.UTC(9999, 11, 31);

/** A moment (ms) as events write theirs: UTC text, whose order is that of time. Cut off at the year 9999. */
export const instantOf = (ms: number): string => new Date(Math.min(ms, LAST)).toISOString();
