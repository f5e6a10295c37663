import * as z from 'zod/mini';
import { plannedRideSchema, planMarkSchema } from '../plan/schema';
import { productSchema } from '../shelf/schema';

/** What stands in the garage. Records carry `changedAt`, so that of two versions the newer wins. */
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
});

export const garageSchema = z.object({
  bikes: z.record(id, bikeSchema),
  chains: z.record(id, chainSchema),
  /** What stands on the shelf. */
  products: z.record(id, productSchema),
  /** Rides to come, and the rider's word on the plan. */
  planned: z.record(z.string().check(z.maxLength(200)), plannedRideSchema),
  planMarks: z.record(id, planMarkSchema),
});

export type Bike = z.infer<typeof bikeSchema>;
export type Chain = z.infer<typeof chainSchema>;
export type Garage = z.infer<typeof garageSchema>;
export type StoragePlace = (typeof STORAGE_PLACES)[number];

export const EMPTY_GARAGE: Garage = {
  bikes: {},
  chains: {},
  products: {},
  planned: {},
  planMarks: {},
};
