import * as z from 'zod/mini';
import { chainSchema } from './garage';
import { photoSchema, swatch } from './rag';
import { TRIED } from './trialKinds';

const id = z.string().check(z.minLength(1), z.maxLength(64));

/** What the rider said at a step, and when (ms). A step may be marked again after a failed check. */
const markSchema = z.object({
  step: z.string().check(z.maxLength(40)),
  /** Left open: answered No, and gone on from. */
  kind: z.enum(['done', 'skipped', 'failed', 'swatch', 'left open']),
  at: z.number(),
  /** Of a swatch, 1 clean to 5 black. */
  swatch: z.nullable(swatch),
  /** Where the rag was photographed. */
  photo: z.optional(photoSchema),
  /** Why it was skipped. */
  why: z.string().check(z.maxLength(200)),
});

/** A chain out of its box: where it goes, how it will stand in the garage, and whether the one it replaces is kept. */
const boxedSchema = z.object({
  bikeId: id,
  chain: chainSchema,
  /** The chain that comes off; null: none was on. */
  replaces: z.nullable(id),
  keepsOld: z.boolean(),
});
export type Boxed = z.infer<typeof boxedSchema>;

/** A session at the bench as it is kept. */
export const runSchema = z.object({
  /** 1: begun before procedures were made from acts; see `upgrade` of the bench. */
  version: z.union([z.literal(1), z.literal(2)]),
  chainId: id,
  /** What it takes off the shelf. */
  bottleId: z.nullable(id),
  underId: z.nullable(id),
  cleanerId: z.nullable(id),
  startedAt: z.number(),
  marks: z.array(markSchema).check(z.maxLength(1000)),
  /** Cautions acknowledged in this session. */
  acknowledged: z.array(z.string()).check(z.maxLength(50)),
  /** Share of a coat that is on when the bottle ran out; 1: all of it. */
  coat: z.number().check(z.gte(0), z.lte(1)),
  note: z.string().check(z.maxLength(500)),
  /** Checked where it is taken up again: it must still give a procedure. */
  job: z.unknown(),
  /** Of a coat for a trial: how it was done; not there: as its turn was. */
  tried: z.optional(z.enum(TRIED)),
  /** Of the fitting of a new chain. */
  boxed: z.optional(boxedSchema),
});

export type StoredRun = z.infer<typeof runSchema>;
export type Mark = z.infer<typeof markSchema>;
