import * as z from 'zod/mini';

const column = z.string().check(z.maxLength(200));
const optional = z.nullable(column);

/** Which column of a table is what, and how its figures are written; columns go by their names in the header. */
export const csvMappingSchema = z.object({
  start: column,
  /** Where date and time stand apart. */
  time: optional,
  distance: column,
  unit: z.enum(['km', 'mi', 'm']),
  /** Time in motion. */
  duration: optional,
  /** Of a plain number. */
  durationUnit: z.enum(['h', 'min', 's']),
  /** What "52:10" is. */
  clock: z._default(z.enum(['h:mm', 'mm:ss']), 'h:mm'),
  /** Time from start to end. */
  elapsed: z._default(optional, null),
  climb: optional,
  climbUnit: z._default(z.enum(['m', 'ft']), 'm'),
  name: optional,
  gear: optional,
  sport: optional,
  dayOrder: z.enum(['day first', 'month first']),
  /** The sign before tenths; either: each number for itself. */
  decimal: z._default(z.enum(['.', ',', 'either']), 'either'),
});

export type CsvMapping = z.infer<typeof csvMappingSchema>;
