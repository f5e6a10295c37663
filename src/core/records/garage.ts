import * as z from 'zod/mini';
import {
  BRAKE_KINDS,
  CLOSURES,
  DRIVES,
  FRAME_FINISHES,
  GEARS,
  STORAGE_PLACES,
  WHEEL_FIXINGS,
  type RecordKind,
} from './kinds';
import { partSchema } from './part';
import { plannedRideSchema, planMarkSchema } from './plan';
import { productSchema } from './product';
import { priceSchema } from './price';
import { stampsSchema } from './stamps';
import { trialSchema } from './trial';

/** What stands in the garage. Records carry stamps, so that two copies merge field by field. */
const id = z.string().check(z.minLength(1), z.maxLength(64));
const name = z.string().check(z.trim(), z.minLength(1), z.maxLength(60));
const instant = z.iso.datetime();

export const bikeSchema = z.object({
  id,
  name,
  /** Teeth of each chainring, largest first. */
  rings: z.array(z.int().check(z.gte(20), z.lte(70))).check(z.minLength(1), z.maxLength(3)),
  smallestCog: z.int().check(z.gte(9), z.lte(30)),
  largestCog: z.int().check(z.gte(9), z.lte(60)),
  /** Teeth of every cog, smallest first; null: not said, and taken to be spaced evenly. */
  cogs: z.nullable(
    z.array(z.int().check(z.gte(9), z.lte(60))).check(z.minLength(1), z.maxLength(14)),
  ),
  /** From bottom bracket to axle, and from the middle of the frame to the middle of the rings, mm; null: not measured. */
  chainstayMm: z.nullable(z.number().check(z.gte(300), z.lte(700))),
  chainlineMm: z.nullable(z.number().check(z.gte(30), z.lte(70))),
  speeds: z.int().check(z.gte(1), z.lte(14)),
  gear: z.enum(GEARS),
  drive: z.enum(DRIVES),
  brake: z.enum(BRAKE_KINDS),
  mudguards: z.boolean(),
  /** A case that encloses the whole chain. */
  chainCase: z.boolean(),
  ebike: z.boolean(),
  storage: z.enum(STORAGE_PLACES),
  wheel: z.enum(WHEEL_FIXINGS),
  /** A chainring with wide and narrow teeth by turns. */
  narrowWide: z.boolean(),
  frame: z.enum(FRAME_FINISHES),
  /** The bottle that is at hand first at the bench; null or not there: the one used last. */
  usualBottle: z.optional(z.nullable(id)),
  /** Out of use: kept because the logbook speaks of it. */
  retired: z.boolean(),
  changedAt: instant,
  stamps: stampsSchema,
});

export const chainSchema = z.object({
  id,
  name,
  links: z.int().check(z.gte(40), z.lte(250)),
  speeds: z.int().check(z.gte(1), z.lte(14)),
  closure: z.enum(CLOSURES),
  /** How often its maker lets a reusable link be opened; null: not known. */
  openingsAllowed: z.nullable(z.int().check(z.gte(1), z.lte(100))),
  /** It, or its link, runs one way only: arrow or markings tell. */
  directional: z.boolean(),
  /** What it cost; null: not known. */
  price: priceSchema,
  retired: z.boolean(),
  changedAt: instant,
  stamps: stampsSchema,
});

/** The shape of each kind of record a garage holds. */
export const RECORD_SCHEMAS = {
  bikes: bikeSchema,
  chains: chainSchema,
  parts: partSchema,
  /** What stands on the shelf. */
  products: productSchema,
  /** Rides to come, and the rider's word on the plan. */
  planned: plannedRideSchema,
  planMarks: planMarkSchema,
  /** Habits tried against each other. */
  trials: trialSchema,
} as const;

export type RecordOf<K extends RecordKind> = z.infer<(typeof RECORD_SCHEMAS)[K]>;
export type AnyRecord = RecordOf<RecordKind>;

/** Records by kind and id. */
export type Garage = { readonly [K in RecordKind]: Readonly<Record<string, RecordOf<K>>> };

export type Bike = z.infer<typeof bikeSchema>;
export type Chain = z.infer<typeof chainSchema>;
export type Part = z.infer<typeof partSchema>;
