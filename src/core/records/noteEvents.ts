import * as z from 'zod/mini';
import { common, id } from './common';
import { FINDINGS, SOUNDS, UNSETTLED, WEAR_TOOLS, MOST_ELONGATION } from './kinds';
import { photoSchema, swatch } from './rag';

/** What a rider reads, hears and sees of a chain. */

export const elongation = z.number().check(z.gte(0), z.lte(MOST_ELONGATION));

export const wearRead = z.object({
  ...common,
  type: z.literal('wearRead'),
  chainId: id,
  tool: z.enum(WEAR_TOOLS),
  /** Elongation in %; of a tool that only drops in or not, the middle of what that leaves open. */
  percent: elongation,
  /** What such a tool leaves open, from and to in %. */
  between: z.optional(z.tuple([elongation, elongation])),
  /** Standard deviation of the reading, %; not there: the tool's usual. */
  sd: z.optional(z.number().check(z.gte(0.005), z.lte(1))),
});

export const ragChecked = z.object({
  ...common,
  type: z.literal('ragChecked'),
  chainId: id,
  /** 1 clean to 5 black, picked from drawn swatches, or the one a photograph equals. */
  swatch,
  /** Not there: picked by eye. */
  photo: z.optional(photoSchema),
});

export const soundHeard = z.object({
  ...common,
  type: z.literal('soundHeard'),
  chainId: id,
  sound: z.enum(SOUNDS),
});

/** Looked at for stiff links and pits. */
export const chainInspected = z.object({
  ...common,
  type: z.literal('chainInspected'),
  chainId: id,
  found: z.enum(FINDINGS),
});

/** What a check at the bench had found is put right. */
export const settled = z.object({
  ...common,
  type: z.literal('settled'),
  chainId: id,
  what: z.enum(UNSETTLED),
});
