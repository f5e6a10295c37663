import * as z from 'zod/mini';
import { common, id } from './common';
import { ROUND_ENDS, ROUNDS } from './rounds';

/** A slower round of a bike, done or looked at. */
export const roundDone = z.object({
  ...common,
  type: z.literal('roundDone'),
  bikeId: id,
  round: z.enum(ROUNDS),
  /** `workshop`: it is not for home, and a qualified mechanic is to see it. */
  end: z.enum(ROUND_ENDS),
});

/** Which rounds a rider is not to be offered. */
export const roundSettingsSchema = z.object({ off: z.array(z.enum(ROUNDS)) });
