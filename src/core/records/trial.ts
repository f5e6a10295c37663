import * as z from 'zod/mini';
import { common, id } from './common';
import { stampsSchema } from './stamps';
import { MEASURES, TRIED, TRIED_WAYS } from './trialKinds';

const text = z.string().check(z.trim(), z.minLength(1), z.maxLength(80));

const question = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('way'), way: z.enum(TRIED_WAYS), a: text, b: text }),
  z.object({ kind: z.literal('product'), a: id, b: id }),
  z.object({ kind: z.literal('own'), ask: text, a: text, b: text }),
]);
export type TrialQuestion = z.infer<typeof question>;

/** A small trial of two habits on one bike, coat by coat. What it came to is worked out from the log. */
export const trialSchema = z.object({
  id,
  bikeId: id,
  question,
  measure: z.enum(MEASURES),
  /** How far after its coat a chain is read by rag, km. */
  ragKm: z.number().check(z.gte(10), z.lte(2000)),
  /** A fresh coat goes on as soon as its rag is read; else when one is due anyway. */
  again: z.boolean(),
  /** The difference its rider cares for, as a share: 0.25 is a quarter farther, or dirtier. */
  careFor: z.number().check(z.gte(0.05), z.lte(2)),
  /** Coats of each habit after which it ends, settled or not. */
  coatsAnArm: z.int().check(z.gte(2), z.lte(200)),
  startedAt: common.at,
  /** Null: it runs. */
  endedAt: z.nullable(common.at),
  retired: z.boolean(),
  changedAt: z.iso.datetime(),
  stamps: stampsSchema,
});
export type Trial = z.infer<typeof trialSchema>;

/** How a coat was put on, for a trial, as it was done. */
export const triedSchema = z.object({ id, arm: z.enum(TRIED) });
