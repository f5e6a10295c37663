import type { Remote } from 'comlink';

/** A worker and the face it shows. */
export interface Hired<Api> {
  worker: Worker;
  api: Remote<Api>;
}

/** How a call to a worker ended. */
export type Ended<T> =
  { how: 'done'; value: T } | { how: 'failed' | 'timed out' | 'cancelled'; value?: undefined };

export interface Terms {
  /** Longest silence, ms; `alive` begins it anew. */
  timeoutMs: number;
  signal?: AbortSignal;
}

/**
 * Calls a worker and returns how it ended; it never rejects. A worker that failed, hangs or was given up is
 * terminated; one that is done stays, for its owner to use again or to end.
 */
export async function runInWorker<Api, T>(
  { worker, api }: Hired<Api>,
  call: (api: Remote<Api>, alive: () => void) => Promise<T>,
  { timeoutMs, signal }: Terms,
): Promise<Ended<T>> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let give: (ended: Ended<T>) => void = () => undefined;
  const given = new Promise<Ended<T>>((resolve) => (give = resolve));
  const cancel = () => give({ how: 'cancelled' });
  let isOver = false;
  const alive = () => {
    clearTimeout(timer);
    if (!isOver) timer = setTimeout(() => give({ how: 'timed out' }), timeoutMs);
  };
  worker.onerror = () => give({ how: 'failed' });
  signal?.addEventListener('abort', cancel);
  if (signal?.aborted) cancel();
  alive();
  const called = async (): Promise<Ended<T>> => {
    try {
      return { how: 'done', value: await call(api, alive) };
    } catch {
      return { how: 'failed' };
    }
  };
  const ended = await Promise.race([given, called()]);
  // What still comes from a call that is over begins no new silence.
  isOver = true;
  clearTimeout(timer);
  signal?.removeEventListener('abort', cancel);
  worker.onerror = null;
  if (ended.how !== 'done') worker.terminate();
  return ended;
}
