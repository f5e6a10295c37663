import { proxy, wrap } from 'comlink';
import type { PlanAnswer } from '@/core/plan/planner';
import type { PlanRequest } from '@/core/plan/request';
import type { PlanApi } from './plan.worker';

export interface Planning {
  /** Null when it was cancelled or the worker failed. */
  done: Promise<PlanAnswer | null>;
  cancel: () => void;
}

/** Makes a plan in a worker. */
export function plan(request: PlanRequest, onProgress: (share: number) => void): Planning {
  const worker = new Worker(new URL('./plan.worker.ts', window.location.href));
  const api = wrap<PlanApi>(worker);
  let giveUp = () => undefined as void;
  const over = new Promise<null>((resolve) => {
    giveUp = () => resolve(null);
    worker.onerror = giveUp;
  });
  const done = Promise.race([api.plan(request, proxy(onProgress)), over]).finally(() =>
    worker.terminate(),
  );
  return { done, cancel: giveUp };
}
