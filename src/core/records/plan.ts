import * as z from 'zod/mini';
import { CAPS, DEPTHS, ROUTINES, SURFACES, WEIGHTS } from './kinds';
import { stampsSchema } from './stamps';

/** A ride to come, once or every so many weeks, in the rider's local time. */
const id = z.string().check(z.minLength(1), z.maxLength(200));
export const dateSchema = z.string().check(z.regex(/^\d{4}-\d{2}-\d{2}$/));
const time = z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/));

export const plannedRideSchema = z.object({
  id,
  bikeId: id,
  title: z.string().check(z.maxLength(120)),
  /** Its day, or the first of its pattern. */
  date: dateSchema,
  time,
  distanceKm: z.number().check(z.positive(), z.lte(1000)),
  surface: z.enum(SURFACES),
  weight: z.enum(WEIGHTS),
  /** Null: once. Weekdays run from 1, Monday, to 7. */
  repeat: z.nullable(
    z.object({
      weekdays: z.array(z.int().check(z.gte(1), z.lte(7))).check(z.minLength(1), z.maxLength(7)),
      everyWeeks: z.int().check(z.gte(1), z.lte(8)),
      until: z.nullable(dateSchema),
    }),
  ),
  /** Days of the pattern on which it is not ridden. */
  except: z.array(dateSchema).check(z.maxLength(400)),
  /** What a calendar it came from calls it; null: written by hand. */
  calendarId: z.nullable(z.string().check(z.maxLength(300))),
  retired: z.boolean(),
  changedAt: z.iso.datetime(),
  stamps: stampsSchema,
});
export type PlannedRide = z.infer<typeof plannedRideSchema>;

/**
 * A rider's word on the plan: `pin`, this work on this day; `leave`, no work on the bike on the days
 * from `date` to `until`.
 */
export const planMarkSchema = z.object({
  id,
  bikeId: id,
  kind: z.enum(['pin', 'leave']),
  date: dateSchema,
  until: dateSchema,
  /** Of a pin. */
  depth: z.nullable(z.enum(DEPTHS)),
  retired: z.boolean(),
  changedAt: z.iso.datetime(),
  stamps: stampsSchema,
});
export type PlanMark = z.infer<typeof planMarkSchema>;

const minutes = z.number().check(z.gte(0), z.lte(600));
const price = z.number().check(z.gte(0), z.lte(10_000));

/** What a rider's time and chain are worth, when there is time, and what was done before there was a plan. */
export const planSettingsSchema = z.object({
  /** Minutes free for the bench from Monday to Sunday, and on days that differ. */
  minutes: z.array(minutes).check(z.length(7)),
  otherDays: z.record(dateSchema, minutes),
  /** When work usually begins. */
  benchTime: time,
  days: z.int().check(z.gte(7), z.lte(28)),
  /** Longest time between two cleans, whatever the model says. */
  cap: z.enum(CAPS),
  routine: z.object({
    name: z.enum(ROUTINES),
    weekday: z.int().check(z.gte(1), z.lte(7)),
  }),
  /** In the rider's money: an hour of their time, a chain, the share of the cassette it wears. */
  hourPrice: price,
  chainPrice: price,
  cassettePrice: price,
  /** Of 100 watt hours lost. */
  wattPrice: price,
  /** Tells of what fell due: on opening, and by the browser where it is allowed. */
  remind: z.boolean(),
  notify: z.boolean(),
  /** Until when the rider has seen what fell due. */
  seenUntil: z.nullable(z.iso.datetime()),
  /** How many jobs of each chain went out to a calendar, so that what falls away can be called off there. */
  calendar: z.record(id, z.int().check(z.gte(0), z.lte(100_000))),
});
export type PlanSettings = z.infer<typeof planSettingsSchema>;
