import type * as z from 'zod/mini';
import { fail, ok, type Result } from '@/core/problem';
import { loadValidation, type Validation } from '@/core/validation/load';

/** An answer that takes longer than this does not come. */
const MOST_MS = 15_000;

/** Asks for bytes; what can go wrong outside comes back as a problem. */
export async function ask(address: string): Promise<Result<Response>> {
  try {
    const response = await fetch(address, { signal: AbortSignal.timeout(MOST_MS) });
    if (response.ok) return ok(response);
    if (response.status >= 500) return fail('outside/offline');
    const { problemReplySchema } = await loadValidation();
    const reply = problemReplySchema.safeParse(await response.json().catch(() => null));
    const reason = reply.success ? reply.data.detail : `answer ${response.status}.`;
    return fail('outside/refused', { reason });
  } catch {
    return fail('outside/offline');
  }
}

/** Asks for JSON of a shape of those that validate. */
export async function askJson<T>(
  address: string,
  shape: (shapes: Validation) => z.ZodMiniType<T>,
): Promise<Result<T>> {
  const response = await ask(address);
  if (!response.ok) return response;
  const body: unknown = await response.value.json().catch(() => null);
  const parsed = shape(await loadValidation()).safeParse(body);
  return parsed.success ? ok(parsed.data) : fail('outside/nonsense');
}
