import * as z from 'zod/mini';
import { common, id } from './common';
import { CAUSES, FAULT_STATES, FOLLOWED, NOISES, NOTABLE, SIDES } from './faults';

/** Where on a chain: links on from its closure, the way the chain runs, and on which side. */
const place = z.object({
  links: z.int().check(z.gte(0), z.lte(250)),
  side: z.enum(SIDES),
});

/** The cause of a noise, as a search or the rider's own eyes found it. */
export const faultFound = z.object({
  ...common,
  type: z.literal('faultFound'),
  bikeId: id,
  /** The chain it is a fault of; null: of the bike, whichever chain is on it. */
  chainId: z.nullable(id),
  /** What was heard; null: nothing was. */
  noise: z.nullable(z.enum(NOISES)),
  cause: z.enum(CAUSES),
  place: z.nullable(place),
  /** The step that showed it, by its name; null: none did. */
  showed: z.nullable(z.string().check(z.maxLength(40))),
  state: z.enum(FAULT_STATES),
});

/** What became of a fault: put right later, or what the next ride sounded like. */
export const faultFollowed = z.object({
  ...common,
  type: z.literal('faultFollowed'),
  bikeId: id,
  /** The finding it speaks of. */
  fault: id,
  outcome: z.enum(FOLLOWED),
});

/** Something seen on a part that makes no noise yet, or is put right. */
export const partNoted = z.object({
  ...common,
  type: z.literal('partNoted'),
  bikeId: id,
  /** Of a link: its chain. */
  chainId: z.nullable(id),
  what: z.enum(NOTABLE),
  place: z.nullable(place),
  putRight: z.boolean(),
});

export type FaultFound = z.infer<typeof faultFound>;
export type FaultFollowed = z.infer<typeof faultFollowed>;
export type PartNoted = z.infer<typeof partNoted>;
export type Place = z.infer<typeof place>;
