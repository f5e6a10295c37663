import * as z from 'zod/mini';

/**
 * When each field of a record was last written, so that two copies merge field by field. Stamps are
 * logical: milliseconds of the writer's clock, but always above the stamp they replace, so that a change
 * made by someone who had seen the old value wins whatever the clocks say.
 */
export const stampsSchema = z.optional(z.record(z.string(), z.number().check(z.gte(0))));
