import * as z from 'zod/mini';

const column = z.string().check(z.maxLength(200));

/** Which column of a table is what; columns go by their names in the header. */
export const csvMappingSchema = z.object({
  start: column,
  /** Where date and time stand apart. */
  time: z.nullable(column),
  distance: column,
  unit: z.enum(['km', 'mi', 'm']),
  duration: z.nullable(column),
  durationUnit: z.enum(['h', 'min', 's']),
  climb: z.nullable(column),
  name: z.nullable(column),
  gear: z.nullable(column),
  sport: z.nullable(column),
  dayOrder: z.enum(['day first', 'month first']),
});

export type CsvMapping = z.infer<typeof csvMappingSchema>;
