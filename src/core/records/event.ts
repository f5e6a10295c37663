import * as z from 'zod/mini';
import { LUBE_CLASS_NAMES } from '../lube/classes';
import { common, id } from './common';
import { faultFollowed, faultFound, partNoted } from './faultEvents';
import { chainRecorded } from './recording';
import { roundDone } from './roundEvents';
import {
  CLEAN_METHODS,
  DEPTHS,
  DRYINGS,
  LONGEST_RIDE_KM,
  SURFACES,
  UNSETTLED,
  WEATHER_WORDS,
} from './kinds';
import {
  chainInspected,
  elongation,
  ragChecked,
  settled,
  soundHeard,
  wearRead,
} from './noteEvents';
import { photoSchema, swatch } from './rag';
import { triedSchema } from './trial';
import { partFitted, partRemoved, type partStartSchema } from './part';

/**
 * The logbook is the truth: append-only events. Everything shown is replayed from them, so an event
 * is never changed or deleted; a correction is another event that names its target.
 */
const share = z.number().check(z.gte(0), z.lte(1));

const lubeClass = z.enum(LUBE_CLASS_NAMES);

/** What is known of a chain at its first fitting. */
export const chainStartSchema = z.object({
  lube: z.nullable(lubeClass),
  kmSinceLube: z.number().check(z.gte(0), z.lte(5000)),
  look: z.enum(['clean', 'used', 'dirty']),
  kmBefore: z.number().check(z.gte(0), z.lte(100_000)),
  /** A wear reading taken when fitting; some new chains already read high. */
  wearPercent: z.nullable(elongation),
});

const rideLogged = z.object({
  ...common,
  type: z.literal('rideLogged'),
  bikeId: id,
  distanceKm: z.number().check(z.positive(), z.lte(LONGEST_RIDE_KM)),
  /** Null: worked out from the distance and the usual speed on the surface. */
  durationH: z.nullable(z.number().check(z.positive(), z.lte(72))),
  weather: z.enum(WEATHER_WORDS),
  surface: z.enum(SURFACES),
  mud: z.boolean(),
  salted: z.boolean(),
  note: z.string().check(z.maxLength(500)),
  /** Metres climbed; null where the recorder has no figure. */
  climbM: z.nullable(z.number().check(z.gte(0), z.lte(30_000))),
  /** Where it went, coarsely, for the weather: degrees to 0.01 and minutes since the start. */
  path: z.nullable(
    z
      .array(
        z.tuple([
          z.number().check(z.gte(-90), z.lte(90)),
          z.number().check(z.gte(-180), z.lte(180)),
          z.number().check(z.gte(0), z.lte(20_000)),
        ]),
      )
      .check(z.maxLength(500)),
  ),
  /** What the ride recorder calls it; null when it came another way. */
  recorderId: z.nullable(z.string().check(z.maxLength(100))),
  /** Minutes on each ring and cog, by their teeth; not there: nothing recorded them. */
  gears: z.optional(
    z
      .array(
        z.tuple([
          z.number().check(z.gte(18), z.lte(70)),
          z.number().check(z.gte(9), z.lte(60)),
          z.number().check(z.gte(0), z.lte(4320)),
        ]),
      )
      .check(z.maxLength(60)),
  ),
});

const gotWet = z.object({
  ...common,
  type: z.literal('gotWet'),
  bikeId: id,
  how: z.enum(['stood in rain', 'washed']),
});

const workDone = z.object({
  ...common,
  type: z.literal('workDone'),
  chainId: id,
  method: z.enum(CLEAN_METHODS),
  /** Cassette, rings and jockey wheels cleaned in the same session. */
  cogsCleaned: z.boolean(),
  /** Number of baths and the size of each; used by the method `baths`. */
  baths: z.object({
    count: z.int().check(z.gte(1), z.lte(6)),
    ml: z.number().check(z.gte(30), z.lte(2000)),
  }),
  drying: z.enum(DRYINGS),
  lube: z.nullable(
    z.object({
      lubeClass,
      coat: share,
      /** Wiped off the outside afterwards. */ wiped: z.boolean(),
    }),
  ),
  /** What came off the shelf for it: ml, g or pieces of each product. */
  used: z
    .array(z.object({ productId: id, amount: z.number().check(z.gte(0), z.lte(100_000)) }))
    .check(z.maxLength(20)),
  minutes: z.nullable(z.number().check(z.gte(0), z.lte(1440))),
  /** As it was guided at the bench; null: written down afterwards. */
  depth: z.nullable(z.enum(DEPTHS)),
  /** Checks answered No and left so; not there: none. */
  leftOpen: z.optional(z.array(z.enum(UNSETTLED)).check(z.maxLength(10))),
  /** Rag swatches read while cleaning, 1 clean to 5 black, in order. */
  swatches: z.array(swatch).check(z.maxLength(20)),
  /** Of the last of them, where it was photographed. */
  photo: z.optional(photoSchema),
  note: z.string().check(z.maxLength(500)),
  /** For a trial: how its coat was put on. */
  trial: z.optional(triedSchema),
});

const chainFitted = z.object({
  ...common,
  type: z.literal('chainFitted'),
  chainId: id,
  bikeId: id,
  /** Null when the chain has been in the logbook before: it goes on as it was. */
  start: z.nullable(chainStartSchema),
});

const chainRemoved = z.object({ ...common, type: z.literal('chainRemoved'), chainId: id });

const plainEvents = [
  rideLogged,
  gotWet,
  workDone,
  chainFitted,
  chainRemoved,
  partFitted,
  partRemoved,
  wearRead,
  ragChecked,
  soundHeard,
  chainInspected,
  settled,
  faultFound,
  faultFollowed,
  partNoted,
  roundDone,
  chainRecorded,
] as const;

const plainEventSchema = z.discriminatedUnion('type', plainEvents);

const column = (least: number, most: number) =>
  z.array(z.nullable(z.number().check(z.gte(least), z.lte(most)))).check(z.length(24));

/**
 * The weather of a UTC day (`at` is its start) in one square, hour by hour, from one source. Of two
 * of the same day and square the one written down later counts.
 */
const weatherSeen = z.object({
  ...common,
  type: z.literal('weatherSeen'),
  source: z.enum(['service', 'file']),
  cell: z.string().check(z.regex(/^-?\d+\.\d{3},-?\d+\.\d{3}$/)),
  rainMm: column(0, 400),
  temperatureC: column(-60, 60),
  humidity: column(0, 1),
  windMs: column(0, 120),
  /** Short-wave radiation, MJ/m² in the hour; not there: the source has none, and it is reckoned. */
  sunMj: z.optional(column(0, 6)),
});

const eventStruck = z.object({ ...common, type: z.literal('eventStruck'), target: id });

const eventAmended = z.object({
  ...common,
  type: z.literal('eventAmended'),
  target: id,
  /** The whole event as it should have read, under the target's own id. */
  replacement: plainEventSchema,
});

export const logEventSchema = z.discriminatedUnion('type', [
  ...plainEvents,
  weatherSeen,
  eventStruck,
  eventAmended,
]);

export type LogEvent = z.infer<typeof logEventSchema>;
export type PlainEvent = z.infer<typeof plainEventSchema>;
export type Correction = z.infer<typeof eventStruck> | z.infer<typeof eventAmended>;
export type RideLogged = z.infer<typeof rideLogged>;
export type PathPoint = NonNullable<RideLogged['path']>[number];
export type WeatherSeen = z.infer<typeof weatherSeen>;
export type WorkDone = z.infer<typeof workDone>;
export type PartStart = z.infer<typeof partStartSchema>;
export type WearRead = z.infer<typeof wearRead>;
export type ChainFitted = z.infer<typeof chainFitted>;
export type ChainStart = z.infer<typeof chainStartSchema>;
