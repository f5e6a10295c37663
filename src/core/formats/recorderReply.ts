import * as z from 'zod/mini';

/** What the ride recorder lists: rides it holds and where each one's file is. */
export const recorderReplySchema = z.object({
  device: z.string(),
  rides: z.array(
    z.object({
      id: z.string().check(z.minLength(1), z.maxLength(100)),
      startedAt: z.iso.datetime(),
      distanceKm: z.number().check(z.positive(), z.lte(1000)),
      /** What the rider calls the bike there; empty when they never said. */
      gear: z.string().check(z.maxLength(200)),
      /** Name of its file, under the list's own address. */
      file: z.string().check(z.regex(/^[\w.-]+\.(fit|gpx|tcx)$/)),
    }),
  ),
});

export type RecorderReply = z.infer<typeof recorderReplySchema>;
