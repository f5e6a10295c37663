import * as z from 'zod/mini';

/** What something cost, in the rider's money; null: not known, which is not free. */
export const priceSchema = z.nullable(z.number().check(z.gte(0), z.lte(100_000)));

/** What the rider counts in (a code of ISO 4217; null: not said), and the power they ride at. */
export const moneySettingsSchema = z.object({
  currency: z.nullable(z.string().check(z.regex(/^[A-Z]{3}$/))),
  watts: z.number().check(z.gte(30), z.lte(600)),
});
