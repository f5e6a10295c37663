import * as z from 'zod/mini';
import { common, id } from './common';
import { PART_ENDS, PART_KINDS } from './kinds';
import { priceSchema } from './price';
import { stampsSchema } from './stamps';

/** A cassette, a chainring or a pair of jockey wheels: on a bike, in the spare box, or gone. */
export const partSchema = z.object({
  id,
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(60)),
  kind: z.enum(PART_KINDS),
  /** What it cost; null: not known. */
  price: priceSchema,
  /** Gone for good, and how: kept because the logbook speaks of it. */
  end: z.nullable(z.enum(PART_ENDS)),
  retired: z.boolean(),
  changedAt: z.iso.datetime(),
  stamps: stampsSchema,
});

/** What is known of a part at its first fitting. */
export const partStartSchema = z.object({
  kmBefore: z.number().check(z.gte(0), z.lte(200_000)),
  /** Chains it has worn out before; null: not known. */
  chainsBefore: z.nullable(z.int().check(z.gte(0), z.lte(20))),
});

export const partFitted = z.object({
  ...common,
  type: z.literal('partFitted'),
  partId: id,
  bikeId: id,
  /** Null when the part has been in the logbook before: it goes on as it was. */
  start: z.nullable(partStartSchema),
});

export const partRemoved = z.object({
  ...common,
  type: z.literal('partRemoved'),
  partId: id,
  bikeId: id,
});
