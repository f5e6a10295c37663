import * as z from 'zod/mini';
import { plannedRideSchema, planMarkSchema } from '../plan/schema';
import { productSchema } from '../shelf/schema';
import { stampsSchema } from '../logbook/fields';

/** What stands in the garage. Records carry stamps, so that two copies merge field by field. */
const id = z.string().check(z.minLength(1), z.maxLength(64));
const name = z.string().check(z.trim(), z.minLength(1), z.maxLength(60));
const instant = z.iso.datetime();

export const STORAGE_PLACES = ['indoors', 'shed', 'outdoors'] as const;
export const BRAKE_KINDS = ['rim', 'disc, cable', 'disc, hydraulic', 'drum or coaster'] as const;
export const DRIVES = ['freewheel', 'fixed', 'coaster'] as const;
export const GEARS = ['derailleur', 'hub', 'single'] as const;
export const WHEEL_FIXINGS = ['quick release', 'thru axle', 'nuts'] as const;
export const FRAME_FINISHES = ['gloss', 'matt', 'bare metal'] as const;
export const CLOSURES = ['reusable link', 'single-use link', 'connecting pin'] as const;

export const bikeSchema = z.object({
  id,
  name,
  /** Teeth of each chainring, largest first. */
  rings: z.array(z.int().check(z.gte(20), z.lte(70))).check(z.minLength(1), z.maxLength(3)),
  smallestCog: z.int().check(z.gte(9), z.lte(30)),
  largestCog: z.int().check(z.gte(9), z.lte(60)),
  speeds: z.int().check(z.gte(1), z.lte(14)),
  gear: z.enum(GEARS),
  drive: z.enum(DRIVES),
  brake: z.enum(BRAKE_KINDS),
  mudguards: z.boolean(),
  ebike: z.boolean(),
  storage: z.enum(STORAGE_PLACES),
  wheel: z.enum(WHEEL_FIXINGS),
  /** A chainring with wide and narrow teeth by turns. */
  narrowWide: z.boolean(),
  frame: z.enum(FRAME_FINISHES),
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
  /** It, or its link, runs one way only: arrow or markings tell. */
  directional: z.boolean(),
  retired: z.boolean(),
  changedAt: instant,
  stamps: stampsSchema,
});

/** The kinds of record a garage holds, with the shape of each. Whoever goes through all goes through this list. */
export const RECORD_SCHEMAS = {
  bikes: bikeSchema,
  chains: chainSchema,
  /** What stands on the shelf. */
  products: productSchema,
  /** Rides to come, and the rider's word on the plan. */
  planned: plannedRideSchema,
  planMarks: planMarkSchema,
} as const;

export type RecordKind = keyof typeof RECORD_SCHEMAS;
export type RecordOf<K extends RecordKind> = z.infer<(typeof RECORD_SCHEMAS)[K]>;
export type AnyRecord = RecordOf<RecordKind>;
export const RECORD_KINDS = Object.keys(RECORD_SCHEMAS) as RecordKind[];

/** Records by kind and id. */
export type Garage = { readonly [K in RecordKind]: Readonly<Record<string, RecordOf<K>>> };

export type Bike = z.infer<typeof bikeSchema>;
export type Chain = z.infer<typeof chainSchema>;
export type StoragePlace = (typeof STORAGE_PLACES)[number];
