import * as z from 'zod/mini';

/** The name of a record or an event. */
export const id = z.string().check(z.minLength(1), z.maxLength(64));
/** UTC, exactly as `Date.toISOString` writes it, so that text order is time order. */
const instant = z.iso.datetime({ precision: 3 });
/** What every event says. */
export const common = {
  id,
  /** When it happened. */
  at: instant,
  /** The rider's time zone then, an IANA name, for showing the local hour. */
  zone: z.string().check(z.minLength(1), z.maxLength(64)),
  /** When it was written down: decides between two corrections of the same event. */
  recordedAt: instant,
};
