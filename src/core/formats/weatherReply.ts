import * as z from 'zod/mini';

/** What the weather service answers: columns of hours from `from` on. */
export const weatherReplySchema = z.object({
  /** Start of the first hour. */
  from: z.iso.datetime(),
  /** Hours from this moment on are forecast; null when none are. */
  forecastFrom: z.nullable(z.iso.datetime()),
  /** Precipitation, mm. */
  rainMm: z.array(z.number().check(z.gte(0), z.lte(400))),
  /** Chance of any precipitation, 0 to 1; of hours past it is 0 or 1. */
  probability: z.array(z.number().check(z.gte(0), z.lte(1))),
  temperatureC: z.array(z.number().check(z.gte(-60), z.lte(60))),
  /** Relative humidity, a share. */
  humidity: z.array(z.number().check(z.gte(0), z.lte(1))),
  /** Mean wind, m/s. */
  windMs: z.array(z.number().check(z.gte(0), z.lte(120))),
  /** Short-wave radiation, MJ/m² in each hour, from services that have it. */
  sunMj: z.optional(z.array(z.number().check(z.gte(0), z.lte(6)))),
});

export type WeatherReply = z.infer<typeof weatherReplySchema>;
