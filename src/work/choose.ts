import { proxy, wrap } from 'comlink';
import type { Curve } from '@/core/choice';
import type { ChoiceApi, ChoiceJob } from './choice.worker';

export type { ChoiceJob };

export interface Choosing {
  /** Null when it was cancelled or the worker failed. */
  done: Promise<{ bikeId: string; curves: Curve[] }[] | null>;
  cancel: () => void;
}

/** Rides the seasons of a choice in a worker. */
export function choose(jobs: ChoiceJob[], onProgress: (share: number) => void): Choosing {
  const worker = new Worker(new URL('./choice.worker.ts', window.location.href));
  const api = wrap<ChoiceApi>(worker);
  let giveUp = () => undefined as void;
  const over = new Promise<null>((resolve) => {
    giveUp = () => resolve(null);
    worker.onerror = giveUp;
  });
  const done = Promise.race([api.choose(jobs, proxy(onProgress)), over]).finally(() =>
    worker.terminate(),
  );
  return { done, cancel: giveUp };
}
