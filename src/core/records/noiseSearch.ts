import * as z from 'zod/mini';
import { id } from './common';
import { CAUSES } from './faults';

/** A search for a noise as it is kept while it goes on: what was said and done, in order. */
const count = z.object({
  turns: z.number().check(z.gte(1), z.lte(500)),
  events: z.int().check(z.gte(0), z.lte(40_000)),
  gear: z.object({
    ring: z.int().check(z.gte(18), z.lte(70)),
    cog: z.int().check(z.gte(9), z.lte(60)),
    links: z.int().check(z.gte(40), z.lte(250)),
    jockey: z.nullable(z.int().check(z.gte(9), z.lte(20))),
    hub: z.boolean(),
  }),
});

const outcome = z.union([
  z.enum(['nothing', 'same', 'better', 'gone']),
  z.object({ found: z.enum(CAUSES) }),
]);

const act = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('answer'),
    question: z.string().check(z.maxLength(20)),
    answer: z.nullable(z.string().check(z.maxLength(40))),
  }),
  z.object({ kind: z.literal('count'), count }),
  z.object({ kind: z.literal('no count') }),
  z.object({ kind: z.literal('did'), step: z.string().check(z.maxLength(40)), outcome }),
]);

export const noiseSearchSchema = z.object({
  version: z.literal(1),
  bikeId: id,
  startedAt: z.iso.datetime(),
  acts: z.array(act).check(z.maxLength(200)),
});

export type NoiseSearch = z.infer<typeof noiseSearchSchema>;
export type Act = NoiseSearch['acts'][number];
