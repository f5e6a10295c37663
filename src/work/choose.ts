import { proxy, wrap } from 'comlink';
import type { Curve } from '@/core/choice/rank';
import type { ChoiceApi, ChoiceJob } from './choice.worker';
import { runInWorker, type Hired } from './runInWorker';

export type { ChoiceJob };

export interface Choosing {
  /** Null when it was cancelled or the worker failed. */
  done: Promise<{ bikeId: string; curves: Curve[] }[] | null>;
  cancel: () => void;
}

/** A season that is silent for longer than this is given up. */
const TIMEOUT_MS = 60_000;

/** Rides the seasons of a choice in a worker. */
export function choose(jobs: ChoiceJob[], onProgress: (share: number) => void): Choosing {
  const worker = new Worker(new URL('./choice.worker.ts', window.location.href));
  const hired: Hired<ChoiceApi> = { worker, api: wrap<ChoiceApi>(worker) };
  const stop = new AbortController();
  const call = (api: Hired<ChoiceApi>['api'], alive: () => void) =>
    api.choose(
      jobs,
      proxy((share: number) => {
        alive();
        onProgress(share);
      }),
    );
  const done = runInWorker(hired, call, { timeoutMs: TIMEOUT_MS, signal: stop.signal });
  return {
    done: done.then((ended) => {
      worker.terminate();
      return ended.value ?? null;
    }),
    cancel: () => stop.abort(),
  };
}
