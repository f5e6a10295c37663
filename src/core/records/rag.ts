import * as z from 'zod/mini';

/** A swatch of the five drawn ones: 1 clean to 5 black. */
export const swatch = z.int().check(z.gte(1), z.lte(5));

/** A rag that was photographed: numbers, and no picture. */
export const photoSchema = z.object({
  /** K/S of its marks beside the clean cloth around them (Kubelka and Munk 1931). */
  absorber: z.number().check(z.gte(0), z.lte(200)),
  /** The dirt outside it stood for when it was read, and its standard deviation. */
  outside: z.number().check(z.gte(0), z.lte(1)),
  sd: z.number().check(z.gte(0.01), z.lte(0.5)),
  /** Marks it was read from; 0: the rag came away clean. */
  patches: z.int().check(z.gte(0), z.lte(60)),
  /** The swatch the rider picked beside it; null: none. */
  picked: z.nullable(swatch),
});

export type RagPhoto = z.infer<typeof photoSchema>;
