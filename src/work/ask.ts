import * as z from 'zod/mini';
import { fail, ok, type Result } from '@/core/problem';

/** An answer that takes longer than this does not come. */
const MOST_MS = 15_000;

const problemSchema = z.object({ detail: z.string().check(z.maxLength(300)) });

/** Asks for bytes; what can go wrong outside comes back as a problem. */
export async function ask(address: string): Promise<Result<Response>> {
  try {
    const response = await fetch(address, { signal: AbortSignal.timeout(MOST_MS) });
    if (response.ok) return ok(response);
    if (response.status >= 500) return fail('outside/offline');
    const told = problemSchema.safeParse(await response.json().catch(() => null));
    const detail = told.success ? told.data.detail : `answer ${response.status}.`;
    return fail('outside/refused', { detail });
  } catch {
    return fail('outside/offline');
  }
}

/** Asks for JSON of a given shape. */
export async function askJson<T>(address: string, schema: z.ZodMiniType<T>): Promise<Result<T>> {
  const response = await ask(address);
  if (!response.ok) return response;
  const body: unknown = await response.value.json().catch(() => null);
  const parsed = schema.safeParse(body);
  return parsed.success ? ok(parsed.data) : fail('outside/nonsense');
}
