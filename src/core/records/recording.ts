import * as z from 'zod/mini';
import { common, id } from './common';

/** Third-octave bands from 400 Hz to 8 kHz. */
const BAND_COUNT = 14;
const teeth = (least: number, most: number) => z.int().check(z.gte(least), z.lte(most));

/** A chain recorded as it turned at the stand: numbers, and no sound. */
export const chainRecorded = z.object({
  ...common,
  type: z.literal('chainRecorded'),
  bikeId: id,
  chainId: id,
  ring: teeth(18, 70),
  cog: teeth(9, 60),
  /** Turns of the cranks a minute, and how long it was listened to, s. */
  perMinute: z.number().check(z.gte(10), z.lte(200)),
  seconds: z.number().check(z.gte(1), z.lte(600)),
  /** A-weighted level of each band, dB below full scale, and its scatter from second to second; null: not recorded so high. */
  db: z.array(z.nullable(z.number().check(z.gte(-200), z.lte(20)))).check(z.length(BAND_COUNT)),
  sd: z.array(z.nullable(z.number().check(z.gte(0), z.lte(60)))).check(z.length(BAND_COUNT)),
  /** It is this bike's quiet in this gear: just cleaned and coated. */
  quiet: z.boolean(),
  /** How much louder it was than that between 2 and 8 kHz; null: there was none to hold it against. */
  louder: z.nullable(
    z.object({
      db: z.number().check(z.gte(-80), z.lte(80)),
      sd: z.number().check(z.gte(0.1), z.lte(60)),
    }),
  ),
});

export type ChainRecorded = z.infer<typeof chainRecorded>;
