import * as z from 'zod/mini';
import { BENCH_SCHOOLS, TOOLS, WATERS } from './workshop';
import { STANDARD_NAMES } from './standards';
import { CLEANING_HABITS, WISHES } from './wishes';
import { SCHOOLS } from '../lube/schools';
import { UNITS } from '../units/convert';
import { csvMappingSchema } from './csvMapping';
import { THEMES, WEATHER_SOURCES, WEEK_STARTS } from './kinds';
import { planSettingsSchema } from './plan';
import { moneySettingsSchema } from './price';
import { roundSettingsSchema } from './roundEvents';
import { stampsSchema } from './stamps';

export const settingsSchema = z.object({
  units: z.object({
    distance: z.enum(UNITS.distance),
    height: z.enum(UNITS.height),
    temperature: z.enum(UNITS.temperature),
    rain: z.enum(UNITS.rain),
    clock: z.enum(UNITS.clock),
  }),
  /** Whether single letters on a keyboard do something. */
  keys: z.boolean(),
  /** The first day of a week, 1 Monday to 7 Sunday (ISO 8601). */
  weekStart: z.literal(WEEK_STARTS),
  standard: z.enum(STANDARD_NAMES),
  theme: z.enum(THEMES),
  /** Where the weather of rides comes from. */
  weatherSource: z.enum(WEATHER_SOURCES),
  /** Whether rides can be fetched from the ride recorder. */
  recorder: z.boolean(),
  /** Which bike rides with a clue were ridden on: see `clueOf`. */
  bikeRules: z.record(z.string().check(z.maxLength(700)), z.string().check(z.maxLength(64))),
  /** What the columns of tables seen before are, by `headerKey`. */
  csvMappings: z.record(z.string().check(z.maxLength(500)), csvMappingSchema),
  /** How lubes are chosen: see `core/choice`. */
  choice: z.object({
    habit: z.enum(CLEANING_HABITS),
    pot: z.boolean(),
    /** Minutes a week, and hours from lubing to the next ride, the rider has; null: enough. */
    minutesPerWeek: z.nullable(z.number().check(z.gte(0), z.lte(600))),
    leadHours: z.nullable(z.number().check(z.gte(0), z.lte(72))),
    wishes: z.record(z.enum(WISHES), z.number().check(z.gte(0), z.lte(3))),
  }),
  schools: z.object({
    amount: z.enum(SCHOOLS.amount),
    sides: z.enum(SCHOOLS.sides),
    oldCoat: z.enum(SCHOOLS.oldCoat),
    waxInWet: z.enum(SCHOOLS.waxInWet),
    household: z.enum(SCHOOLS.household),
    products: z.enum(SCHOOLS.products),
    between: z.enum(SCHOOLS.between),
    degreaser: z.enum(SCHOOLS.degreaser),
  }),
  /** What the rider works with, and how: see `core/bench`. */
  workshop: z.object({
    tools: z.array(z.enum(TOOLS)),
    water: z.enum(WATERS),
    outdoors: z.boolean(),
    schools: z.object({
      where: z.enum(BENCH_SCHOOLS.where),
      wipeAfter: z.enum(BENCH_SCHOOLS.wipeAfter),
      chainOff: z.enum(BENCH_SCHOOLS.chainOff),
      washOrder: z.enum(BENCH_SCHOOLS.washOrder),
      rotor: z.enum(BENCH_SCHOOLS.rotor),
      pivots: z.enum(BENCH_SCHOOLS.pivots),
      newChain: z.enum(BENCH_SCHOOLS.newChain),
    }),
  }),
  /** What the planner weighs: see `core/plan`. */
  plan: planSettingsSchema,
  money: moneySettingsSchema,
  rounds: roundSettingsSchema,
  /** Drops the rider counted into a millilitre. */
  dropsPerMl: z.number().check(z.gte(5), z.lte(200)),
  changedAt: z.iso.datetime(),
  stamps: stampsSchema,
});

export type Settings = z.infer<typeof settingsSchema>;
