import * as z from 'zod/mini';

/** What is used of an answer of RFC 9457, application/problem+json. */
export const problemReplySchema = z.object({ detail: z.string().check(z.maxLength(300)) });
