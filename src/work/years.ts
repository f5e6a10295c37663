import { proxy, wrap } from 'comlink';
import type { Again } from '@/core/money/against';
import type { RegimeName } from '@/core/years/regimes';
import type { YearsAsked } from '@/core/years/years';
import { addFigures, type YearsFigures } from '@/core/years/figures';
import { runInWorker, type Hired } from './runInWorker';
import type { YearsApi } from './years.worker';

/** A part that takes longer than this does not come. */
const TIMEOUT_MS = 60_000;
/** More workers than this gain nothing on a phone. */
const MOST_WORKERS = 4;

const hire = (): Hired<YearsApi> => {
  const worker = new Worker(new URL('./years.worker.ts', window.location.href));
  return { worker, api: wrap<YearsApi>(worker) };
};

export interface Years {
  /** All figures; null when it was cancelled or a worker failed. */
  done: Promise<YearsFigures | null>;
  cancel: () => void;
}

/**
 * Plays the futures of a question in a pool of workers. `onFigures` gets all that is known by then, the first of it
 * rough, with the share that is done.
 */
export function playYears(
  asked: YearsAsked,
  onFigures: (figures: YearsFigures, share: number) => void,
): Years {
  // One core stays the page's. On two cores one worker is as quick as two: what it runs is compiled on the other core.
  const cores = navigator.hardwareConcurrency || 1;
  const pool = Math.max(1, Math.min(MOST_WORKERS, cores - 1));
  const stop = new AbortController();
  let figures: YearsFigures = {};
  let played = 0;
  const parts = Array.from({ length: pool }, (_, n) => {
    // Every so-many-th future, so that the first ones come first.
    const numbers = Array.from({ length: asked.futures }, (_, k) => k).filter(
      (k) => k % pool === n,
    );
    const hired = hire();
    const call = (api: Hired<YearsApi>['api'], alive: () => void) =>
      api.years(
        asked,
        numbers,
        proxy((some: readonly number[], part: YearsFigures) => {
          alive();
          figures = addFigures(figures, part);
          played += some.length;
          onFigures(figures, played / asked.futures);
        }),
      );
    return runInWorker(hired, call, { timeoutMs: TIMEOUT_MS, signal: stop.signal }).then(
      (ended) => {
        hired.worker.terminate();
        if (ended.how !== 'done') stop.abort();
        return ended.how === 'done';
      },
    );
  });
  return {
    done: Promise.all(parts).then((all) => (all.every(Boolean) ? figures : null)),
    cancel: () => stop.abort(),
  };
}

/** What the rides of the log would have cost under other care; null when the worker failed. */
export async function playAgain(
  again: Again,
  names: readonly RegimeName[],
): Promise<Map<RegimeName, number[]> | null> {
  const hired = hire();
  const ended = await runInWorker(hired, (api) => api.again(again, names), {
    timeoutMs: TIMEOUT_MS,
  });
  hired.worker.terminate();
  return ended.value ? new Map(ended.value) : null;
}
